import { useState } from "react";
import type { Brought } from "@gentian/core/bring/compose";
import type { Draft } from "@gentian/core/house/draft";
import { send, takeLines } from "../../api/client.ts";
import { useGet, useKept } from "../../api/hooks.ts";
import { Button, Wrong } from "../../parts/controls.tsx";
import { TICK } from "./lines.tsx";
import type { DraftEditor } from "./useDraft.ts";

interface Note {
  source: string;
  code: "other-language" | "nothing-found" | "no-text" | "unreadable";
  about?: string;
}
interface Result {
  brought: Brought[];
  notes: Note[];
}

const LANGUAGES: Record<string, string> = { fr: "French", de: "German", es: "Spanish" };
const LARGEST = 20 * 1024 * 1024;

const noteWords = (n: Note): string =>
  n.code === "other-language"
    ? `is in ${LANGUAGES[n.about ?? ""] ?? "another language"}. Only English is read so far; nothing was taken from it.`
    : n.code === "nothing-found"
      ? "holds nothing that belongs in a handbook."
      : n.code === "no-text"
        ? "holds no text."
        : (n.about ?? "cannot be read.");

/** A pasted text goes by its first line, so that the same paper pasted again is known. */
const nameOf = (text: string): string => {
  const first = text.trim().split("\n")[0]?.trim() ?? "";
  return first.length > 44 ? `${first.slice(0, 40)}…` : first || "pasted text";
};

