import { fork, type ChildProcess } from "node:child_process";
import { existsSync } from "node:fs";
import { fileURLToPath } from "node:url";
import type { House } from "@gentian/core/house/compile";
import type { Samples } from "@gentian/core/speech/sound";
import { Ear } from "./ear.ts";
import { modelAt, modelKey, type Model } from "./models.ts";
import { GENERAL_DICTIONARY } from "./dictionary.ts";
import { Voices } from "./voices.ts";
import type { Heard, HeardWord } from "./ear.ts";
import type { ToMake } from "./models.worker.ts";
import { Denoiser } from "./denoiser.ts";
import type { Hearing } from "../lines/call.ts";

/** So many ears are kept ready for a house that is called. */
const READY = 2;
/** Houses whose ears are kept ready. */
const MOST_HOUSES = 4;

/** Hearing and speaking for all the calls of this process: models made when they are needed, ears started ahead. */
export class Speech {
  readonly voices = new Voices();
  readonly #denoiser = new Denoiser();
  readonly #making = new Map<string, Promise<Model>>();
  readonly #ready = new Map<string, Ear[]>();
  /** The last model that was made for a house: better than none while a newer one is made. */
  readonly #last = new Map<string, Model>();
  readonly #borrowed = new Set<Ear>();
  readonly #workers = new Set<ChildProcess>();
  #closed = false;

  /** `folder` keeps the models, the same from start to start. */
  constructor(readonly folder: string) {}

  /** Whether this machine can hear and speak at all. */
  static get installed(): boolean {
    return existsSync(GENERAL_DICTIONARY);
  }

  /** The model of a house as it is now, made if it is not there yet: some seconds, in a worker. */
  model(house: House, clients: readonly string[]): Promise<Model> {
    const key = modelKey(house, clients);
    let making = this.#making.get(key);
    if (!making) {
      const there = modelAt(this.folder, key);
      making = there ? Promise.resolve(there) : this.#make(house, clients);
      this.#making.set(key, making);
      making.then(
        (m) => this.#last.set(house.handbook.key, m),
        () => this.#making.delete(key),
      );
      if (this.#making.size > 50) this.#making.delete(this.#making.keys().next().value as string);
    }
    return making;
  }

  /** The model to take a call with: the newest if it is there, else the one before it, else the newest once it is made. */
  async modelNow(house: House, clients: readonly string[]): Promise<Model> {
    const newest = this.model(house, clients);
    const before = this.#last.get(house.handbook.key);
    if (!before) return newest;
    return Promise.race([newest, new Promise<Model>((done) => setTimeout(() => done(before), 50))]);
  }

  async #make(house: House, clients: readonly string[]): Promise<Model> {
    const { model } = await this.#inWorker({ folder: this.folder, handbook: house.handbook, clients });
    if (!model) throw new Error("the language model could not be made");
    return model;
  }

  #inWorker(what: ToMake): Promise<{ model?: Model }> {
    return new Promise((done, fail) => {
      const worker = fork(fileURLToPath(new URL("./models.worker.ts", import.meta.url)), [], { execArgv: ["--import", "tsx"] });
      this.#workers.add(worker);
      worker.once("message", (m: { made?: true; model?: Model; why?: string }) => {
        if (m.made) done(m);
        else fail(new Error(m.why));
        worker.disconnect();
      });
      worker.once("error", fail);
      worker.once("exit", () => {
        this.#workers.delete(worker);
        fail(new Error("a model could not be made"));
      });
      worker.send(what);
    });
  }

  /** Starts ears for a model ahead of its calls. */
  warm(model: Model): void {
    if (this.#closed) return;
    const list = this.#ready.get(model.key) ?? [];
    this.#ready.delete(model.key);
    this.#ready.set(model.key, list);
    for (let i = list.filter((e) => e.alive).length; i < READY; i++) list.push(new Ear(model.files));
    for (const [key, ears] of this.#ready) {
      if (this.#ready.size <= MOST_HOUSES) break;
      for (const e of ears) e.close();
      this.#ready.delete(key);
    }
  }

  /** An ear for one call. When its process dies another takes its place, and what was being said is lost. */
  borrow(model: Model): BorrowedEar {
    return new BorrowedEar(
      () => this.#take(model),
      (e) => this.#giveBack(model, e),
      this.#denoiser,
    );
  }

  #take(model: Model): Ear {
    const list = (this.#ready.get(model.key) ?? []).filter((e) => e.alive);
    const ear = list.shift() ?? new Ear(model.files);
    this.#ready.set(model.key, list);
    this.#borrowed.add(ear);
    setTimeout(() => this.warm(model), 500).unref();
    return ear;
  }

  #giveBack(model: Model, ear: Ear): void {
    this.#borrowed.delete(ear);
    const list = this.#ready.get(model.key);
    if (ear.alive && list && list.length < READY && !this.#closed) list.push(ear);
    else ear.close();
  }

  close(): void {
    this.#closed = true;
    for (const list of this.#ready.values()) for (const e of list) e.close();
    for (const e of this.#borrowed) e.close();
    for (const w of this.#workers) w.kill();
    this.#denoiser.close();
  }
}

/** An ear that outlives its process, and that hears a noisy line with its noise taken out. */
export class BorrowedEar implements Hearing {
  #ear: Ear;
  #line: ReturnType<Denoiser["line"]> | null = null;
  /** What is done in its turn while sound is with the denoiser. */
  #turn: Promise<unknown> = Promise.resolve();
  #waiting = 0;

  constructor(
    readonly take: () => Ear,
    readonly giveBack: (ear: Ear) => void,
    readonly denoiser: Pick<Denoiser, "line">,
  ) {
    this.#ear = this.#fresh();
  }

  #fresh(): Ear {
    const ear = this.take();
    ear.onDeath = () => {
      this.giveBack(ear);
      if (this.#ear === ear) this.#ear = this.#fresh();
    };
    return ear;
  }

  get ready(): Promise<void> {
    return this.#ear.ready;
  }
  /** Kept when everything that was said has reached the ear. */
  get settled(): Promise<unknown> {
    return this.#turn;
  }
  get pid(): number | undefined {
    return this.#ear.pid;
  }

  noisy(is: boolean): void {
    if (is === (this.#line !== null)) return;
    this.#line?.gone();
    this.#line = is ? this.denoiser.line() : null;
  }

  /** Does it now, or after what was asked before it and `first` are done. */
  async #inTurn<T>(act: () => T | Promise<T>, first?: Promise<void>): Promise<T> {
    if (!first && this.#waiting === 0) return act();
    this.#waiting++;
    const done = this.#turn
      .then(() => first)
      .then(() => {
        this.#waiting--;
        // What it gives may take long, and what comes after it does not wait for that.
        return { given: act() };
      });
    this.#turn = done.catch(() => undefined);
    return done.then(({ given }) => given);
  }

  begin(model: string): void {
    void this.#inTurn(() => this.#ear.begin(model));
  }
  hear(samples: Samples): void {
    let heard = samples;
    const cleared = this.#line?.clear(samples).then((c) => void (heard = c));
    void this.#inTurn(() => this.#ear.hear(heard), cleared);
  }
  soFar = (): Promise<HeardWord[]> => this.#inTurn(() => this.#ear.soFar());
  end = (): Promise<Heard> => this.#inTurn(() => this.#ear.end());
  letGo(): void {
    void this.#inTurn(() => this.#ear.letGo());
  }

  close(): void {
    this.#line?.gone();
    this.#ear.onDeath = () => undefined;
    this.giveBack(this.#ear);
  }
}
