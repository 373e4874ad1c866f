import { lookup as resolve, type LookupAddress } from "node:dns";
import { request as httpRequest, type IncomingMessage } from "node:http";
import { request as httpsRequest } from "node:https";
import { isIP } from "node:net";
import { load } from "cheerio";
import ipaddr from "ipaddr.js";
import type { SourceText } from "@gentian/core/bring/source";
import { readFileText } from "./files.ts";
import { readHtml } from "./html.ts";
import { Unreadable } from "./unreadable.ts";

const LARGEST_PAGE = 3 * 1024 * 1024;
const PAGE_MS = 8000;
const REDIRECTS = 4;
export const MOST_PAGES = 20;

/** Where a page may be read besides the public internet: the stand-in site that ships with Gentian, on our own port. */
export interface StandIn {
  port: number;
  path: string;
}

/** Whether an address is one that anybody on the internet could reach. */
export function isPublic(address: string): boolean {
  if (!ipaddr.isValid(address)) return false;
  const parsed = ipaddr.process(address);
  return parsed.range() === "unicast";
}

function allowed(url: URL, standIn: StandIn): boolean {
  return (
    url.protocol === "http:" &&
    url.hostname === "127.0.0.1" &&
    url.port === String(standIn.port) &&
    url.pathname.startsWith(standIn.path) &&
    !url.pathname.includes("..")
  );
}

export function addressOf(text: string): URL {
  const plain = text.trim();
  let url: URL;
  try {
    url = new URL(/^[a-z][a-z0-9+.-]*:/i.test(plain) ? plain : `https://${plain}`);
  } catch {
    throw new Unreadable(`“${plain.slice(0, 80)}” is no address of a page`, "Write it as in a browser's address bar, such as https://yourhouse.example.");
  }
  if (url.protocol !== "http:" && url.protocol !== "https:") throw new Unreadable(`Only http and https can be read, not ${url.protocol}`, "Nothing was read.");
  if (url.username || url.password) throw new Unreadable("The address carries a name or a password", "Write it without.");
  url.hash = "";
  return url;
}

const refused = (host: string): Unreadable =>
  new Unreadable(`${host} is a private address`, "Only pages that anybody on the internet can see are read. Nothing was read.");

interface Fetched {
  url: URL;
  type: string;
  bytes: Uint8Array;
}

/** Reads one page; every redirect is checked like the first address, and the address that was looked up is the one connected to. */
async function fetchPage(first: URL, standIn: StandIn): Promise<Fetched> {
  let url = first;
  for (let i = 0; i <= REDIRECTS; i++) {
    const own = allowed(url, standIn);
    const host = url.hostname.replace(/^\[|\]$/g, "");
    if (!own && isIP(host) && !isPublic(host)) throw refused(url.hostname);
    const response = await open(url, own);
    const location = response.headers.location;
    if (response.statusCode && response.statusCode >= 300 && response.statusCode < 400 && location) {
      response.destroy();
      url = addressOf(new URL(location, url).href);
      continue;
    }
    if (response.statusCode !== 200) {
      response.destroy();
      throw new Unreadable(`${url.href} answered ${response.statusCode}`, "Look at the page in a browser, and check the address.");
    }
    return { url, type: response.headers["content-type"] ?? "", bytes: await bodyOf(response, url) };
  }
  throw new Unreadable(`${first.href} leads from page to page without an end`, "Check the address.");
}

