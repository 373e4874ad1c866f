/**
 * Changes of a document, as data: what a line is set to, added, taken out or put elsewhere. A path goes by names; in a
 * list, a step is the item's `id` or `key`, so that a change still fits when others have moved the list's items.
 */
export type Path = readonly string[];

export type Change =
  | { op: "set"; path: Path; value?: unknown }
  | { op: "add"; path: Path; item: Item; before?: string | null | undefined }
  | { op: "drop"; path: Path }
  | { op: "shift"; path: Path; before: string | null }
  | { op: "many"; changes: Change[] };

export type Item = Record<string, unknown>;

/** A change that does not fit the document as it stands: what it speaks of is gone, or there twice. */
export class Misfit extends Error {}

export const keyOf = (item: unknown): string | undefined => {
  if (typeof item !== "object" || item === null) return undefined;
  const { id, key } = item as { id?: unknown; key?: unknown };
  return typeof id === "string" ? id : typeof key === "string" ? key : undefined;
};

/** Whether two pieces of plain data are the same, in whatever order their keys stand: a database keeps none. */
export function sameData(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== "object" || typeof b !== "object" || a === null || b === null || Array.isArray(a) !== Array.isArray(b)) return false;
  const [x, y] = [a as Item, b as Item];
  const keys = Object.keys(x).filter((k) => x[k] !== undefined);
  return keys.length === Object.keys(y).filter((k) => y[k] !== undefined).length && keys.every((k) => sameData(x[k], y[k]));
}

/** What stands at a path; undefined where nothing does. */
export function at(doc: unknown, path: Path): unknown {
  let here: unknown = doc;
  for (const step of path) {
    if (Array.isArray(here)) here = (here as unknown[]).find((x) => keyOf(x) === step);
    else if (typeof here === "object" && here !== null && Object.hasOwn(here, step)) here = (here as Record<string, unknown>)[step];
    else return undefined;
  }
  return here;
}

/**
 * Makes a change and gives the document after it, with the change that takes it back. The document before stays as it
 * is. Throws a Misfit when the place is not there.
 */
export function change<T>(doc: T, c: Change): { doc: T; inverse: Change } {
  switch (c.op) {
    case "many": {
      let now = doc;
      const inverses: Change[] = [];
      for (const one of c.changes) {
        const step = change(now, one);
        now = step.doc;
        inverses.unshift(step.inverse);
      }
      return { doc: now, inverse: { op: "many", changes: inverses } };
    }
    case "set": {
      const before = at(doc, c.path);
      const name = c.path.at(-1);
      if (name === undefined) throw new Misfit("a change of nothing");
      const done = within(doc, c.path.slice(0, -1), (parent) => {
        if (Array.isArray(parent)) {
          const i = indexOf(parent, name, c.path);
          return parent.map((x: unknown, k) => (k === i ? c.value : x));
        }
        const { [name]: _gone, ...rest } = parent as Item;
        // The order of keys is kept, so that a document taken back reads as it did.
        return c.value === undefined ? rest : Object.hasOwn(parent as Item, name) ? { ...(parent as Item), [name]: c.value } : { ...rest, [name]: c.value };
      });
      return { doc: done, inverse: before === undefined ? { op: "set", path: c.path } : { op: "set", path: c.path, value: before } };
    }
    case "add": {
      const own = keyOf(c.item);
      if (own === undefined) throw new Misfit("an item without an id");
      const done = within(doc, c.path, (parent) => {
        const list = listAt(parent ?? [], c.path);
        if (list.some((x) => keyOf(x) === own)) throw new Misfit(`${[...c.path, own].join("/")} is there already`);
        return placed(list, c.item, c.before ?? null);
      });
      return { doc: done, inverse: { op: "drop", path: [...c.path, own] } };
    }
    case "drop": {
      const own = c.path.at(-1) as string;
      const list = listAt(at(doc, c.path.slice(0, -1)), c.path);
      const i = indexOf(list, own, c.path);
      const next = list[i + 1];
      const done = within(doc, c.path.slice(0, -1), () => list.filter((_, k) => k !== i));
      return { doc: done, inverse: { op: "add", path: c.path.slice(0, -1), item: list[i] as Item, before: next === undefined ? null : (keyOf(next) ?? null) } };
    }
    case "shift": {
      const own = c.path.at(-1) as string;
      const list = listAt(at(doc, c.path.slice(0, -1)), c.path);
      const i = indexOf(list, own, c.path);
      const next = list[i + 1];
      if (c.before === own) return { doc, inverse: { op: "shift", path: c.path, before: next === undefined ? null : (keyOf(next) ?? null) } };
      const done = within(doc, c.path.slice(0, -1), () =>
        placed(
          list.filter((_, k) => k !== i),
          list[i] as Item,
          c.before,
        ),
      );
      return { doc: done, inverse: { op: "shift", path: c.path, before: next === undefined ? null : (keyOf(next) ?? null) } };
    }
  }
}

/** The lines that a change touches: the first two steps of its paths, such as services/sports-massage. */
export function linesOf(c: Change): string[] {
  if (c.op === "many") return [...new Set(c.changes.flatMap(linesOf))];
  const own = c.op === "add" ? [...c.path, keyOf(c.item) ?? ""] : c.path;
  return [own.slice(0, 2).join("/")];
}

function within<T>(doc: T, path: Path, edit: (here: unknown) => unknown): T {
  const [step, ...rest] = path;
  if (step === undefined) return edit(doc) as T;
  if (Array.isArray(doc)) {
    const i = indexOf(doc, step, path);
    return doc.map((x: unknown, k) => (k === i ? within(x, rest, edit) : x)) as T;
  }
  if (typeof doc !== "object" || doc === null) throw new Misfit(`there is no ${path.join("/")}`);
  return { ...doc, [step]: within((doc as Item)[step], rest, edit) };
}

function placed(list: readonly unknown[], item: Item, before: string | null): unknown[] {
  const i = before === null ? -1 : list.findIndex((x) => keyOf(x) === before);
  return i < 0 ? [...list, item] : [...list.slice(0, i), item, ...list.slice(i)];
}

function listAt(value: unknown, path: Path): unknown[] {
  if (!Array.isArray(value)) throw new Misfit(`there is no list ${path.join("/")}`);
  return value as unknown[];
}

function indexOf(list: readonly unknown[], own: string, path: Path): number {
  const i = list.findIndex((x) => keyOf(x) === own);
  if (i < 0) throw new Misfit(`there is no ${path.join("/")}`);
  return i;
}
