import { hoursLine, parseHours, parseWords, wordsLine } from "@gentian/core/house/lines";
import { ALWAYS_EMERGENCY, ALWAYS_REFUSED, helpNumber, helpSentence } from "@gentian/core/language/packs/en/limits";
import {
  AddButton,
  Amount,
  Chapter,
  DropButton,
  freshId,
  Line,
  Part,
  PhoneNumber,
  Pick,
  slug,
  Sorted,
  useChange,
  useFocusNew,
  useSpread,
  Words,
} from "./lines.tsx";

/** What it never does or says, what it says instead, and who is told. */
export function LimitsChapter() {
  const { editor } = useSpread();
  const { draft } = editor;
  const { set, add, drop } = useChange();
  const { mark } = useFocusNew();
  const e = draft.emergency ?? { words: [...ALWAYS_EMERGENCY], say: helpSentence(helpNumber(draft.country)), call: helpNumber(draft.country) };
  // What is an emergency in every house, whether it writes so or not.
  const everywhere = ALWAYS_EMERGENCY.filter((w) => !e.words.includes(w));
  const usual = draft.staff.find((s) => s.takesMessages);
  const people: [string, string][] = [
    ["", `tells ${usual ? (usual.called[0] ?? usual.name) : "the desk"}`],
    ...draft.staff.map((s): [string, string] => [s.id, `tells ${s.called[0] ?? s.name}`]),
  ];
  const ready: { subject: string; words: string[]; say: string }[] = [
    { subject: "complaints", words: ["complain", "complaint", "unhappy with"], say: "I am sorry to hear that; a person will look at it." },
    { subject: "private numbers", words: ["private number", "home number", "personal number"], say: "I don't give out private numbers." },
    { subject: "jobs", words: ["job", "vacancy", "are you hiring", "apply for"], say: "I can't say anything about jobs; a person will." },
    { subject: "press", words: ["journalist", "newspaper", "interview"], say: "Questions of the press go to a person." },
  ];
  const unused = ready.filter((r) => !draft.limits.some((l) => l.subject === r.subject));
  const put = (l: { subject: string; words: string[]; say: string }): void => {
    const id = freshId(slug(l.subject), draft.limits);
    mark(`limits/${id}`);
    add(["limits"], { id, ...l });
  };
  return (
    <Chapter id="limits" title="Limits" about="What it does not speak of, and what it says instead.">
      <Sorted items={draft.limits} path={["limits"]} keyOf={(l) => l.id} name={(l) => l.subject}>
        {(l, handle) => (
          <Line place={`limits/${l.id}`} find={`${l.subject} ${l.words.join(" ")} ${l.say}`} handle={handle}>
            <div className="grid grid-cols-[150px_minmax(0,1fr)_28px] gap-x-2">
              <Words
                label="Subject"
                className="font-serif font-semibold"
                value={l.subject}
                check={(v) => v.trim() !== ""}
                hint="A subject in a word or two."
                onChange={(v) => set(["limits", l.id, "subject"], v)}
              />
              <Words
                label={`What is said about ${l.subject}`}
                rows
                className="font-serif"
                value={l.say}
                check={(v) => v.trim() !== "" && v.length <= 400}
                hint="What is said instead."
                onChange={(v) => set(["limits", l.id, "say"], v)}
              />
              <DropButton label={`Take ${l.subject} out`} onClick={() => drop(["limits", l.id])} />
            </div>
            <div className="grid grid-cols-[150px_minmax(0,1fr)_28px] items-baseline gap-x-2 text-s">
              <Pick
                label={`Who is told of ${l.subject}`}
                value={l.tell ?? ""}
                options={people}
                onChange={(v) => set(["limits", l.id, "tell"], v === "" ? undefined : v)}
                className="max-w-[150px]"
              />
              <Words
                label={`Words that show ${l.subject}`}
                className="text-s text-quiet italic"
                placeholder="example words, with commas"
                value={wordsLine(l.words)}
                check={(v) => parseWords(v).length > 0}
                hint="At least one word that shows the subject."
                onChange={(v) => set(["limits", l.id, "words"], parseWords(v))}
              />
            </div>
          </Line>
        )}
      </Sorted>
      <div className="grid grid-cols-[minmax(0,1fr)_72px]">
        <div className="flex flex-wrap gap-2 px-5 py-2">
          {unused.map((r) => (
            <button
              key={r.subject}
              type="button"
              onClick={() => put(r)}
              className="min-h-8 rounded-m border border-hairline bg-raised px-2.5 text-s hover:border-quiet"
            >
              {r.subject}
            </button>
          ))}
        </div>
        <div className="bg-open" />
      </div>
      <AddButton onClick={() => put({ subject: "new subject", words: ["…"], say: "I can't say anything about that." })}>Another subject</AddButton>
      <Part title="Always on" />
      {ALWAYS_REFUSED.map((l) => (
        <Line key={l.id} place={`limits/${l.id}`} find={l.subject}>
          <p className="font-serif text-quiet">
            {l.subject}: “{l.say}”
          </p>
        </Line>
      ))}
      <Line place="limits/always-appointments" find="appointments of others">
        <p className="font-serif text-quiet">other people’s appointments: only name and number together show any.</p>
      </Line>
      <Part title="Emergencies, before everything" />
      <Line place="emergency" find={`emergency ${e.words.join(" ")}`}>
        <Words
          label="What is said in an emergency"
          rows
          className="font-serif"
          value={e.say}
          check={(v) => v.trim() !== ""}
          hint="Say what to do at once."
          onChange={(v) => set(["emergency"], { ...e, say: v })}
        />
        <Words
          label="Words of an emergency"
          rows
          className="text-s text-quiet italic"
          value={wordsLine(e.words)}
          check={(v) => parseWords(v).length > 0}
          hint="At least one."
          onChange={(v) => set(["emergency"], { ...e, words: parseWords(v) })}
        />
        {everywhere.length > 0 && <p className="text-s text-quiet">and in every house: {wordsLine(everywhere)}</p>}
        <div className="grid grid-cols-[150px_minmax(0,1fr)] items-baseline text-s">
          <span className="text-quiet">and puts through to</span>
          <PhoneNumber
            label="Emergency line"
            className="text-s"
            value={e.housePhone}
            onChange={(v) => {
              const { housePhone: _before, ...rest } = e;
              set(["emergency"], v === undefined ? rest : { ...rest, housePhone: v });
            }}
          />
        </div>
      </Line>
    </Chapter>
  );
}

