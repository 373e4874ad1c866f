import { GREETING, MOMENTS, wordingFault } from "@gentian/core/house/moments";
import { previewOf } from "@gentian/core/house/preview";
import { OWN_MOMENTS, type OwnMoment, type Receptionist } from "@gentian/core/house/schema";
import { AddButton, Chapter, DropButton, freshId, Line, Part, Pick, Tick, useChange, useFocusNew, useSpread, Words } from "./lines.tsx";
import { gapWords } from "./words.ts";

const MOMENT_WORDS: Record<OwnMoment, string> = {
  offer: "when it offers times",
  booked: "when it is booked",
  moved: "when it is moved",
  cancelled: "when it is cancelled",
  "late-fee": "when a late fee is due",
  unknown: "when it does not know",
  "handing-over": "when it hands over",
  "anything-else": "when it asks what else",
  goodbye: "when it says goodbye",
  unheard: "when it does not hear well",
};

const START: Record<OwnMoment, string> = {
  offer: "I have {list}. Which suits you?",
  booked: "Lovely, {time} is yours.",
  moved: "It is now {time}.",
  cancelled: "{time} is let go.",
  "late-fee": "As it is less than {free} before, {sum} is due.",
  unknown: "That I don't know.",
  "handing-over": "One of us is coming.",
  "anything-else": "What else can I do?",
  goodbye: "Goodbye from {house}.",
  unheard: "The line is not good. Once more, please?",
};

/** Who answers, in which manner, and in which words. */
export function SpeaksChapter() {
  const { editor } = useSpread();
  const { draft } = editor;
  return (
    <Chapter id="speaks" title="How it speaks">
      {draft.receptionists.map((r) => (
        <Voice key={r.id} r={r} />
      ))}
    </Chapter>
  );
}

function Voice({ r }: { r: Receptionist }) {
  const { editor } = useSpread();
  const { draft } = editor;
  const { set, add, drop } = useChange();
  const { mark } = useFocusNew();
  const path = (...more: string[]): string[] => ["receptionists", r.id, ...more];
  const place = `receptionists/${r.id}`;
  const said = (say: string, moment: OwnMoment | "greeting") => {
    const fault = wordingFault(moment === "greeting" ? GREETING : MOMENTS[moment], say);
    return fault ? (
      <p role="alert" className="text-s text-clay">
        {gapWords(fault).long}. There are: {(moment === "greeting" ? GREETING : MOMENTS[moment]).variables.map((v) => `{${v}}`).join(" ")}
      </p>
    ) : (
      <p className="font-serif text-s text-quiet italic">“{previewOf(say, draft, r.name, moment)}”</p>
    );
  };
  return (
    <>
      <Line place={place} find={`${r.name} manner greeting`}>
        <div className="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-3">
          <Words
            label="Name of the receptionist"
            className="font-serif text-l"
            value={r.name}
            check={(v) => v.trim() !== ""}
            hint="A name, such as Receptionist."
            onChange={(v) => set(path("name"), v)}
          />
          <span className="flex items-center gap-2 text-s text-quiet">
            is
            <Pick
              label={`Manner of ${r.name}`}
              value={r.manner ?? "warm"}
              options={[
                ["warm", "warm"],
                ["brisk", "brisk"],
                ["formal", "formal"],
              ]}
              onChange={(v) => set(path("manner"), v)}
            />
            and
            <Pick
              label={`Length of what ${r.name} says`}
              value={r.length ?? "full"}
              options={[
                ["full", "full"],
                ["short", "short"],
              ]}
              onChange={(v) => set(path("length"), v)}
            />
          </span>
        </div>
        <div className="mt-1 grid grid-cols-[112px_minmax(0,1fr)] items-baseline">
          <span className="text-s text-quiet">greets with</span>
          <div>
            <Words
              label={`Greeting of ${r.name}`}
              rows
              className="font-serif"
              value={r.greeting}
              check={(v) => v.trim() !== "" && v.length <= 300}
              hint="A greeting of up to 300 letters."
              onChange={(v) => set(path("greeting"), v)}
            />
            {said(r.greeting, "greeting")}
            {(r.greetings ?? []).map((g, i) => (
              <div key={i} className="flex items-start gap-1">
                <div className="flex-1">
                  <Words
                    label={`Greeting ${i + 2} of ${r.name}`}
                    rows
                    className="font-serif"
                    value={g}
                    onChange={(v) =>
                      set(
                        path("greetings"),
                        (r.greetings ?? []).map((x, k) => (k === i ? v || "…" : x)),
                      )
                    }
                  />
                  {said(g, "greeting")}
                </div>
                <DropButton
                  label={`Take greeting ${i + 2} out`}
                  onClick={() =>
                    set(
                      path("greetings"),
                      (r.greetings ?? []).filter((_, k) => k !== i),
                    )
                  }
                />
              </div>
            ))}
          </div>
        </div>
        <div className="flex gap-4">
          <button
            type="button"
            className="min-h-7 text-s font-semibold text-gentian"
            onClick={() => set(path("greetings"), [...(r.greetings ?? []), "{house}, {daypart}. What can I do for you?"])}
          >
            Another greeting, in turn
          </button>
          <Tick value={r.callBack} label="offers a call back where it cannot help" onChange={(v) => set(path("callBack"), v)} />
        </div>
      </Line>
      <Part title={`${r.name}: words of your own`} />
      {(r.wordings ?? []).map((w) => (
        <Line key={w.id} place={`${place}/wordings/${w.id}`} find={`${MOMENT_WORDS[w.moment]} ${w.say}`}>
          <div className="grid grid-cols-[180px_minmax(0,1fr)_28px] items-start gap-x-2">
            <Pick
              label="Moment"
              value={w.moment}
              options={OWN_MOMENTS.map((m): [OwnMoment, string] => [m, MOMENT_WORDS[m]])}
              onChange={(m) => set(path("wordings", w.id, "moment"), m)}
            />
            <div>
              <Words
                label={`Said ${MOMENT_WORDS[w.moment]}`}
                rows
                className="font-serif"
                value={w.say}
                check={(v) => v.trim() !== ""}
                hint="Some words."
                onChange={(v) => set(path("wordings", w.id, "say"), v)}
              />
              {said(w.say, w.moment)}
            </div>
            <DropButton label={`Take this wording out`} onClick={() => drop(path("wordings", w.id))} />
          </div>
        </Line>
      ))}
      <AddButton
        onClick={() => {
          const id = freshId("wording", r.wordings ?? []);
          const moment = OWN_MOMENTS.find((m) => !(r.wordings ?? []).some((w) => w.moment === m)) ?? "booked";
          mark(`${place}/wordings/${id}`);
          add(path("wordings"), { id, moment, say: START[moment] });
        }}
      >
        Words of your own for a moment
      </AddButton>
    </>
  );
}
