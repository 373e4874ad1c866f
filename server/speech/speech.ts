import { fork } from "node:child_process";
import { existsSync } from "node:fs";
import { fileURLToPath } from "node:url";
import type { House } from "@gentian/core/house/compile";
import type { Samples } from "@gentian/core/speech/sound";
import { Ear } from "./ear.ts";
import { modelAt, modelKey, type Model } from "./models.ts";
import { GENERAL_DICTIONARY } from "./dictionary.ts";
import { Voices } from "./voices.ts";
import type { Heard, HeardWord } from "./ear.ts";
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

  #make(house: House, clients: readonly string[]): Promise<Model> {
    return new Promise((done, fail) => {
      const worker = fork(fileURLToPath(new URL("./models.worker.ts", import.meta.url)), [], { execArgv: ["--import", "tsx"] });
      worker.once("message", (m: { model?: Model; why?: string }) => {
        if (m.model) done(m.model);
        else fail(new Error(m.why));
        worker.disconnect();
      });
      worker.once("error", fail);
      worker.once("exit", () => fail(new Error("the language model could not be made")));
      worker.send({ folder: this.folder, handbook: house.handbook, clients });
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
  }
}

/** An ear that outlives its process. */
export class BorrowedEar implements Hearing {
  #ear: Ear;
  constructor(
    readonly take: () => Ear,
    readonly giveBack: (ear: Ear) => void,
  ) {
    this.#ear = this.#fresh();
  }

  #fresh(): Ear {
    const ear = this.take();
    ear.onDeath = () => {
      if (this.#ear === ear) this.#ear = this.#fresh();
    };
    return ear;
  }

  get ready(): Promise<void> {
    return this.#ear.ready;
  }
  get pid(): number | undefined {
    return this.#ear.pid;
  }
  begin = (model: string): void => this.#ear.begin(model);
  hear = (samples: Samples): void => this.#ear.hear(samples);
  soFar = (): Promise<HeardWord[]> => this.#ear.soFar();
  end = (): Promise<Heard> => this.#ear.end();
  letGo = (): void => this.#ear.letGo();

  close(): void {
    this.#ear.onDeath = () => undefined;
    this.giveBack(this.#ear);
  }
}