/** When a person is called, who, in which hours, and what if nobody comes; and what is done with what it does not know. */
export function HandingChapter() {
  const { editor } = useSpread();
  const { draft } = editor;
  const { set } = useChange();
  const over = draft.handingOver ?? { nobody: "call-back" as const };
  const put = (next: object): void => set(["handingOver"], { ...over, ...next });
  return (
    <Chapter id="handing" title="Handing over" about="Whoever asks for a person gets one.">
      <Line place="handingOver" find="handing over person call back">
        <p className="flex flex-wrap items-center gap-x-1.5 gap-y-1 font-serif">
          It calls
          <Pick
            label="Who is called"
            value={over.to ?? ""}
            options={[["", "whoever is at the desk"], ...draft.staff.map((s): [string, string] => [s.id, s.name])]}
            onChange={(v) => {
              const { to: _to, ...rest } = over;
              set(["handingOver"], v === "" ? rest : { ...rest, to: v });
            }}
            end="."
          />
          When nobody is there, or nobody comes within{" "}
          <Amount label="Minutes that somebody is waited for" value={over.waitMin ?? 3} least={1} most={120} onChange={(n) => put({ waitMin: n })} /> minutes,
          it
          <Pick
            label="What is done when nobody is there"
            value={over.nobody}
            options={[
              ["call-back", "offers a call back"],
              ["message", "takes a message"],
            ]}
            onChange={(nobody) => put({ nobody })}
            end="."
          />
        </p>
        <div className="grid grid-cols-[150px_minmax(0,1fr)] items-baseline text-s">
          <span className="text-quiet">somebody is there</span>
          <Words
            label="Hours in which somebody is there"
            className="text-s"
            placeholder="while the house is open"
            value={hoursLine(over.hours ?? [])}
            check={(v) => parseHours(v) !== null}
            hint="Write it like this: Mon–Fri 9–17."
            onChange={(v) => put({ hours: parseHours(v) ?? [] })}
          />
          <span className="text-quiet">called at once for</span>
          <Words
            label="Words for which a person is called at once"
            className="text-s"
            placeholder="words, with commas"
            value={wordsLine(over.words ?? [])}
            onChange={(v) => put({ words: parseWords(v) })}
          />
        </div>
      </Line>
      <Part title="What it does not know" />
      <Line place="unknown" find="unknown does not know">
        <p className="flex flex-wrap items-center gap-x-1.5 font-serif">
          It says so, and
          <Pick
            label="What is done with what it does not know"
            value={draft.unknown?.do ?? "pass-on"}
            options={[
              ["pass-on", "offers to pass the question on"],
              ["hand-over", "hands over to a person"],
              ["say-so", "leaves it at that"],
            ]}
            onChange={(v) => set(["unknown"], { do: v })}
            end="."
          />
        </p>
      </Line>
    </Chapter>
  );
}
