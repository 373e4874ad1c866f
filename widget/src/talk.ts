/** What the chat knows of the public interface. */
export interface Reply {
  id: string;
  from: "receptionist" | "desk";
  text: string;
  expects?: string;
  choices?: { label: string; say: string }[];
  appointment?: {
    service: string;
    staff: string;
    start: string;
    end: string;
    status: "booked" | "moved" | "cancelled";
    price?: { minor: number; currency: string };
    places?: number;
  };
}
export interface State {
  status: "open" | "with-desk" | "closed";
}
export interface LineInfo {
  house: string;
  short: string;
  open: boolean;
  languages: string[];
}
export interface Said {
  id: string;
  from: "client" | "receptionist" | "desk";
  text: string;
  reply?: Reply;
}

/** A request that did not go through: the status, and what to tell the client. */
export class Failed extends Error {
  constructor(
    readonly status: number,
    message: string,
  ) {
    super(message);
  }
}

/** One conversation with the house's line, over its public interface. */
export class Talk {
  constructor(
    readonly base: string,
    readonly line: string,
    public id = "",
    public token = "",
  ) {}

  async #ask<T>(path: string, init: RequestInit = {}): Promise<T> {
    let res: Response;
    try {
      res = await fetch(`${this.base}/api/v1${path}`, {
        ...init,
        headers: { ...(init.body ? { "content-type": "application/json" } : {}), ...(this.token ? { authorization: `Bearer ${this.token}` } : {}) },
      });
    } catch {
      throw new Failed(0, "There is no connection right now. What you wrote is kept; try again in a moment.");
    }
    if (!res.ok) {
      const problem = (await res.json().catch(() => ({}))) as { title?: string; detail?: string };
      throw new Failed(res.status, problem.detail ?? problem.title ?? "That did not go through. Try again in a moment.");
    }
    return (await res.json()) as T;
  }

  info(): Promise<LineInfo> {
    return this.#ask(`/lines/${encodeURIComponent(this.line)}`);
  }

  async start(): Promise<Reply[]> {
    this.token = "";
    const made = await this.#ask<{ conversation: string; token: string; replies: Reply[] }>(`/lines/${encodeURIComponent(this.line)}/conversations`, {
      method: "POST",
      body: JSON.stringify({ channel: "web", locale: navigator.language, page: location.href.slice(0, 500) }),
    });
    this.id = made.conversation;
    this.token = made.token;
    return made.replies;
  }

  say(text: string, ref: string): Promise<{ replies: Reply[]; state: State }> {
    return this.#ask(`/conversations/${this.id}/messages`, { method: "POST", body: JSON.stringify({ text, ref }) });
  }

  all(): Promise<{ said: Said[]; state: State }> {
    return this.#ask(`/conversations/${this.id}`);
  }

  /** Listens for what others say until stopped; connects again when cut. */
  listen(hear: (event: string, data: unknown) => void): () => void {
    const stop = new AbortController();
    let last = "";
    const run = async (): Promise<void> => {
      while (!stop.signal.aborted) {
        try {
          const res = await fetch(`${this.base}/api/v1/conversations/${this.id}/stream`, {
            headers: { authorization: `Bearer ${this.token}`, ...(last ? { "last-event-id": last } : {}) },
            signal: stop.signal,
          });
          if (res.status === 401 || res.status === 404) return;
          const reader = res.body?.pipeThrough(new TextDecoderStream()).getReader();
          let rest = "";
          for (;;) {
            const part = await reader?.read();
            if (!part || part.done) break;
            rest += part.value;
            const blocks = rest.split("\n\n");
            rest = blocks.pop() ?? "";
            for (const block of blocks) {
              const field = (name: string): string => new RegExp(`^${name}: (.*)$`, "m").exec(block)?.[1] ?? "";
              if (field("id")) last = field("id");
              if (field("data")) hear(field("event"), JSON.parse(field("data")));
            }
          }
        } catch {
          if (stop.signal.aborted) return;
        }
        await new Promise((r) => setTimeout(r, 2000));
      }
    };
    void run();
    return () => stop.abort();
  }
}

/** How a phone's keyboard should look for what is waited for. */
export function keyboardFor(expects: string | undefined): { inputmode: string; autocomplete: string; hint: string } {
  switch (expects) {
    case "phone":
      return { inputmode: "tel", autocomplete: "tel", hint: "Your telephone number" };
    case "email":
      return { inputmode: "email", autocomplete: "email", hint: "Your email address" };
    case "name":
      return { inputmode: "text", autocomplete: "name", hint: "Your name" };
    default:
      return { inputmode: "text", autocomplete: "off", hint: "Write here" };
  }
}

/** "Thu 4 March, 5:30–6:30 pm" as the house's wall shows it: the offset in the text is the house's own. */
export function whenLine(start: string, end: string): string {
  const wall = (s: string): Date => new Date(`${s.slice(0, 19)}Z`);
  const a = wall(start);
  const day = new Intl.DateTimeFormat("en-GB", { weekday: "short", day: "numeric", month: "long", timeZone: "UTC" }).format(a).replace(",", "");
  const time = (d: Date): string => `${((d.getUTCHours() + 11) % 12) + 1}:${String(d.getUTCMinutes()).padStart(2, "0")} ${d.getUTCHours() < 12 ? "am" : "pm"}`;
  return `${day}, ${time(a)} to ${time(wall(end))}`;
}

/** One appointment as an iCalendar file (RFC 5545), in UTC. */
export function calendarFile(a: NonNullable<Reply["appointment"]>, id: string, house: string): string {
  const utc = (s: string): string => new Date(s).toISOString().replace(/[-:]/g, "").slice(0, 15) + "Z";
  const plain = (s: string): string => s.replace(/([\\;,])/g, "\\$1").replace(/\n/g, "\\n");
  return [
    "BEGIN:VCALENDAR",
    "VERSION:2.0",
    "PRODID:-//Gentian//Chat//EN",
    "BEGIN:VEVENT",
    `UID:${id}`,
    `DTSTAMP:${utc(new Date().toISOString())}`,
    `DTSTART:${utc(a.start)}`,
    `DTEND:${utc(a.end)}`,
    `SUMMARY:${plain(`${a.service}, ${house}`)}`,
    "END:VEVENT",
    "END:VCALENDAR",
    "",
  ].join("\r\n");
}
