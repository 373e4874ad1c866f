import { load, type CheerioAPI } from "cheerio";
import type { Block, SourceText } from "@gentian/core/bring/source";

const SKIPPED = "script, style, noscript, template, svg, iframe, nav, form, button, [hidden], [aria-hidden=true]";
const BLOCKS = new Set(
  "p div section article main header footer aside ul ol li dl dt dd table thead tbody tfoot tr td th h1 h2 h3 h4 h5 h6 blockquote figure figcaption address pre details summary".split(
    " ",
  ),
);

type Nodes = ReturnType<CheerioAPI>;

/** A page's headings, rows and lines, and the schema.org data that it carries. What the page's reader does not see is left out. */
export function readHtml(name: string, html: string): SourceText & { title: string; links: string[] } {
  const $ = load(html);
  const data: unknown[] = [];
  $('script[type="application/ld+json"]').each((_, el) => {
    try {
      data.push(JSON.parse($(el).text()));
    } catch {
      // Data that is no JSON says nothing.
    }
  });
  const links = $("a[href]")
    .toArray()
    .map((a) => $(a).attr("href") ?? "");
  const title = $("title").first().text().trim();
  $(SKIPPED).remove();
  const blocks: Block[] = [];
  const text = (n: Nodes): string => n.text().replace(/\s+/g, " ").trim();
  const lines = (n: Nodes): string[] => {
    const copy = n.clone();
    copy.find("br").replaceWith("\n");
    return copy
      .text()
      .split("\n")
      .map((l) => l.replace(/\s+/g, " ").trim())
      .filter(Boolean);
  };
  const push = (b: Block extends infer B ? (B extends Block ? Omit<B, "at"> : never) : never): void => void blocks.push({ ...b, at: blocks.length });
  const walk = (n: Nodes): void => {
    n.contents().each((_, el) => {
      if ("data" in el && !("children" in el)) {
        const own = $(el).text().replace(/\s+/g, " ").trim();
        if (own) push({ kind: "line", text: own });
        return;
      }
      if (!("tagName" in el)) return;
      const node = $(el) as Nodes;
      const tag = el.tagName.toLowerCase();
      if (/^h[1-6]$/.test(tag)) {
        if (text(node)) push({ kind: "heading", text: text(node) });
      } else if (tag === "table") table(node);
      else if (tag === "dl") list(node);
      else if (
        node
          .children()
          .toArray()
          .some((c) => "tagName" in c && BLOCKS.has(c.tagName.toLowerCase()))
      )
        walk(node);
      else for (const l of lines(node)) push({ kind: "line", text: l });
    });
  };
  const table = (node: Nodes): void => {
    let head: string[] | undefined;
    node.find("tr").each((_, tr) => {
      const cells = $(tr)
        .children("th, td")
        .toArray()
        .flatMap((c) => [text($(c) as Nodes), ...Array.from({ length: Math.min(20, Number($(c).attr("colspan") ?? 1) - 1) }, () => "")]);
      const heads = $(tr).children("th").length;
      if (!head && heads === cells.length && heads > 1) head = cells;
      else if (cells.some(Boolean)) push({ kind: "row", cells, ...(head ? { head } : {}) });
    });
  };
  const list = (node: Nodes): void => {
    let term = "";
    node.find("dt, dd").each((_, el) => {
      const t = text($(el));
      if (el.tagName.toLowerCase() === "dt") term = t;
      else push({ kind: "row", cells: [term, t] });
    });
  };
  walk($("body"));
  // Inline pieces of one line that lay beside each other in the page's body are one line.
  return { name, title, links, blocks, ...(data.length > 0 ? { data } : {}) };
}
