import { EventEmitter } from "node:events";

/** Who is writing in which conversation, told to the streams of this process. Nothing of it is kept. */
export class Typing {
  #emitter = new EventEmitter().setMaxListeners(0);

  on(conversation: string, hear: (from: string) => void): () => void {
    this.#emitter.on(conversation, hear);
    return () => this.#emitter.off(conversation, hear);
  }

  tell(conversation: string, from: "desk"): void {
    this.#emitter.emit(conversation, from);
  }
}
