import type { House } from "@gentian/core/house/compile";
import type { Calls } from "@gentian/core/house/schema";
import type { Expects } from "@gentian/core/language/context";
import { activity, silentRoom, type ActivityState } from "@gentian/core/speech/activity";
import { clauses } from "@gentian/core/speech/clauses";
import { keys, noKey, type KeyState } from "@gentian/core/speech/dtmf";
import { endSure, type Endings } from "@gentian/core/speech/endings";
import type { SpokenTurn } from "@gentian/core/speech/kept";
import { keyed } from "@gentian/core/speech/keyed";
import { lineNoise, quietLine, type NoiseState } from "@gentian/core/speech/noise";
import { PHRASES } from "@gentian/core/speech/packs/en/phrases";
import { earFor, type Ear as EarName } from "@gentian/core/speech/sentences";
import { FRAME, FRAME_MS, type Samples } from "@gentian/core/speech/sound";
import { goOn, noTurn, onlyListening, turn, type TurnAct, type TurnEvent, type TurnSettings, type TurnState } from "@gentian/core/speech/turns";
import { addsNothing, agreed, namesOnCards, sureness, understood, type NamesKnown } from "@gentian/core/speech/understood";
import type { EpochMin } from "@gentian/core/time/zone";
import type { Heard, HeardWord } from "../speech/ear.ts";
import { Mouth, type Speaker, type Told } from "./mouth.ts";
import { earcon, ringing } from "./tones.ts";

/** What a conversation gives back after each turn, as far as a call must know. */
export interface Turned {
  replies: { text: string; speech: string; from: "receptionist" | "desk" }[];
  status: "open" | "with-desk" | "closed";
  expects: Expects;
  /** A name has been asked for letter by letter. */
  spelling?: boolean;
}

/** The conversation behind a call: the house's own on a line, or one on copied calendars in a rehearsal. */
export interface Talker {
  house: House;
  now(): EpochMin;
  start(): Promise<Turned>;
  /** `sure` is how sure it is that this was said, 0 to 1. */
  say(text: string, sure?: number): Promise<Turned>;
  event(kind: "silence" | "unclear" | "left"): Promise<Turned>;
  /** Nobody at the desk has come to what was handed over. */
  nobodyCame(): Promise<Turned>;
  /** What of a reply was heard before the caller spoke. */
  interrupted(heard: string): Promise<void>;
}

/** What hears the caller: a recogniser's process, or what stands in for it. */
export interface Hearing {
  /** Whether the line has become noisy. */
  noisy(is: boolean): void;
  begin(model: string): void;
  hear(samples: Samples): void;
  soFar(): Promise<HeardWord[]>;
  end(): Promise<Heard>;
  letGo(): void;
}

/** A person who may take the call, and how they are rung. */
export interface Desk {
  /** Rings; `answered` is called when somebody takes the call, with the other end of the line. Gives the way to stop ringing. */
  ring(answered: (other: OtherEnd) => void): () => void;
}

/** Somebody else's end of the line, once a call is put through. */
export interface OtherEnd {
  name: string;
  /** Gives them a frame of the caller's sound, and takes one of theirs. */
  frame(caller: Samples): Samples;
  /** The caller has gone. */
  close(): void;
  gone: boolean;
}

export interface CallOptions {
  talker: Talker;
  ear: Hearing;
  endings: Readonly<Record<EarName, Endings>>;
  speak: (text: string) => Promise<Samples>;
  calls: Calls;
  /** Whole names of the house's clients. */
  clients?: readonly string[];
  desk?: Desk;
  /** Said before the greeting goes on from a call that was cut off. */
  resumed?: { again: string };
  /** What happens, for the caller's page and the desk. */
  on: (event: CallEvent) => void;
}

export type CallEvent =
  | { event: "hears"; words: string }
  | { event: "heard"; turn: SpokenTurn }
  | { event: "says"; text: string }
  | { event: "said"; turn: SpokenTurn }
  | { event: "unclear"; words: string }
  | { event: "key"; key: string }
  | { event: "ringing" }
  | { event: "put-through"; to: string }
  | { event: "back" }
  | { event: "recording"; on: boolean }
  | { event: "ended"; why: "closed" | "left" | "too-long" | "dropped" };