function open(url: URL, own: boolean): Promise<IncomingMessage> {
  return new Promise((done, fail) => {
    const checkedLookup = (
      host: string,
      options: object,
      back: (error: NodeJS.ErrnoException | null, address: string | LookupAddress[], family?: number) => void,
    ): void => {
      resolve(host, { ...options, all: true }, (error, list) => {
        if (error) return back(error, "", 4);
        const bad = list.find((a) => !own && !isPublic(a.address));
        if (bad || !list[0]) return back(Object.assign(new Error("private"), { code: "PRIVATE" }), "", 4);
        if ((options as { all?: boolean }).all) back(null, list);
        else back(null, list[0].address, list[0].family);
      });
    };
    const request = (url.protocol === "https:" ? httpsRequest : httpRequest)(
      url,
      {
        lookup: checkedLookup,
        timeout: PAGE_MS,
        headers: { "user-agent": "Gentian/1 (reads its own house's pages)", accept: "text/html, text/plain, application/pdf, application/xml" },
      },
      done,
    );
    const late = setTimeout(() => request.destroy(Object.assign(new Error("late"), { code: "LATE" })), PAGE_MS * 2);
    request.once("timeout", () => request.destroy(Object.assign(new Error("late"), { code: "LATE" })));
    request.once("close", () => clearTimeout(late));
    request.once("error", (error: NodeJS.ErrnoException) => {
      if (error.code === "PRIVATE") fail(refused(url.hostname));
      else if (error.code === "LATE") fail(new Unreadable(`${url.href} did not answer in time`, "Try again later, or save the page and bring the file."));
      else fail(new Unreadable(`${url.href} cannot be reached`, "Check the address and the connection, or save the page and bring the file."));
    });
    request.end();
  });
}

function bodyOf(response: IncomingMessage, url: URL): Promise<Uint8Array> {
  return new Promise((done, fail) => {
    const parts: Buffer[] = [];
    let size = 0;
    const late = setTimeout(
      () => response.destroy(new Unreadable(`${url.href} did not answer in time`, "Try again later, or save the page and bring the file.")),
      PAGE_MS,
    );
    response.on("data", (d: Buffer) => {
      size += d.length;
      if (size > LARGEST_PAGE) response.destroy(new Unreadable(`${url.href} is larger than 3 MB`, "Save the part that matters and bring that."));
      else parts.push(d);
    });
    response.once("end", () => {
      clearTimeout(late);
      done(Buffer.concat(parts));
    });
    response.once("error", (error) => {
      clearTimeout(late);
      fail(error instanceof Unreadable ? error : new Unreadable(`${url.href} broke off`, "Try again."));
    });
  });
}

const utf8 = new TextDecoder();

/** The pages of a site that its first page links to and its sitemap names, for choosing among; the first page is the first. */
export async function pagesOf(address: string, standIn: StandIn): Promise<{ address: string; title: string }[]> {
  const first = await fetchPage(addressOf(address), standIn);
  const { title, links } = readHtml(first.url.href, utf8.decode(first.bytes));
  const found = new Map<string, string>([[first.url.href, title || first.url.href]]);
  const add = (href: string, words = ""): void => {
    if (found.size >= 100) return;
    try {
      const url = new URL(href, first.url);
      url.hash = "";
      if (url.origin !== first.url.origin || !/^https?:$/.test(url.protocol) || /\.(?:jpe?g|png|gif|svg|webp|css|js|ico|mp4|zip|xml)$/i.test(url.pathname))
        return;
      if (allowed(first.url, standIn) && !allowed(url, standIn)) return;
      if (!found.has(url.href)) found.set(url.href, words || decodeURIComponent(url.pathname));
    } catch {
      // No address at all.
    }
  };
  for (const l of links) add(l);
  try {
    const map = await fetchPage(new URL("sitemap.xml", first.url.href.replace(/[^/]*$/, "")), standIn);
    const $ = load(utf8.decode(map.bytes), { xml: true });
    $("url > loc").each((_, el) => add($(el).text().trim()));
  } catch {
    // Many sites have none.
  }
  return [...found].map(([a, t]) => ({ address: a, title: t }));
}

export async function readPage(address: string, standIn: StandIn): Promise<SourceText> {
  const page = await fetchPage(addressOf(address), standIn);
  const name = page.url.href;
  if (/html/.test(page.type) || page.type === "") {
    const { blocks, data } = readHtml(name, utf8.decode(page.bytes));
    return { name, blocks, ...(data ? { data } : {}) };
  }
  const kind = /pdf/.test(page.type) ? ".pdf" : /text\/plain/.test(page.type) ? ".txt" : /csv/.test(page.type) ? ".csv" : "";
  if (!kind) throw new Unreadable(`${name} is no page of text`, "Choose another page.");
  const read = await readFileText(`page${kind}`, page.bytes);
  return { ...read, name };
}
