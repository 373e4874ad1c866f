import { readFileSync } from "node:fs";
import type { WebDriver } from "selenium-webdriver";

/** What axe finds on the page by WCAG 2.2 A and AA, shadow trees included: rule and place of each. */
export async function findings(d: WebDriver, script: string): Promise<string[]> {
  await d.executeScript(readFileSync(script, "utf8"));
  return d.executeAsyncScript<string[]>(`
    const done = arguments[arguments.length - 1];
    axe.run(document, { runOnly: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"] })
      .then((r) => done(r.violations.flatMap((v) => v.nodes.map((n) => v.id + ": " + n.target.join(" ") + " — " + (n.any[0]?.message ?? n.all[0]?.message ?? v.help)))))
      .catch((e) => done([String(e)]));
  `);
}
