import { fork, type ChildProcess } from "node:child_process";
import { existsSync } from "node:fs";
import { fileURLToPath } from "node:url";
import type { House } from "@gentian/core/house/compile";
import type { Noise } from "@gentian/core/speech/noise";
import type { Samples } from "@gentian/core/speech/sound";
import { Ear } from "./ear.ts";
import { modelAt, modelKey, type Model } from "./models.ts";
import { GENERAL_DICTIONARY } from "./dictionary.ts";
import { Voices } from "./voices.ts";
import type { EarFiles, Heard, HeardWord } from "./ear.ts";
import type { ToMake } from "./models.worker.ts";
import { noisyAcoustics } from "./noise.ts";
import type { Hearing } from "../lines/call.ts";

/** So many ears are kept ready for a house that is called. */
const READY = 2;
/** Houses whose ears are kept ready. */
const MOST_HOUSES = 4;

/** Hearing and speaking for all the calls of this process: models made when they are needed, ears started ahead. */
export class Speech {
  readonly voices = new Voices();
  readonly #making = new Map<string, Promise<Model>>();
  readonly #ready = new Map<string, Ear[]>();
  /** The last model that was made for a house: better than none while a newer one is made. */
  readonly #last = new Map<string, Model>();
  readonly #borrowed = new Set<Ear>();
  readonly #workers = new Set<ChildProcess>();
  #noisy = false;
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

  /** Lines are noisy now and then: what hears them is made once, while nobody waits for it. */
  async #makeNoisy(): Promise<void> {
    if (this.#noisy || noisyAcoustics(this.folder)) return;
    this.#noisy = true;
    await this.#inWorker({ folder: this.folder, noisy: true }).catch(() => undefined);
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
    void this.#makeNoisy();
    for (const [key, ears] of this.#ready) {
      if (this.#ready.size <= MOST_HOUSES) break;
      for (const e of ears) e.close();
      this.#ready.delete(key);
    }
  }

  /** An ear for one call. When its process dies another takes its place, and what was being said is lost. */
  borrow(model: Model): BorrowedEar {
    return new BorrowedEar(
      (noise) => (noise === "none" ? this.#take(model) : this.#takeNoisy(model, noise)),
      (e) => this.#giveBack(model, e),
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

  #takeNoisy(model: Model, noise: Exclude<Noise, "none">): Ear {
    const ear = new Ear(filesAt(model, noisyAcoustics(this.folder)?.[noise]));
    this.#borrowed.add(ear);
    return ear;
  }

  #giveBack(model: Model, ear: Ear): void {
    this.#borrowed.delete(ear);
    const list = this.#ready.get(model.key);
    if (ear.alive && ear.files === model.files && list && list.length < READY && !this.#closed) list.push(ear);
    else ear.close();
  }

  close(): void {
    this.#closed = true;
    for (const list of this.#ready.values()) for (const e of list) e.close();
    for (const e of this.#borrowed) e.close();
    for (const w of this.#workers) w.kill();
  }
}

/** An ear's files with another acoustic model, where there is one. */
export const filesAt = (model: Model, acoustic: string | undefined): EarFiles => (acoustic ? { ...model.files, acoustic } : model.files);

/** An ear that outlives its process, and that is changed for one that suits the line's noise. */
export class BorrowedEar implements Hearing {
  #noise: Noise = "none";
  #ear: Ear;
  /** The one that suits the line better, as soon as it is ready. */
  #coming: Ear | null = null;

  constructor(
    readonly take: (noise: Noise) => Ear,
    readonly giveBack: (ear: Ear) => void,
  ) {
    this.#ear = this.#fresh();
  }

  #fresh(): Ear {
    const ear = this.take(this.#noise);
    ear.onDeath = () => {
      this.giveBack(ear);
      if (this.#ear === ear) this.#ear = this.#fresh();
      // One that dies before its turn is not waited for; the one that hears goes on.
      else if (this.#coming === ear) this.#coming = null;
    };
    return ear;
  }

  get ready(): Promise<void> {
    return this.#ear.ready;
  }
  /** Kept when the ear that is to come is ready, or there is none. */
  get settled(): Promise<void> {
    return this.#coming ? this.#coming.ready.catch(() => undefined) : Promise.resolve();
  }
  get pid(): number | undefined {
    return this.#ear.pid;
  }

  suit(noise: Noise): void {
    if (noise === this.#noise) return;
    this.#noise = noise;
    if (this.#coming) this.giveBack(this.#coming);
    this.#coming = this.#fresh();
  }

  begin(model: string): void {
    // Between utterances, so that nothing that was said is lost.
    if (this.#coming?.awake) {
      const before = this.#ear;
      before.onDeath = () => undefined;
      this.#ear = this.#coming;
      this.#coming = null;
      this.giveBack(before);
    }
    this.#ear.begin(model);
  }
  hear = (samples: Samples): void => this.#ear.hear(samples);
  soFar = (): Promise<HeardWord[]> => this.#ear.soFar();
  end = (): Promise<Heard> => this.#ear.end();
  letGo = (): void => this.#ear.letGo();

  close(): void {
    for (const ear of [this.#ear, this.#coming]) {
      if (!ear) continue;
      ear.onDeath = () => undefined;
      this.giveBack(ear);
    }
    this.#coming = null;
  }
}
