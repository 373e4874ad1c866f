import { FONTS, MARK, STYLE } from "./style.ts";
import { calendarFile, Failed, keyboardFor, Talk, whenLine, type LineInfo, type Reply, type State } from "./talk.ts";

/**
 * The website chat: one script tag on any page.
 *
 *   <script src="https://HOUSE/chat/chat.js" data-line="LINE-KEY" async></script>
 */
const script = document.currentScript as HTMLScriptElement | null;
const line = script?.dataset["line"] ?? "";
const base = script ? new URL(script.src).origin : location.origin;
const kept = `gentian:${line}`;

function store(key: string, value: string | null): void {
  try {
    if (value === null) localStorage.removeItem(key);
    else localStorage.setItem(key, value);
  } catch {
    // A browser that keeps nothing still talks.
  }
}

function stored(key: string): string | null {
  try {
    return localStorage.getItem(key);
  } catch {
    return null;
  }
}

function el<K extends keyof HTMLElementTagNameMap>(tag: K, props: Record<string, string> = {}, ...children: (Node | string)[]): HTMLElementTagNameMap[K] {
  const node = document.createElement(tag);
  for (const [k, v] of Object.entries(props)) node.setAttribute(k, v);
  node.append(...children);
  return node;
}

function mount(): void {
  const fonts = document.createElement("style");
  fonts.textContent = FONTS(base);
  document.head.append(fonts);
  const host = el("div", { id: "gentian-chat" });
  const shadow = host.attachShadow({ mode: "open" });
  const style = document.createElement("style");
  style.textContent = STYLE;
  const root = el("div", { class: "root" });
  shadow.append(style, root);
  document.body.append(host);

  const opener = el("button", { class: "open", type: "button", "aria-expanded": "false" });
  opener.innerHTML = MARK;
  opener.append("Ask or book");
  const title = el("h2", { id: "t" }, "Reception");
  const closer = el("button", { class: "close", type: "button", "aria-label": "Close" }, "×");
  const log = el("div", { class: "log", role: "log", "aria-live": "polite", "aria-label": "Conversation", tabindex: "0" });
  const field = el("textarea", { rows: "1", "aria-label": "Your message", placeholder: "Write here", maxlength: "4000", enterkeyhint: "send" });
  const send = el("button", { class: "send", type: "submit" }, "Send");
  const form = el("form", {}, field, send);
  const sheet = el(
    "section",
    { class: "sheet", role: "dialog", "aria-labelledby": "t" },
    el("div", { class: "head" }, title, el("p", {}, "a receptionist, not a person", el("br"), "ask for one at any time"), closer),
    log,
    form,
  );
  sheet.hidden = true;
  root.append(opener, sheet);

  const before = JSON.parse(stored(kept) ?? "{}") as { id?: string; token?: string; open?: boolean; draft?: string };
  const talk = new Talk(base, line, before.id ?? "", before.token ?? "");
  let info: LineInfo | null = null;
  let stop: (() => void) | null = null;
  let waiting: HTMLElement | null = null;
  let pending: { text: string; ref: string } | null = null;
  let started = false;
  const shown = new Set<string>();
  field.value = before.draft ?? "";

  const keep = (): void => store(kept, JSON.stringify({ id: talk.id, token: talk.token, open: !sheet.hidden, draft: field.value }));
  const down = (): void => {
    log.scrollTop = log.scrollHeight;
  };

  function turn(who: string, text: string, theirs: boolean): void {
    log.append(el("div", { class: theirs ? "turn theirs" : "turn" }, el("span", { class: "who" }, who), el("p", { class: "words" }, text)));
    down();
  }

  function clearChoices(): void {
    log.querySelectorAll(".choices, .wrong").forEach((n) => n.remove());
  }

  function showReply(r: Reply, last = true): void {
    if (shown.has(r.id)) return;
    shown.add(r.id);
    typing(false);
    clearChoices();
    turn(r.from === "desk" ? "From the desk" : "Receptionist", r.text, true);
    if (r.appointment) log.append(card(r));
    if (last && r.choices?.length) {
      const list = el("div", { class: "choices", role: "group", "aria-label": "Answers to choose from" });
      for (const c of r.choices) {
        const [label, more] = c.label.split(" · ");
        const b = el("button", { type: "button" }, label ?? c.label, ...(more ? [el("span", {}, more)] : []));
        b.addEventListener("click", () => void say(c.say));
        list.append(b);
      }
      log.append(list);
    }
    const k = keyboardFor(r.expects);
    field.setAttribute("inputmode", k.inputmode);
    field.setAttribute("autocomplete", k.autocomplete);
    field.placeholder = k.hint;
    down();
  }

  function card(r: Reply): HTMLElement {
    const a = r.appointment as NonNullable<Reply["appointment"]>;
    const word = { booked: "Booked", moved: "Moved", cancelled: "Cancelled" }[a.status];
    const state = el("p", {}, el("b", {}, word));
    if (a.status !== "cancelled") {
      const link = el(
        "a",
        { href: URL.createObjectURL(new Blob([calendarFile(a, r.id, info?.house ?? "")], { type: "text/calendar" })), download: "appointment.ics" },
        "add to my calendar",
      );
      state.append(" · ", link);
    }
    const price = a.price
      ? ` · ${new Intl.NumberFormat("en", { style: "currency", currency: a.price.currency, currencyDisplay: "narrowSymbol", minimumFractionDigits: a.price.minor % 100 ? 2 : 0 }).format(a.price.minor / 100)}`
      : "";
    return el(
      "div",
      { class: `card ${a.status}` },
      el("strong", {}, whenLine(a.start, a.end)),
      el("p", {}, `${a.service}, ${a.staff}${a.places && a.places > 1 ? `, ${a.places} places` : ""}${price}`),
      state,
    );
  }

  function typing(on: boolean, who = "The receptionist"): void {
    if (on && !waiting) {
      waiting = el("p", { class: "note" }, `${who} is writing…`);
      log.append(waiting);
      down();
    } else if (!on) {
      waiting?.remove();
      waiting = null;
    }
  }

  function wrong(text: string): void {
    typing(false);
    log.querySelectorAll(".wrong").forEach((n) => n.remove());
    log.append(el("p", { class: "wrong", role: "alert" }, text));
    down();
  }

  function status(s: State): void {
    form.hidden = s.status === "closed";
    log.querySelector(".again")?.remove();
    if (s.status !== "closed") return;
    stop?.();
    const again = el("button", { class: "again", type: "button" }, "Start a new conversation");
    again.addEventListener("click", () => {
      talk.id = talk.token = "";
      log.replaceChildren();
      shown.clear();
      form.hidden = false;
      started = false;
      void begin();
    });
    log.append(again);
    down();
  }

  async function begin(): Promise<void> {
    if (started) return;
    started = true;
    try {
      info ??= await talk.info();
      title.textContent = info.short;
      let old = false;
      if (talk.id) {
        try {
          const all = await talk.all();
          log.replaceChildren();
          all.said.forEach((s, i) =>
            s.from === "client" ? (clearChoices(), turn("You", s.text, false)) : s.reply && showReply(s.reply, i === all.said.length - 1),
          );
          status(all.state);
          old = true;
        } catch (e) {
          if (!(e instanceof Failed) || e.status === 0) throw e;
        }
      }
      if (!old) (await talk.start()).forEach((r) => showReply(r));
      keep();
      if (!form.hidden) listen();
    } catch (e) {
      started = false;
      wrong(e instanceof Failed && e.status === 404 ? "This chat is not set up. Please call the house instead." : (e as Error).message);
    }
  }

  function listen(): void {
    stop?.();
    stop = talk.listen((event, data) => {
      if (event === "reply") showReply(data as Reply);
      else if (event === "typing") {
        typing(true, "Somebody at the desk");
        setTimeout(() => typing(false), 4000);
      } else if (event === "state") status(data as State);
    });
  }

  async function say(text: string): Promise<void> {
    if (pending || !text.trim()) return;
    await begin();
    if (!talk.id) return;
    pending = { text, ref: crypto.randomUUID?.() ?? String(Math.random()) + Date.now() };
    clearChoices();
    turn("You", text, false);
    const mine = log.lastElementChild;
    const sign = setTimeout(() => typing(true), 150);
    try {
      const answer = await talk.say(text, pending.ref).catch(async (e: unknown) => {
        // Cut off on the way: the same ref is done once, so it is safe to ask again.
        if (!(e instanceof Failed) || e.status !== 0) throw e;
        await new Promise((r) => setTimeout(r, 800));
        return talk.say(text, pending?.ref ?? "");
      });
      clearTimeout(sign);
      typing(false);
      answer.replies.forEach((r, i) => showReply(r, i === answer.replies.length - 1));
      status(answer.state);
    } catch (e) {
      clearTimeout(sign);
      mine?.remove();
      field.value = text;
      if (e instanceof Failed && e.status === 409) status({ status: "closed" });
      else wrong((e as Error).message);
    } finally {
      pending = null;
      keep();
    }
  }

  const grow = (): void => {
    field.style.height = "auto";
    field.style.height = `${field.scrollHeight}px`;
  };
  const open = (yes: boolean): void => {
    sheet.hidden = !yes;
    opener.hidden = yes;
    opener.setAttribute("aria-expanded", String(yes));
    keep();
    if (yes) {
      void begin();
      field.focus();
      down();
    } else opener.focus();
  };
  // A page kept for going back must not keep its line to the house.
  window.addEventListener("pagehide", () => stop?.());
  window.addEventListener("pageshow", (e) => {
    if (e.persisted && talk.id && !form.hidden) listen();
  });
  opener.addEventListener("click", () => open(true));
  closer.addEventListener("click", () => open(false));
  sheet.addEventListener("keydown", (e) => {
    if (e.key === "Escape") open(false);
  });
  field.addEventListener("input", () => {
    grow();
    keep();
  });
  field.addEventListener("keydown", (e) => {
    if (e.key === "Enter" && !e.shiftKey && !e.isComposing) {
      e.preventDefault();
      form.requestSubmit();
    }
  });
  form.addEventListener("submit", (e) => {
    e.preventDefault();
    const text = field.value;
    if (!text.trim() || pending) return;
    field.value = "";
    grow();
    void say(text);
    field.focus();
  });
  if (before.open) open(true);
}

if (line) {
  if (document.readyState === "loading") document.addEventListener("DOMContentLoaded", mount);
  else mount();
}
