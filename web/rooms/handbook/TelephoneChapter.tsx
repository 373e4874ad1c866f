import { useState } from "react";
import { Link } from "react-router";
import { VOICES, VOICE_NAMES, type VoiceName } from "@gentian/core/speech/voices";
import { hoursLine, parseHours } from "@gentian/core/house/lines";
import type { Calls, Receptionist } from "@gentian/core/house/schema";
import { wordsOf } from "../../api/client.ts";
import { Button } from "../../parts/controls.tsx";
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
  Tick,
  useChange,
  useFocusNew,
  useSpread,
  Words,
} from "./lines.tsx";

const PACES = [
  ["0.85", "slowly"],
  ["1", "at its own pace"],
  ["1.15", "briskly"],
] as const;

/** How it sounds and behaves on the telephone: voice, patience, recording, putting through. */
export function TelephoneChapter() {
  const { editor } = useSpread();
  const { draft } = editor;
  const { set } = useChange();
  const { mark } = useFocusNew();
  const calls: Calls = draft.calls ?? {};
  const put = (next: Partial<Calls>): void => set(["calls"], { ...calls, ...next });
  const said = calls.said ?? [];
  return (
    <Chapter id="telephone" title="On the telephone" about="How it sounds, how long it waits, what it keeps.">
      {draft.receptionists.map((r) => (
        <Sound key={r.id} r={r} />
      ))}
      <Line place="calls" find="telephone patience interrupt record recording ring call">
        <p className="flex flex-wrap items-center gap-x-1.5 gap-y-1 font-serif">
          When somebody pauses, it
          <Pick
            label="How long it waits in a pause"
            value={calls.patience ?? "usual"}
            options={[
              ["brisk", "answers at once"],
              ["usual", "waits a moment"],
              ["patient", "waits longer, for people who take their time"],
            ]}
            onChange={(patience) => put({ patience })}
            end="."
          />
          After
          <Amount
            label="Seconds of silence before it helps"
            value={calls.helpAfterSec ?? 6}
            least={3}
            most={30}
            onChange={(n) => put({ helpAfterSec: n })}
          />{" "}
          seconds of silence it helps, and a call lasts
          <Amount label="The longest call in minutes" value={calls.longestMin ?? 20} least={1} most={120} onChange={(n) => put({ longestMin: n })} /> minutes at
          most.
        </p>
        <p className="flex flex-wrap items-center gap-x-4">
          <Tick value={calls.interruptible ?? true} label="stops when the caller speaks" onChange={(v) => put({ interruptible: v })} />
          <Tick value={calls.background === "room"} label="the quiet of a room in the background" onChange={(v) => put({ background: v ? "room" : "none" })} />
        </p>
        <p className="flex flex-wrap items-center gap-x-1.5 gap-y-1 font-serif">
          It
          <Pick
            label="Whether calls are recorded"
            value={calls.record ?? "no"}
            options={[
              ["no", "does not record calls"],
              ["tell", "records calls, and says so"],
              ["ask", "asks before it records"],
            ]}
            onChange={(record) => put({ record })}
          />
          {calls.record === "tell" || calls.record === "ask" ? (
            <>
              ; a recording is deleted after
              <Amount
                label="Days until a recording is deleted"
                value={calls.keepDays ?? 30}
                least={1}
                most={3650}
                onChange={(n) => put({ keepDays: n })}
              />{" "}
              days
            </>
          ) : null}
          .
        </p>
      </Line>
      <PuttingThrough calls={calls} put={put} />
      <Part title="Words that the voice says wrong" />
      {said.map((s, i) => (
        <Line key={s.id} place={`calls/said/${s.id}`} find={`${s.word} ${s.as}`}>
          <div className="grid grid-cols-[150px_minmax(0,1fr)_auto_28px] items-baseline gap-x-2">
            <Words
              label={`Word ${i + 1} that is said wrong`}
              className="font-serif font-semibold"
              value={s.word}
              check={(v) => v.trim() !== ""}
              hint="A word, such as Pilates."
              onChange={(v) => put({ said: said.map((x) => (x.id === s.id ? { ...x, word: v } : x)) })}
            />
            <Words
              label={`How ${s.word} is said`}
              className="font-serif"
              value={s.as}
              check={(v) => v.trim() !== ""}
              hint="Written as it sounds, such as pi lah tees."
              onChange={(v) => put({ said: said.map((x) => (x.id === s.id ? { ...x, as: v } : x)) })}
            />
            <Try text={s.as} r={draft.receptionists[0]} />
            <DropButton label={`Take ${s.word} out`} onClick={() => put({ said: said.filter((x) => x.id !== s.id) })} />
          </div>
        </Line>
      ))}
      <AddButton
        onClick={() => {
          const id = freshId(slug("word"), said);
          mark(`calls/said/${id}`);
          put({ said: [...said, { id, word: "Word", as: "as it sounds" }] });
        }}
      >
        A word and how it is said
      </AddButton>
    </Chapter>
  );
}

