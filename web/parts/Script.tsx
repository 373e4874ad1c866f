import type { OneConversation, TurnView } from "../api/types.ts";
import { notesOf } from "./reasons.ts";
import { longDate, shortDate } from "./words.ts";

/** A conversation set like a play script: names in the margin, words in a column, reasons at the side. */
export function Script({ talk }: { talk: OneConversation }) {
  const client = talk.clientName?.split(" ")[0] ?? "Client";
  let n = 0;
  const noted = talk.turns.map((t) => {
    const notes = t.who === "receptionist" && t.reasons ? notesOf(t.reasons) : [];
    return { t, notes, number: notes.length > 0 ? ++n : 0 };
  });
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_300px] gap-x-4">
      <ol aria-label="What was said">
        {noted.map(({ t, number }) => (
          <li key={t.id} className="grid grid-cols-[112px_minmax(0,1fr)] gap-x-4">
            {t.who === "event" ? (
              <p className="col-start-2 pb-2 font-serif text-s text-quiet italic">{directionText(t)}</p>
            ) : (
              <>
                <span
                  className={`pt-1 text-right text-[11px] font-semibold tracking-wider uppercase ${t.who === "receptionist" ? "text-gentian" : t.who === "desk" ? "text-stamen" : "text-quiet"}`}
                >
                  {t.who === "client" ? client : t.who === "desk" ? "Desk" : "Receptionist"}
                </span>
                <div className="pb-2.5">
                  <p className="font-serif text-[16px] leading-[23px] [overflow-wrap:anywhere] whitespace-pre-wrap">
                    {t.text}
                    {number > 0 ? <sup className="ml-0.5 text-[11px] font-semibold text-gentian">{number}</sup> : null}
                  </p>
                  {t.reply?.appointment ? <Deed a={t.reply.appointment} /> : null}
                </div>
              </>
            )}
          </li>
        ))}
      </ol>
      <ol className="space-y-2.5 border-l border-hairline pl-4 text-s text-quiet" aria-label="Reasons">
        {noted.map(({ t, notes, number }) =>
          number > 0 ? (
            <li key={t.id}>
              <b className="mr-1 font-semibold text-gentian">{number}</b>
              {notes.map((note, i) => (
                <span key={i} className={i > 0 ? "block" : ""}>
                  {note}
                </span>
              ))}
            </li>
          ) : null,
        )}
      </ol>
    </div>
  );
}

function Deed({ a }: { a: NonNullable<NonNullable<TurnView["reply"]>["appointment"]> }) {
  const done = a.status !== "cancelled";
  return (
    <p className={`mt-1.5 max-w-[540px] rounded-m border border-l-4 border-hairline bg-raised px-3 py-1.5 text-s ${done ? "border-l-fern" : "border-l-quiet"}`}>
      <b className="font-semibold">
        {shortDate(a.start.slice(0, 10))}, {a.start.slice(11, 16)}–{a.end.slice(11, 16)}
      </b>{" "}
      <span className="mx-1">
        {a.service}, {a.staff}
      </span>{" "}
      <span className={done ? "font-semibold text-fern" : "font-semibold text-quiet"}>{a.status}</span>
    </p>
  );
}

function directionText(t: TurnView): string {
  const text = t.direction ?? t.text;
  const m = /^(\S+) (\d{4}-\d{2}-\d{2}) (\d{2}:\d{2})(.*)$/.exec(text);
  if (m)
    return `${{ held: "holds", lost: "was taken:", booked: "booked", moved: "moved to", cancelled: "cancelled" }[m[1] as string] ?? m[1]} ${longDate(m[2] as string)}, ${m[3]}${m[4]}`;
  return (
    {
      left: "the client left",
      slipped: "a slip for the desk",
      released: "lets go of what was held",
      message: "a message for the desk",
      "hand-over": "handed over to the desk",
      emergency: "the desk is alarmed",
      "call-back": "a call back is wished for",
      waiting: "put on the waiting list",
      silence: "silence",
    }[text] ?? text
  );
}
