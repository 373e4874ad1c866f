import { useCallback, useEffect, useRef, useState } from "react";
import { PhoneLine, type LineFault, type LineMessage } from "./line.ts";

/** Something said in a call, or that happened in it. */
export interface CallLine {
  id: number;
  who: "client" | "receptionist" | "desk" | "event";
  text: string;
  brokenOff?: boolean;
}

export type CallState = "before" | "calling" | "going" | "put-through" | "over";

/**
 * A call as a page shows it: its state, what was said, and the words that are being heard right now. `answer` gives what a
 * line asks for whose conversation the page itself holds.
 */
export function useLine(path: string, start: object | null, answer?: (asked: LineMessage) => Promise<object>) {
  const [state, setState] = useState<CallState>("before");
  const [lines, setLines] = useState<CallLine[]>([]);
  const [hears, setHears] = useState("");
  const [says, setSays] = useState("");
  const [fault, setFault] = useState<LineFault | null>(null);
  const [muted, setMuted] = useState(false);
  const [announced, setAnnounced] = useState<{ who: string; why: string } | null>(null);
  const line = useRef<PhoneLine | null>(null);
  const count = useRef(0);
  const answering = useRef(answer);
  useEffect(() => {
    answering.current = answer;
  });

  const put = useCallback((l: Omit<CallLine, "id">): void => setLines((list) => [...list, { ...l, id: ++count.current }]), []);
  const hear = useCallback(
    (m: LineMessage): void => {
      switch (m.event) {
        case "started":
        case "taken":
          setState("going");
          return;
        case "announced":
          setAnnounced({ who: m.who ?? "", why: m.why ?? "" });
          return;
        case "ask":
          void answering.current?.(m).then((turned) => line.current?.tell({ event: "answer", id: m.id, turned }));
          return;
        case "hears":
          setHears(m.words ?? "");
          return;
        case "heard":
          setHears("");
          if (m.turn) put({ who: "client", text: m.turn.text });
          return;
        case "says":
          setSays(m.text ?? "");
          return;
        case "said":
          setSays("");
          if (m.turn) put({ who: m.turn.who, text: m.turn.text, ...(m.turn.brokenOff ? { brokenOff: true } : {}) });
          return;
        case "unclear":
          put({ who: "event", text: "not heard well enough" });
          return;
        case "key":
          put({ who: "event", text: `key ${m.key ?? ""}` });
          return;
        case "put-through":
          setState("put-through");
          put({ who: "event", text: `put through to ${m.to ?? ""}` });
          return;
        case "back":
          put({ who: "event", text: "nobody came to the telephone" });
          return;
        case "recording":
          put({ who: "event", text: m.on ? "recorded" : "not recorded" });
      }
    },
    [put],
  );

  const call = (): void => {
    setFault(null);
    setLines([]);
    setHears("");
    setSays("");
    setMuted(false);
    setState("calling");
    line.current = new PhoneLine(hear, (f) => {
      setFault(f);
      setHears("");
      setSays("");
      setState("over");
    });
    void line.current.open(path, start);
  };
  useEffect(() => () => line.current?.hangUp(), []);
  return {
    state,
    lines,
    hears,
    says,
    fault,
    muted,
    /** Who calls and why, where that is told before one has them. */
    announced,
    call,
    hangUp: () => line.current?.hangUp(),
    press: (key: string) => line.current?.press(key),
    mute: (on: boolean) => {
      if (line.current) line.current.muted = on;
      setMuted(on);
    },
  };
}

export type Line = ReturnType<typeof useLine>;