/** To whom calls are put through, and how. */
function PuttingThrough({ calls, put }: { calls: Calls; put: (next: Partial<Calls>) => void }) {
  const { editor } = useSpread();
  const { draft } = editor;
  const { mark } = useFocusNew();
  const telephones = calls.telephones ?? [];
  const change = (id: string, next: Partial<(typeof telephones)[number]>): void =>
    put({ telephones: telephones.map((t) => (t.id === id ? { ...t, ...next } : t)) });
  const without = draft.staff.filter((s) => !telephones.some((t) => t.staff === s.id));
  return (
    <>
      <Part title="Putting through" />
      <Line place="calls/through" find="putting through announced straight desk telephone">
        <p className="flex flex-wrap items-center gap-x-1.5 gap-y-1 font-serif">
          A call that is handed over rings at the desk for
          <Amount label="Seconds that it rings at the desk" value={calls.ringSec ?? 25} least={5} most={120} onChange={(n) => put({ ringSec: n })} /> seconds,
          and at the telephone of whoever it is for; then it comes back, and a message is taken. Whoever picks up a telephone
          <Pick
            label="How calls are put through to a telephone"
            value={calls.through ?? "announced"}
            options={[
              ["announced", "hears who calls and why, and takes the call or leaves it"],
              ["straight", "has the caller straight away"],
            ]}
            onChange={(through) => put({ through })}
            end="."
          />
          <Link className="min-h-6 font-sans text-s text-gentian underline" to="/telephones">
            Let them ring on this computer
          </Link>
        </p>
      </Line>
      {telephones.map((t) => {
        const name = draft.staff.find((s) => s.id === t.staff)?.name ?? t.staff;
        return (
          <Line key={t.id} place={`calls/telephones/${t.id}`} find={`${name} telephone ${t.number}`}>
            <div className="grid grid-cols-[200px_150px_minmax(0,1fr)_28px] items-baseline gap-x-2">
              <Pick
                label={`Whose telephone ${t.number} is`}
                value={t.staff}
                options={draft.staff.filter((s) => s.id === t.staff || without.includes(s)).map((s): [string, string] => [s.id, s.name])}
                onChange={(staff) => change(t.id, { staff })}
              />
              <PhoneNumber label={`Number of ${name}`} value={t.number} onChange={(v) => change(t.id, { number: v ?? t.number })} />
              <Words
                label={`Hours of the telephone of ${name}`}
                className="text-s"
                placeholder="while somebody is there"
                value={hoursLine(t.hours ?? [])}
                check={(v) => parseHours(v) !== null}
                hint="Write it like this: Mon–Fri 9–17."
                onChange={(v) => change(t.id, { hours: parseHours(v) ?? [] })}
              />
              <DropButton label={`Take the telephone of ${name} out`} onClick={() => put({ telephones: telephones.filter((x) => x.id !== t.id) })} />
            </div>
          </Line>
        );
      })}
      {without[0] ? (
        <AddButton
          onClick={() => {
            const id = freshId(slug("telephone"), telephones);
            mark(`calls/telephones/${id}`);
            put({ telephones: [...telephones, { id, staff: without[0]?.id ?? "", number: draft.place.phone ?? "+15555550100" }] });
          }}
        >
          A telephone of somebody’s
        </AddButton>
      ) : null}
    </>
  );
}

function Sound({ r }: { r: Receptionist }) {
  const { set } = useChange();
  const voice = r.voice ?? { name: "clara" as VoiceName };
  const put = (next: Partial<NonNullable<Receptionist["voice"]>>): void => set(["receptionists", r.id, "voice"], { ...voice, ...next });
  return (
    <Line place={`receptionists/${r.id}/voice`} find={`${r.name} voice`}>
      <p className="flex flex-wrap items-center gap-x-1.5 gap-y-1 font-serif">
        {r.name} speaks as
        <Pick
          label={`Voice of ${r.name}`}
          value={voice.name}
          options={VOICE_NAMES.map((n): [VoiceName, string] => [n, `${n.slice(0, 1).toUpperCase()}${n.slice(1)}, ${VOICES[n].says}`])}
          onChange={(name) => put({ name })}
        />
        <Pick
          label={`Pace of ${r.name}`}
          value={String(voice.pace ?? 1) as (typeof PACES)[number][0]}
          options={PACES}
          onChange={(v) => put({ pace: Number(v) })}
        />
        <Pick
          label={`Pitch of ${r.name}`}
          value={String(voice.pitch ?? 1)}
          options={[
            ["0.88", "and lower"],
            ["1", "in its own pitch"],
            ["1.12", "and higher"],
          ]}
          onChange={(v) => put({ pitch: Number(v) })}
        />
        <Try text={`Good morning. How can I help?`} r={{ ...r, voice }} />
      </p>
    </Line>
  );
}

/** Says something in a receptionist's voice. */
function Try({ text, r }: { text: string; r: Receptionist | undefined }) {
  const [wrong, setWrong] = useState("");
  const [busy, setBusy] = useState(false);
  const hear = async (): Promise<void> => {
    setBusy(true);
    setWrong("");
    try {
      const v = r?.voice;
      const query = new URLSearchParams({ text, voice: v?.name ?? "clara", pace: String(v?.pace ?? 1), pitch: String(v?.pitch ?? 1) });
      await new Audio(`/api/desk/voice.wav?${query.toString()}`).play();
    } catch (e) {
      setWrong(e instanceof DOMException ? "This browser plays no sound here." : wordsOf(e).title);
    }
    setBusy(false);
  };
  return (
    <span className="inline-flex items-baseline gap-2">
      <Button kind="quiet" disabled={busy} onClick={() => void hear()} aria-label={`Hear “${text}”`}>
        hear it
      </Button>
      {wrong ? <span className="font-sans text-s text-clay">{wrong}</span> : null}
    </span>
  );
}
