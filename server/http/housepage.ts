import { existsSync, readFileSync } from "node:fs";
import { join } from "node:path";
import type { RequestHandler } from "express";
import type { App } from "../parts.ts";
import { houseByLine } from "../data/houses.ts";
import { handler, sendProblem } from "./kit.ts";

const escaped = (text: string): string => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);

/** A page with a house's website chat on it: the demo house's own, and a plain one for every other. */
export function housePage(app: App, folder: string): RequestHandler {
  return handler(async (req, res) => {
    const key = String(req.params["line"]);
    const row = /^[a-z0-9-]{1,64}$/.test(key) ? await houseByLine(app.db, key) : null;
    const house = row ? await app.houses.version(app.db, row.versionId) : null;
    const file = join(folder, house?.handbook.key === "ternbay" ? "house.html" : "page.html");
    if (!existsSync(file)) {
      sendProblem(res, { type: "about:blank", title: "The pages are not built", status: 503, detail: "Run ./gentian start, which builds them." });
      return;
    }
    const place = house?.handbook.place;
    const values: Record<string, string> = {
      name: house?.handbook.name ?? "There is no such house",
      place: [place?.street, place?.town, place?.region].filter(Boolean).join(", "),
      line: house ? key : "",
    };
    res.setHeader("cache-control", "no-cache");
    res
      .status(house ? 200 : 404)
      .type("html")
      .send(
        readFileSync(file, "utf8")
          .replace(/\{\{(\w+)\}\}/g, (_, name: string) => escaped(values[name] ?? ""))
          .replace('data-line="ternbay-web"', `data-line="${escaped(key)}"`),
      );
  });
}
