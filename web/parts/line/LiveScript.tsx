import { useEffect, useRef } from "react";
import type { CallLine, Line } from "./useLine.ts";

const WHO = { client: "You", receptionist: "Receptionist", desk: "Desk" } as const;

/** A call going on, set like a play script: what was said, and the words as they are being heard. */
export function LiveScript({ line, client = "You" }: { line: Line; client?: string }) {
  const end = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // Some browsers give a promise back, which is no clean-up.
    void end.current?.scrollIntoView({ block: "end" });
  }, [line.lines.length, line.hears, line.says]);
  return (
    <div
      className="min-h-0 flex-1 overflow-y-auto px-6 py-4"
      aria-live="polite"
      aria-busy={line.says !== "" || line.hears !== ""}
      aria-label="What is being said"
      role="log"
      tabIndex={0}
    >
      {line.lines.map((l) => (
        <One key={l.id} l={l} client={client} />
      ))}
      {line.says !== "" ? <Row who="receptionist" name={WHO.receptionist} text={line.says} now /> : null}
      {line.hears !== "" ? <Row who="client" name={client} text={`${line.hears} …`} now /> : null}
      <div ref={end} />
    </div>
  );
}

function One({ l, client }: { l: CallLine; client: string }) {
  if (l.who === "event") return <p className="ml-[116px] pb-2 font-serif text-s text-quiet italic">{l.text}</p>;
  return <Row who={l.who} name={l.who === "client" ? client : WHO[l.who]} text={l.brokenOff ? `${l.text} —` : l.text} />;
}

function Row({ who, name, text, now = false }: { who: "client" | "receptionist" | "desk"; name: string; text: string; now?: boolean }) {
  return (
    <div className="grid grid-cols-[100px_minmax(0,1fr)] gap-x-4 pb-2.5">
      <span
        className={`pt-1 text-right text-[11px] font-semibold tracking-wider uppercase ${who === "receptionist" ? "text-gentian" : who === "desk" ? "text-stamen" : "text-quiet"}`}
      >
        {name}
      </span>
      <p className={`font-serif text-[16px] leading-[23px] [overflow-wrap:anywhere] ${now ? "text-quiet italic" : ""}`}>{text}</p>
    </div>
  );
}