/** Bringing a house in: pasted, dropped or read from its own pages; and what was found, with the words it came from. */
export function BringPage({ editor, close, empty }: { editor: DraftEditor; close: () => void; empty: boolean }) {
  const [text, setText, clearText] = useKept("bring", "");
  const [files, setFiles] = useState<File[]>([]);
  const [address, setAddress] = useState("");
  const [pages, setPages] = useState<{ address: string; title: string }[] | null>(null);
  const [chosen, setChosen] = useState<string[]>([]);
  const [progress, setProgress] = useState<{ done: number; of: number; name: string } | null>(null);
  const [result, setResult] = useState<Result | null>(null);
  const [error, setError] = useState<unknown>(null);
  const [over, setOver] = useState(false);
  const beginnings = useGet<{ id: string; trade: string; services: number; answers: number }[]>(empty ? "/beginnings" : null);

  const add = (list: readonly File[]): void => {
    setError(null);
    const large = list.find((f) => f.size > LARGEST);
    if (large) setError(new Error(`${large.name} is larger than 20 MB. Bring the pages that matter, or paste their text. Nothing was changed.`));
    setFiles((have) => [...have, ...list.filter((f) => f.size <= LARGEST && !have.some((h) => h.name === f.name))].slice(0, 30));
  };
  const bring = async (): Promise<void> => {
    setError(null);
    setResult(null);
    setProgress({ done: 0, of: 1, name: "" });
    try {
      await editor.flush();
      const form = new FormData();
      form.set("texts", JSON.stringify(text.trim() === "" ? [] : [{ name: nameOf(text), text }]));
      form.set("pages", JSON.stringify(chosen));
      for (const f of files) form.append("files", f, f.name);
      let last: (Result & { draft: Draft; rev: number }) | null = null;
      await takeLines<{ done: number; of: number; name?: string } & Partial<Result & { draft: Draft; rev: number }>>("/draft/bring", form, (l) => {
        setProgress({ done: l.done, of: l.of, name: l.name ?? "" });
        if (l.draft && l.rev !== undefined) last = { brought: l.brought ?? [], notes: l.notes ?? [], draft: l.draft, rev: l.rev };
      });
      const got = last as (Result & { draft: Draft; rev: number }) | null;
      if (!got) throw new Error("The reading broke off. Nothing was changed; try again.");
      editor.take(got);
      setResult(got);
      setFiles([]);
      setChosen([]);
      clearText();
    } catch (e) {
      setError(e);
    }
    setProgress(null);
  };
  const look = async (where: string): Promise<void> => {
    setError(null);
    try {
      const found = await send<{ pages: { address: string; title: string }[] }>("POST", "/draft/pages", { address: where });
      setPages(found.pages);
      setChosen(found.pages.slice(0, 20).map((p) => p.address));
    } catch (e) {
      setError(e);
    }
  };
  const begin = async (id: string): Promise<void> => {
    setError(null);
    try {
      await editor.flush();
      editor.take(await send<{ draft: Draft; rev: number }>("POST", "/draft/begin", { beginning: id }));
      close();
    } catch (e) {
      setError(e);
    }
  };
  const standIn = `${location.origin}/standins/site/`;
  return (
    <section
      aria-labelledby="bring-title"
      className={`h-full overflow-y-auto px-6 py-5 ${over ? "bg-gentian-pale" : ""}`}
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(e) => {
        e.preventDefault();
        setOver(false);
        add([...e.dataTransfer.files]);
      }}
    >
      <div className="flex items-baseline justify-between">
        <h2 id="bring-title" className="font-serif text-l font-semibold">
          {empty ? "Tell it about your house" : "Bring in"}
        </h2>
        <Button kind="quiet" onClick={close}>
          To the rehearsal
        </Button>
      </div>
      <p className="mt-1 max-w-[440px] font-serif text-s text-quiet">
        A price list, opening hours, a page of your website, a staff manual: in any words, as you have it. What you wrote by hand is never changed.
      </p>
      <textarea
        aria-label="Paste or type here"
        value={text}
        onChange={(e) => setText(e.target.value)}
        rows={8}
        placeholder={"Haircut 30 min $40\nOpen Tue–Sat 9–6\n24 hours’ notice, please"}
        className="mt-3 w-full rounded-m border border-hairline bg-raised px-3 py-2 font-serif"
      />
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <label className="inline-flex min-h-8 cursor-pointer items-center rounded-m border border-hairline bg-raised px-3 text-s font-semibold focus-within:outline-2 focus-within:outline-gentian hover:border-quiet">
          Choose files
          <input
            type="file"
            multiple
            className="sr-only"
            accept=".txt,.md,.html,.htm,.pdf,.docx,.xlsx,.csv,.tsv,.json"
            onChange={(e) => add([...(e.target.files ?? [])])}
          />
        </label>
        <span className="text-s text-quiet">or drop them on this page: text, web pages, PDF, Word, spreadsheets, CSV</span>
      </div>
      {files.length > 0 ? (
        <ul className="mt-2 space-y-0.5 text-s">
          {files.map((f) => (
            <li key={f.name} className="flex items-center justify-between border-b border-hairline">
              {f.name}
              <button
                type="button"
                className="min-h-7 px-2 text-quiet hover:text-clay"
                aria-label={`Leave ${f.name} out`}
                onClick={() => setFiles(files.filter((x) => x !== f))}
              >
                leave out
              </button>
            </li>
          ))}
        </ul>
      ) : null}
      <form
        className="mt-3 flex gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          void look(address);
        }}
      >
        <input
          aria-label="Address of your website"
          placeholder="or your website’s address"
          value={address}
          onChange={(e) => setAddress(e.target.value)}
          className="min-h-8 min-w-0 flex-1 rounded-m border border-hairline bg-raised px-2 text-s"
        />
        <Button type="submit" disabled={address.trim() === ""}>
          Look for pages
        </Button>
      </form>
      {empty ? (
        <button type="button" className="min-h-8 text-s text-quiet underline" onClick={() => void look(standIn)}>
          try it with the pages of the demo house
        </button>
      ) : null}
      {pages ? (
        <fieldset className="mt-2 border-l-2 border-hairline pl-3">
          <legend className="text-s font-semibold text-quiet">Which pages?</legend>
          {pages.map((p) => (
            <label key={p.address} className="flex min-h-7 items-center gap-2 text-s">
              <input
                type="checkbox"
                className={TICK}
                checked={chosen.includes(p.address)}
                onChange={(e) => setChosen(e.target.checked ? [...chosen, p.address].slice(0, 20) : chosen.filter((c) => c !== p.address))}
              />
              <span className="truncate">{p.title}</span>
            </label>
          ))}
        </fieldset>
      ) : null}
      <div className="mt-4 flex items-center gap-3">
        <Button
          kind="main"
          className="min-h-10 px-5"
          disabled={progress !== null || (text.trim() === "" && files.length === 0 && chosen.length === 0)}
          onClick={() => void bring()}
        >
          Read it
        </Button>
        {progress ? (
          <span className="flex flex-1 items-center gap-2 text-s text-quiet">
            <progress aria-label="How far it is" value={progress.done} max={progress.of} className="h-2 flex-1 accent-gentian" />
            {progress.done} of {progress.of}
          </span>
        ) : null}
      </div>
      <div className="mt-3">{error ? error instanceof Error && !("problem" in error) ? <Told text={error.message} /> : <Wrong error={error} /> : null}</div>
      {result ? <Found result={result} /> : null}
      {beginnings.data && !result ? (
        <div className="mt-6 border-t border-hairline pt-4">
          <h3 className="font-serif font-semibold">Or begin with a trade</h3>
          <p className="font-serif text-s text-quiet">Complete enough to talk to at once; make it yours line by line.</p>
          <ul className="mt-2 grid grid-cols-2 gap-2">
            {beginnings.data.map((b) => (
              <li key={b.id}>
                <button
                  type="button"
                  className="w-full rounded-m border border-hairline bg-raised px-3 py-2 text-left hover:border-gentian"
                  onClick={() => void begin(b.id)}
                >
                  <span className="block font-serif">{b.trade}</span>
                  <span className="block text-s text-quiet">
                    {b.services} services, {b.answers} answers
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </div>
      ) : null}
    </section>
  );
}

const Told = ({ text }: { text: string }) => (
  <p role="alert" className="rounded-m bg-clay-pale px-3 py-2 text-s text-clay">
    {text}
  </p>
);

const BECAME: Record<Brought["became"], [string, string]> = {
  added: ["new", "text-fern"],
  changed: ["changed", "text-gentian"],
  same: ["as before", "text-quiet"],
  doubt: ["decide", "text-stamen"],
};

/** What was found, line by line: what became of it, and the words that it came from. */
function Found({ result }: { result: Result }) {
  const fresh = result.brought.filter((b) => b.became !== "same");
  const same = result.brought.length - fresh.length;
  return (
    <div className="mt-5 border-t border-hairline pt-3" role="status">
      <h3 className="font-serif font-semibold">
        {fresh.length === 0
          ? same > 0
            ? "All of it stands in the handbook already."
            : "Nothing was found."
          : `${fresh.length} lines were found${same > 0 ? `, and ${same} stand as before` : ""}.`}
      </h3>
      {result.notes.map((n) => (
        <p key={n.source} className="mt-1 text-s text-clay">
          <b className="font-semibold">{n.source}</b> {noteWords(n)}
        </p>
      ))}
      <ol className="mt-2">
        {fresh.map((b, i) => (
          <li key={i} className="border-b border-hairline py-1.5">
            <a href={`#${b.place}`} className="flex items-baseline justify-between gap-3" onClick={(e) => jump(e, b.place)}>
              <span className="font-serif text-s">
                {b.was ? <del className="mr-1 text-quiet">{b.was}</del> : null}
                {b.says}
              </span>
              <span className={`text-s font-semibold whitespace-nowrap ${BECAME[b.became][1]}`}>{BECAME[b.became][0]}</span>
            </a>
            <p className="truncate text-[12px] text-quiet">
              {b.source}: “{b.words}”
            </p>
          </li>
        ))}
      </ol>
    </div>
  );
}

function jump(e: { preventDefault(): void }, place: string): void {
  e.preventDefault();
  const line =
    document.querySelector(`[data-place="${CSS.escape(place)}"]`) ??
    document.querySelector(`[data-place="${CSS.escape(place.split("/").slice(0, 2).join("/"))}"]`);
  line?.scrollIntoView({ block: "center" });
}
