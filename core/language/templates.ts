/**
 * Every way to read a template, `(a|b|)` being one of its parts; nested parts are allowed. Where there are more than
 * `most`, that many are taken, evenly spread, the same ones each time.
 */
export function expand(template: string, most = Infinity): string[] {
  const parts = parse(template);
  const total = parts.reduce((n, p) => Math.min(1e9, n * p.length), 1);
  const count = Math.min(total, most);
  const out = new Set<string>();
  for (let i = 0; i < count; i++) {
    let at = i;
    let text = "";
    parts.forEach((p, j) => {
      if (total <= most) {
        text += p[at % p.length] as string;
        at = Math.floor(at / p.length);
        return;
      }
      // Each part goes through all that it may be, beginning elsewhere every time, so that none is left out.
      const round = Math.floor(i / p.length);
      text += p[(i + round * (2 * j + 3) + j * j) % p.length] as string;
    });
    out.add(text.replace(/\s+/g, " ").trim());
  }
  return [...out];
}

/** The parts of a template, each with the texts that it may be. */
function parse(template: string): string[][] {
  const parts: string[][] = [];
  let plain = "";
  for (let i = 0; i < template.length; i++) {
    if (template[i] !== "(") {
      plain += template[i];
      continue;
    }
    let depth = 1;
    let end = i + 1;
    while (end < template.length && depth > 0) {
      if (template[end] === "(") depth++;
      if (template[end] === ")") depth--;
      end++;
    }
    if (plain) parts.push([plain]);
    plain = "";
    parts.push(alternatives(template.slice(i + 1, end - 1)).flatMap((a) => (a.includes("(") ? expand(a) : [a])));
    i = end - 1;
  }
  if (plain) parts.push([plain]);
  return parts;
}

function alternatives(text: string): string[] {
  const out = [""];
  let depth = 0;
  for (const c of text) {
    if (c === "(") depth++;
    if (c === ")") depth--;
    if (c === "|" && depth === 0) out.push("");
    else out[out.length - 1] += c;
  }
  return out;
}

/** The templates under each heading of a text: "= heading" begins one. */
export function headed(text: string): Map<string, string[]> {
  const out = new Map<string, string[]>();
  let under: string[] | undefined;
  for (const raw of text.split("\n")) {
    const line = raw.trim();
    if (line === "" || line.startsWith("#")) continue;
    const heading = /^= (.+)$/.exec(line);
    if (heading) {
      // A heading that comes again goes on where it ended.
      under = out.get(heading[1] as string) ?? [];
      out.set(heading[1] as string, under);
    } else under?.push(line);
  }
  return out;
}