const PRE_ROLL_FRAMES = 15;
const EARCON_AFTER_MS = 1400;
const HANG_UP_AFTER_MS = 400;
/** Where a pause in the middle of an answer is common, what comes in two halves is put together. */
const HALVED = new Set<Expects>(["length", "day", "time", "slot", "phone", "email"]);
/** What begins sooner after an answer has begun may still belong to what was answered. */
const ROUNDING_OFF_MS = 1500;
/** What begins sooner after an answer, or after its first sound, is said by somebody who cannot have heard what is asked next. */
const GOES_ON_MS = 600;
/** So much sound is somebody who speaks. */
const SPEAKING_MS = 240;
const LONGEST_MIN = 20;
const RING_SEC = 25;
/** Nobody says what they want for longer than this at one go; a message may be longer. */
const LONGEST_TURN_MS = 45_000;
const LONGEST_MESSAGE_MS = 120_000;
const MESSAGE_PAUSE: TurnSettings["patience"] = "patient";
const SILENCE = new Int16Array(FRAME);

/**
 * A telephone call, frame by frame: each 20 ms of the caller's sound that goes in gives 20 ms of what the caller hears.
 * Its clock is the line's own. What takes longer (hearing, answering, speaking) comes in between frames.
 */
export class Call {
  nowMs = 0;
  ended: Extract<CallEvent, { event: "ended" }>["why"] | null = null;
  readonly turns: SpokenTurn[] = [];
  /** Both sides as they were heard, once the caller knows and has agreed. */
  recording: boolean;
  #turn: TurnState = noTurn();
  #room: ActivityState = silentRoom();
  #noise: NoiseState = quietLine();
  #keys: KeyState = noKey();
  #digits = "";
  #before: Samples[] = [];
  #listening = false;
  #expects: Expects = "errand";
  #spelling = false;
  #events: TurnEvent[] = [];
  readonly #mouth: Mouth;
  #lastSoundMs = 0;
  #answeringSinceMs = 0;
  /** When the last answer was there. */
  #answeredMs = -Infinity;
  /** The model that listens now. */
  #listens: EarName = "open";
  /** What was waited for before the last answer. */
  #asked: Expects = "errand";
  /** What the last answer answers, as it was heard: what comes right after it may be its second half. */
  #heard: readonly HeardWord[] = [];
  /** An answer that came while the caller went on. */
  #late: Turned | null = null;
  #asksToRecord = false;
  #closesAtMs: number | null = null;
  #ring: { stop: () => void; untilMs: number; sinceMs: number } | null = null;
  #other: OtherEnd | null = null;
  #withDesk = false;
  /** What is under way and must be waited for, where a call is played faster than it was spoken. */
  #asks = 0;
  #works = 0;

  /** What was heard and not surely enough, and what was asked then. */
  #unsure: { expects: Expects; texts: string[] } | null = null;
  #names: NamesKnown;

  constructor(readonly options: CallOptions) {
    const cards = options.clients ?? [];
    this.#names = { onCard: namesOnCards(cards), cards, heard: [], refused: false };
    this.recording = options.calls.record === "tell";
    this.#mouth = new Mouth(options.speak, (piece) => void this.#work(() => piece));
  }

