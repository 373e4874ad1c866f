import { useState } from "react";
import { parseWords, wordsLine } from "@gentian/core/house/lines";
import { passagesOf } from "@gentian/core/bring/source";
import { AddButton, Adder, Chapter, DropButton, freshId, Line, Part, slug, Sorted, Tick, useChange, useFocusNew, useSpread, Words } from "./lines.tsx";
import type { Tried } from "./rehearse.worker.ts";

export interface Unanswered {
  text: string;
  times: number;
  conversations: string[];
}

/** What it answers besides prices and hours: facts, questions and answers, documents; and what it could not answer. */
export function AnswersChapter({ unanswered, tryOut }: { unanswered: readonly Unanswered[]; tryOut: (q: string) => Promise<Tried[]> }) {
  const { editor } = useSpread();
  const { draft } = editor;
  const { set, add, drop } = useChange();
  const { mark } = useFocusNew();
  const [question, setQuestion] = useState("");
  const [hits, setHits] = useState<Tried[] | null>(null);
  const [pasted, setPasted] = useState("");
  const documents = draft.documents ?? [];
  const answer = (q: string): void => {
    const id = freshId(slug(q).slice(0, 40), draft.answers);
    mark(`answers/${id}`);
    add(["answers"], { id, question: q.slice(0, 200), also: [], answer: "…" });
  };
  return (
    <Chapter id="answers" title="Answers and documents" about="An answer is given only where a line supports it, in the house’s own words.">
      <Line place="try" find="try a question">
        <form
          className="flex gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            void tryOut(question).then(setHits);
          }}
        >
          <input
            aria-label="Try a question"
            placeholder="Try a question"
            value={question}
            onChange={(e) => setQuestion(e.target.value)}
            className="min-h-8 min-w-0 flex-1 rounded-m border border-hairline bg-raised px-2 text-s"
          />
          <button
            type="submit"
            disabled={question.trim() === ""}
            className="min-h-8 rounded-m border border-hairline bg-raised px-3 text-s font-semibold disabled:opacity-50"
          >
            Which line answers?
          </button>
        </form>
        {hits ? (
          <ol className="mt-1.5 space-y-1 text-s" aria-label="Lines found">
            {hits.length === 0 ? <li className="text-quiet">No line fits it. It would say that it does not know.</li> : null}
            {hits.map((h) => (
              <li key={`${h.kind} ${h.id}`}>
                <b className={`font-semibold ${h.given ? "text-fern" : "text-quiet"}`}>{h.given ? "answers" : "passed over"}</b> {h.label}:{" "}
                <span className="font-serif">{h.text.slice(0, 110)}</span> <span className="text-quiet">{Math.round(h.sure * 100)} % sure</span>
              </li>
            ))}
          </ol>
        ) : null}
      </Line>
      {unanswered.length > 0 ? <Part title="Asked in the last four weeks, and not answered" /> : null}
      {unanswered.map((u) => (
        <Line key={u.text} place={`unanswered/${slug(u.text)}`} find={u.text}>
          <div className="flex items-center justify-between gap-3">
            <span className="font-serif">“{u.text.slice(0, 140)}”</span>
            <span className="flex items-center gap-3 text-s whitespace-nowrap">
              <span className="text-stamen">asked {u.times}×</span>
              <button type="button" className="min-h-7 font-semibold text-gentian" onClick={() => answer(u.text)}>
                Answer it
              </button>
            </span>
          </div>
        </Line>
      ))}
      <Part title="Good to know" />
      <Sorted items={draft.facts} path={["facts"]} keyOf={(f) => f.id} name={(f) => f.topic}>
        {(f, handle) => (
          <Line place={`facts/${f.id}`} find={`${f.topic} ${f.text} ${f.also.join(" ")}`} handle={handle}>
            <div className="grid grid-cols-[112px_minmax(0,1fr)_28px] gap-x-2">
              <Words
                label="Topic"
                className="text-s text-quiet"
                value={f.topic}
                check={(v) => v.trim() !== ""}
                hint="A topic in a word."
                onChange={(v) => set(["facts", f.id, "topic"], v)}
              />
              <Words
                label={`What is said of ${f.topic}`}
                rows
                className="font-serif"
                value={f.text}
                check={(v) => v.trim() !== "" && v.length <= 400}
                hint="A sentence or two, up to 400 letters."
                onChange={(v) => set(["facts", f.id, "text"], v)}
              />
              <DropButton label={`Take ${f.topic} out`} onClick={() => drop(["facts", f.id])} />
            </div>
          </Line>
        )}
      </Sorted>
      <AddButton
        onClick={() => {
          const id = freshId("fact", draft.facts);
          mark(`facts/${id}`);
          add(["facts"], { id, topic: "new", text: "…", also: [] });
        }}
      >
        Another fact
      </AddButton>
      <Part title="Questions and answers" />
      <Sorted items={draft.answers} path={["answers"]} keyOf={(a) => a.id} name={(a) => a.question}>
        {(a, handle) => (
          <Line place={`answers/${a.id}`} find={`${a.question} ${a.answer} ${a.also.join(" ")}`} handle={handle}>
            <div className="grid grid-cols-[minmax(0,1fr)_28px] gap-x-2">
              <Words
                label="Question"
                className="font-serif font-semibold"
                value={a.question}
                check={(v) => v.trim() !== "" && v.length <= 200}
                hint="A question of up to 200 letters."
                onChange={(v) => set(["answers", a.id, "question"], v)}
              />
              <DropButton label={`Take “${a.question}” out`} onClick={() => drop(["answers", a.id])} />
              <Words
                label={`Answer to ${a.question}`}
                rows
                className="font-serif"
                value={a.answer}
                check={(v) => v.trim() !== "" && v.length <= 600}
                hint="An answer of up to 600 letters."
                onChange={(v) => set(["answers", a.id, "answer"], v)}
              />
              <span />
              <Words
                label={`Other words for ${a.question}`}
                className="font-serif text-s text-quiet italic"
                placeholder="other words for the question"
                value={wordsLine(a.also)}
                onChange={(v) => set(["answers", a.id, "also"], parseWords(v))}
              />
            </div>
          </Line>
        )}
      </Sorted>
      <AddButton onClick={() => answer("New question?")}>Another answer</AddButton>
      <Part title="Documents, cut into passages" />
      {documents.map((d) => (
        <Line key={d.id} place={`documents/${d.id}`} find={`${d.name} ${d.passages.map((p) => p.text).join(" ")}`}>
          <div className="grid grid-cols-[minmax(0,1fr)_auto_28px] items-center gap-x-3">
            <Words
              label="Name of the document"
              className="font-serif"
              value={d.name}
              check={(v) => v.trim() !== ""}
              hint="A document needs a name."
              onChange={(v) => set(["documents", d.id, "name"], v)}
            />
            <Tick value={d.private} label="for the lines only" onChange={(v) => set(["documents", d.id, "private"], v)} />
            <DropButton label={`Take ${d.name} out`} onClick={() => drop(["documents", d.id])} />
          </div>
          <details>
            <summary className="cursor-pointer text-s text-quiet">
              {d.passages.length} {d.passages.length === 1 ? "passage" : "passages"}
            </summary>
            <ul className="space-y-1 pt-1">
              {d.passages.map((p) => (
                <li key={p.id} className="grid grid-cols-[minmax(0,1fr)_28px] gap-x-2">
                  <span>
                    {p.heading ? <b className="text-s font-semibold text-quiet">{p.heading}: </b> : null}
                    <Words
                      label={`Passage ${p.id} of ${d.name}`}
                      rows
                      className="font-serif text-s"
                      value={p.text}
                      check={(v) => v.trim() !== "" && v.length <= 1200}
                      hint="Up to 1200 letters."
                      onChange={(v) => set(["documents", d.id, "passages", p.id, "text"], v)}
                    />
                  </span>
                  <DropButton label={`Take passage ${p.id} out`} onClick={() => drop(["documents", d.id, "passages", p.id])} />
                </li>
              ))}
            </ul>
          </details>
        </Line>
      ))}
      <Line place="documents" find="document">
        <textarea
          aria-label="A document, pasted"
          rows={2}
          placeholder="Paste a document here: a staff manual, care instructions, a private price list"
          value={pasted}
          onChange={(e) => setPasted(e.target.value)}
          className="w-full rounded-m border border-hairline bg-raised px-2 py-1 font-serif text-s"
        />
        {pasted.trim() === "" ? null : (
          <Adder
            label="Name of the pasted document"
            placeholder="What is it called? (Enter keeps it)"
            onCommit={(name) => {
              const id = freshId(slug(name), documents);
              add(["documents"], { id, name, private: false, passages: passagesOf(pasted) });
              setPasted("");
            }}
          />
        )}
      </Line>
    </Chapter>
  );
}
