import { useEffect, useState } from "react";
import useSWR, { useSWRConfig, type SWRResponse } from "swr";
import { get } from "./client.ts";
import type { Me } from "./types.ts";

export const useGet = <T>(path: string | null): SWRResponse<T, unknown> => useSWR<T, unknown>(path, get, { keepPreviousData: true, revalidateOnFocus: true });

export const useMe = (): SWRResponse<Me, unknown> => useSWR<Me, unknown>("/me", get, { revalidateOnFocus: false });

/** Hears what changed on the server, and asks again for what is shown of it. */
export function useLive(): void {
  const { mutate } = useSWRConfig();
  useEffect(() => {
    let source: EventSource | null = null;
    const again =
      (...starts: string[]) =>
      () =>
        void mutate((key) => typeof key === "string" && starts.some((s) => key.startsWith(s)));
    const open = (): void => {
      source?.close();
      source = new EventSource("/api/desk/stream");
      source.addEventListener("calendar", again("/day", "/appointments", "/openings", "/draft/copy", "/week", "/differs", "/blocks", "/walk-ins", "/me"));
      source.addEventListener("talk", again("/now", "/logbook", "/conversations"));
      source.addEventListener("slip", again("/now"));
      source.addEventListener("draft", () => {
        window.dispatchEvent(new Event("gentian:draft"));
        again("/me")();
      });
      // After a cut something may have been missed.
      source.addEventListener("hello", again("/day", "/now", "/logbook"));
    };
    const close = (): void => source?.close();
    // A page that the browser keeps for going back must not keep its line: a host gets six, and then nothing goes through.
    const shown = (e: PageTransitionEvent): void => {
      if (e.persisted) open();
    };
    open();
    window.addEventListener("pagehide", close);
    window.addEventListener("pageshow", shown);
    return () => {
      window.removeEventListener("pagehide", close);
      window.removeEventListener("pageshow", shown);
      close();
    };
  }, [mutate]);
}

/** The house's time now, in minutes since its midnight, and its date; moves on with the house's clock. */
export function useHouseClock(me: Me): { date: string; minute: number } {
  const [seen, setSeen] = useState({ at: performance.now(), ms: me.clock.nowMs });
  const [, tick] = useState(0);
  useEffect(() => setSeen({ at: performance.now(), ms: me.clock.nowMs }), [me.clock.nowMs]);
  useEffect(() => {
    const timer = setInterval(() => tick((n) => n + 1), 5000);
    return () => clearInterval(timer);
  }, []);
  const now = new Date(seen.ms + (performance.now() - seen.at) * me.clock.rate);
  const parts = Object.fromEntries(
    new Intl.DateTimeFormat("en-CA", {
      timeZone: me.house.zone,
      year: "numeric",
      month: "2-digit",
      day: "2-digit",
      hour: "2-digit",
      minute: "2-digit",
      hourCycle: "h23",
    })
      .formatToParts(now)
      .map((p) => [p.type, p.value]),
  );
  return { date: `${parts["year"]}-${parts["month"]}-${parts["day"]}`, minute: Number(parts["hour"]) * 60 + Number(parts["minute"]) };
}

/** A value that outlives a reload: what somebody typed and has not sent. */
export function useKept<T>(key: string, first: T): [T, (value: T) => void, () => void] {
  const [value, setValue] = useState<T>(() => {
    try {
      const text = localStorage.getItem(`gentian:${key}`);
      return text === null ? first : (JSON.parse(text) as T);
    } catch {
      return first;
    }
  });
  const set = (next: T): void => {
    setValue(next);
    try {
      localStorage.setItem(`gentian:${key}`, JSON.stringify(next));
    } catch {
      // Without storage the page still works; only a reload forgets.
    }
  };
  const clear = (): void => {
    setValue(first);
    try {
      localStorage.removeItem(`gentian:${key}`);
    } catch {
      // As above.
    }
  };
  return [value, set, clear];
}