  /** Answers the call: the greeting is fetched and spoken. */
  async begin(): Promise<void> {
    const { calls, resumed, talker } = this.options;
    const lead: string[] = resumed ? [PHRASES.cutOff] : [PHRASES.itself];
    if (!resumed && calls.record === "tell") lead.push(PHRASES.recorded);
    await this.#work(async () => {
      const first = await talker.start();
      this.#expects = first.expects;
      this.#asksToRecord = !resumed && calls.record === "ask";
      if (this.#asksToRecord) lead.push(PHRASES.mayRecord);
      const greeting = first.replies.map((r) => r.speech).join(" ");
      // The house's name comes first, what it is after it, and what is asked last.
      const [name, ...rest] = clauses(greeting);
      const parts = resumed ? [...lead, resumed.again] : [name ?? "", ...lead, ...rest];
      this.#say(parts.filter((p) => p !== "").join(" "), "receptionist");
    });
  }

  /** Whether anything is under way that the line would have to wait for. */
  get asking(): boolean {
    return this.#asks > 0;
  }
  get working(): boolean {
    return this.#works > 0 || this.#mouth.waits;
  }
  get speaking(): boolean {
    return this.#mouth.speaking;
  }
  get expects(): Expects {
    return this.#expects;
  }

  /** The line goes on by a frame: what the caller's side sounds like goes in, what they hear comes out. */
  frame(heard: Samples): Samples {
    this.nowMs += FRAME_MS;
    if (this.#other) return this.#throughTo(heard);
    this.#room = activity(this.#room, heard);
    const { noisy } = this.#noise;
    const { last, room } = this.#room.wide;
    this.#noise = lineNoise(this.#noise, { levelDb: last.at(-1) ?? room, roomDb: room, sounding: this.#room.sounding });
    if (this.#noise.noisy !== noisy) this.options.ear.noisy(this.#noise.noisy);
    const pressed = keys(this.#keys, heard);
    this.#keys = pressed.state;
    if (pressed.pressed !== null) this.#press(pressed.pressed);
    // A key's tones are no speech.
    const sound = this.#room.sounding && this.#keys.key === null;
    if (sound) this.#lastSoundMs = this.nowMs;
    if (this.#listening) this.options.ear.hear(heard);
    this.#before.push(heard);
    if (this.#before.length > PRE_ROLL_FRAMES) this.#before.shift();
    for (const e of this.#events.splice(0)) this.#step(e);
    this.#step({ is: "frame", ms: FRAME_MS, sound });
    if (this.#ring && this.nowMs >= this.#ring.untilMs) this.#nobody();
    const longest = (this.options.calls.longestMin ?? LONGEST_MIN) * 60_000;
    if (this.#closesAtMs === null && this.nowMs >= longest) this.#tooLong();
    const out = this.#out();
    if (this.#closesAtMs !== null && !this.#mouth.speaking && this.nowMs >= this.#closesAtMs) this.#end(this.nowMs >= longest ? "too-long" : "closed");
    return out;
  }

  /** A key was pressed, told by the line itself and not by its tones. */
  press(key: string): void {
    this.#press(key);
  }

  /** Words of a person at the desk, written and not spoken: they are said to the caller. */
  tell(text: string): void {
    if (this.#other || this.ended) return;
    this.#ring?.stop();
    this.#ring = null;
    this.#say(text, "desk");
  }

  /** The line is gone: hung up by the caller, or cut. */
  async hangUp(why: "left" | "dropped"): Promise<void> {
    if (this.ended) return;
    this.#end(why);
    if (why === "left") await this.options.talker.event("left").catch(() => undefined);
  }

  // ---- whose turn it is ----

  get #settings(): TurnSettings {
    const { calls } = this.options;
    return {
      patience: this.#expects === "message" ? MESSAGE_PAUSE : (calls.patience ?? "usual"),
      interruptible: calls.interruptible ?? true,
      number: this.#expects === "phone",
      helpAfterMs: (calls.helpAfterSec ?? 6) * 1000,
      longestMs: this.#expects === "message" ? LONGEST_MESSAGE_MS : LONGEST_TURN_MS,
    };
  }

  /** Which model the next words are heard with. */
  get #ear(): EarName {
    if (this.#asksToRecord) return "yes-no";
    // Who goes on before there was time to hear the next question goes on with the answer to the one before.
    const soon = this.nowMs < Math.max(this.#answeredMs, this.#mouth.beganMs) + GOES_ON_MS;
    return soon && this.#heard.length > 0 && HALVED.has(this.#asked) ? earFor(this.#asked, false) : earFor(this.#expects, this.#spelling);
  }

  #step(event: TurnEvent): void {
    const { state, acts } = turn(this.#turn, event, this.#settings);
    this.#turn = state;
    for (const act of acts) this.#act(act);
  }

  #act(act: TurnAct): void {
    const { ear } = this.options;
    switch (act) {
      case "begin":
        this.#listening = true;
        this.#listens = this.#ear;
        ear.begin(this.#listens);
        for (const f of this.#before) ear.hear(f);
        return;
      case "ask":
        this.#ask();
        return;
      case "end":
      case "end-aside":
        this.#listening = false;
        this.#endTurn(act === "end-aside");
        return;
      case "quieter":
        this.#mouth.quieter();
        return;
      case "aloud":
        this.#mouth.aloud();
        return;
      case "stop":
        this.#stop();
        return;
      case "silence":
        // Silence while it rings at the desk is as it should be.
        this.#heard = [];
        if (!this.#ring && this.#closesAtMs === null) void this.#work(async () => this.#answer(await this.options.talker.event("silence")));
    }
  }

  #ask(): void {
    this.#asks++;
    this.options.ear
      .soFar()
      .then(
        (list) => {
          if (!this.#listening) return;
          const words = list.map((w) => w.word);
          this.#events.push({ is: "so-far", words, endSure: endSure(this.options.endings[this.#listens], words) });
          this.options.on({ event: "hears", words: words.join(" ") });
        },
        () => undefined,
      )
      .finally(() => this.#asks--);
  }

  #endTurn(aside: boolean): void {
    this.#answeringSinceMs = this.nowMs;
    const spokenUntilMs = this.#lastSoundMs;
    void this.#work(async () => {
      let heard: Heard;
      try {
        heard = await this.options.ear.end();
      } catch {
        // The recogniser died: another has taken its place, and what was said must be said again.
        heard = { words: [], others: [] };
        this.#nothingCame();
        if (!aside) await this.#unclear("");
        return;
      }
      await this.#take(heard, aside, spokenUntilMs);
    });
  }

  async #take(heard: Heard, aside: boolean, spokenUntilMs: number): Promise<void> {
    const { talker } = this.options;
    const words = heard.words.map((w) => w.word);
    const before = this.#unsure?.expects === this.#expects ? this.#unsure.texts : [];
    const alone = understood(talker.house, talker.now(), this.#asksToRecord ? "go-ahead" : this.#expects, heard, this.#names, before);
    // The ear counts its own time: what it heard last is what the line heard last.
    const earMs = spokenUntilMs - Math.max(0, ...heard.words.map((w) => w.toMs));
    const beganMs = earMs + (heard.words[0]?.fromMs ?? 0);
    // The end of what was answered already, before there was time to hear the answer.
    const early = this.#late !== null || beganMs < this.#mouth.beganMs + ROUNDING_OFF_MS;
    const trailing = early && alone.is !== "nothing" && addsNothing(talker.house, talker.now(), this.#asked, alone.text);
    // Or its second half: both together are the answer.
    const halves = early && !trailing && alone.is !== "nothing" && HALVED.has(this.#asked) && this.#heard.length > 0;
    const was = halves ? understood(talker.house, talker.now(), this.#asked, { words: [...this.#heard, ...heard.words], others: [] }, this.#names) : alone;
    if (aside) {
      // A cough, or a word with which one listens: the receptionist goes on as if nothing had been.
      if (words.length === 0 || onlyListening(words) || sureness(heard.words) < 0.3 || trailing) {
        this.#nothingCame();
        this.#turn = goOn(this.#turn);
        this.#mouth.aloud();
        return;
      }
      this.#stop();
    }
    if (was.is === "nothing" || trailing || (onlyListening(words) && this.#mouth.brokenOff)) {
      this.#nothingCame();
      this.#events.push({ is: "answered" });
      // Broken off for nothing: it goes on from there.
      if (this.#mouth.brokenOff) this.#mouth.goOn();
      else if (this.#late) await this.#answer(this.#late);
      return;
    }
    if (was.is === "said") {
      this.#keepName(words);
      this.#unsure = null;
    }
    this.#heard = halves ? [...this.#heard, ...heard.words] : heard.words;
    const late = this.#late;
    if (this.#mouth.brokenOff) await talker.interrupted(this.#mouth.leaveOff());
    this.#late = null;
    const t: SpokenTurn = {
      who: "client",
      // What was said now: its first half stands before it.
      text: alone.is === "nothing" ? was.text : alone.text,
      fromMs: beganMs,
      toMs: spokenUntilMs,
      words: heard.words.map((w) => ({ word: w.word, fromMs: earMs + w.fromMs, toMs: earMs + w.toMs })),
      sure: was.sure,
    };
    this.turns.push(t);
    this.options.on({ event: "heard", turn: t });
    if (this.#asksToRecord && (await this.#mayRecord(was.text))) return;
    if (was.is === "unclear") {
      await this.#unclear(was.text);
      return;
    }
    const asked = this.#asked;
    const turned = await talker.say(was.text, was.sure);
    // What was done meanwhile is told, though they went on.
    const done = late && asked === "go-ahead" && late.expects !== "go-ahead" ? statements(late) : [];
    await this.#answer({ ...turned, replies: [...done, ...turned.replies] });
  }

  /** Nothing came of the words that were being heard: whoever shows them takes them away. */
  #nothingCame(): void {
    this.options.on({ event: "hears", words: "" });
  }

  /** Keeps what was heard of a name, for the letters that may come; and that its letters were given once. */
  #keepName(words: readonly string[]): void {
    if (this.#expects === "name") this.#names = this.#spelling ? { ...this.#names, refused: true } : { ...this.#names, heard: words, refused: false };
  }

  async #unclear(words: string): Promise<void> {
    this.#heard = [];
    const asked = this.#expects;
    this.#unsure = words === "" ? null : { expects: asked, texts: [...(this.#unsure?.expects === asked ? this.#unsure.texts : []), words] };
    this.options.on({ event: "unclear", words });
    await this.#answer(await this.options.talker.event("unclear"));
  }

  /** The answer to whether the call may be recorded; false where something else was said. */
  async #mayRecord(text: string): Promise<boolean> {
    this.#asksToRecord = false;
    const yes = agreed(this.options.talker.house, this.options.talker.now(), text);
    if (yes === undefined) return false;
    this.recording = yes;
    this.options.on({ event: "recording", on: yes });
    this.#say(`${yes ? PHRASES.recording : PHRASES.notRecording} ${this.#mouth.asked(PHRASES.mayRecord)}`, "receptionist");
    await Promise.resolve();
    return true;
  }

  async #answer(turned: Turned): Promise<void> {
    if (turned !== this.#late) this.#asked = this.#expects;
    this.#answeredMs = this.nowMs;
    this.#expects = turned.expects;
    this.#spelling = turned.spelling ?? false;
    const text = turned.replies.map((r) => r.speech).join(" ");
    // The caller has begun to speak again: what they say is heard first.
    if (this.#turn.utterance && this.#turn.utterance.soundMs > SPEAKING_MS && turned.status === "open") {
      this.#late = turned;
      return;
    }
    this.#late = null;
    if (text !== "") this.#say(text, turned.replies[0]?.from ?? "receptionist");
    else this.#events.push({ is: "answered" });
    if (turned.status === "closed") this.#closesAtMs = this.nowMs + HANG_UP_AFTER_MS;
    if (turned.status === "with-desk" && !this.#withDesk) this.#ringDesk();
    this.#withDesk = turned.status === "with-desk";
    await Promise.resolve();
  }

  #press(key: string): void {
    this.options.on({ event: "key", key });
    const said = keyed(this.#digits, key, this.#expects);
    this.#digits = said.digits;
    this.#heard = [];
    if (this.#turn.voice !== "silent") this.#stop();
    const { text } = said;
    if (text === null) return;
    this.turns.push({ who: "client", text, fromMs: this.nowMs, toMs: this.nowMs, words: [] });
    void this.#work(async () => this.#answer(await this.options.talker.say(text)));
  }

  // ---- speaking ----

  #say(text: string, who: Speaker): void {
    this.#mouth.say(text, who);
    this.options.on({ event: "says", text });
  }

  #stop(): void {
    const told = this.#mouth.stop();
    if (told) this.#told(told, true);
    this.#turn = { ...this.#turn, voice: "silent", quietSinceMs: this.nowMs };
  }

  #told(told: Told, brokenOff: boolean): void {
    const t: SpokenTurn = { ...told, toMs: this.nowMs, ...(brokenOff ? { brokenOff } : {}) };
    const client = this.turns.at(-1);
    if (client?.who === "client" && client.waitMs === undefined) client.waitMs = Math.max(0, told.fromMs - client.toMs);
    this.turns.push(t);
    this.options.on({ event: "said", turn: t });
  }

  #out(): Samples {
    // While the caller is speaking nothing new begins; but a call that ends, ends.
    const { utterance, voice } = this.#turn;
    const held = this.#closesAtMs === null && this.#mouth.between && voice === "silent" && utterance !== null && utterance.soundMs > SPEAKING_MS;
    const out = held ? null : this.#mouth.frame(this.nowMs);
    if (!out) {
      if (this.#ring) return ringing(this.nowMs - this.#ring.sinceMs);
      if (this.#turn.answering && this.nowMs - this.#answeringSinceMs > EARCON_AFTER_MS) return earcon(this.nowMs - this.#answeringSinceMs - EARCON_AFTER_MS);
      return this.options.calls.background === "room" ? roomSound() : SILENCE;
    }
    if (voice === "silent") this.#step({ is: "speaks" });
    if (out.told) {
      this.#told(out.told, false);
      this.#step({ is: "spoken" });
    }
    return out.samples;
  }

  // ---- put through ----

  #ringDesk(): void {
    const { desk, calls } = this.options;
    if (!desk || this.#ring) return;
    const sinceMs = this.nowMs;
    const stop = desk.ring((other) => {
      this.#ring = null;
      this.#other = other;
      this.#mouth.hush();
      this.#listening = false;
      this.options.ear.letGo();
      this.options.on({ event: "put-through", to: other.name });
    });
    this.#ring = { stop, sinceMs, untilMs: sinceMs + (calls.ringSec ?? RING_SEC) * 1000 };
    this.options.on({ event: "ringing" });
  }

  #nobody(): void {
    this.#ring?.stop();
    this.#ring = null;
    this.options.on({ event: "back" });
    void this.#work(async () => this.#answer(await this.options.talker.nobodyCame()));
  }

  #throughTo(heard: Samples): Samples {
    const other = this.#other as OtherEnd;
    if (other.gone) {
      this.#other = null;
      void this.#work(async () => void (await this.options.talker.event("left")));
      this.#end("closed");
      return SILENCE;
    }
    return other.frame(heard);
  }

  #tooLong(): void {
    this.#closesAtMs = this.nowMs + HANG_UP_AFTER_MS;
    this.#say(PHRASES.tooLong, "receptionist");
    void this.#work(async () => void (await this.options.talker.event("left")));
  }

  #end(why: NonNullable<Call["ended"]>): void {
    if (this.ended) return;
    this.ended = why;
    this.#ring?.stop();
    this.#other?.close();
    if (this.#listening) this.options.ear.letGo();
    this.#listening = false;
    this.options.on({ event: "ended", why });
  }

  async #work(act: () => Promise<void>): Promise<void> {
    this.#works++;
    try {
      await act();
    } catch {
      this.#events.push({ is: "answered" });
    } finally {
      this.#works--;
    }
  }
}

/** What of an answer tells and does not ask. */
function statements(turned: Turned): Turned["replies"] {
  return turned.replies.flatMap((r) => {
    const speech = clauses(r.speech)
      .filter((c) => !c.trim().endsWith("?"))
      .join(" ");
    return speech === "" ? [] : [{ ...r, speech }];
  });
}

/** The quiet of a room, so that the line does not seem dead. */
function roomSound(): Samples {
  const out = new Int16Array(FRAME);
  let low = 0;
  for (let i = 0; i < FRAME; i++) {
    low += 0.08 * ((Math.random() - 0.5) * 220 - low);
    out[i] = Math.round(low);
  }
  return out;
}
