import { framed, unframed } from "@gentian/core/speech/wire";

/** What a line tells of itself, in words that say what to do. */
export interface LineFault {
  title: string;
  detail: string;
}

export interface LineMessage {
  event: string;
  what?: string;
  words?: string;
  text?: string;
  key?: string;
  /** What a rehearsal's line asks of the page. */
  id?: number;
  start?: boolean;
  said?: string;
  /** How sure it is that it was, 0 to 1. */
  sure?: number;
  kind?: "silence" | "unclear" | "nobody-came";
  to?: string;
  /** Who is announced, and why they call. */
  who?: string;
  why?: string;
  on?: boolean;
  turn?: { who: "client" | "receptionist" | "desk"; text: string; brokenOff?: boolean };
}

const MICROPHONE: Record<string, LineFault> = {
  NotAllowedError: { title: "The microphone was refused", detail: "Allow this page to use it (beside the page's address), then call again. Or use the chat." },
  NotFoundError: { title: "There is no microphone", detail: "Connect one or a headset, then call again. Or use the chat." },
  NotReadableError: { title: "The microphone is in use", detail: "Close what else is using it, then call again." },
};

/** An open line: the browser's microphone to the server, and its voice to the loudspeaker. */
export class PhoneLine {
  #context: AudioContext | null = null;
  #stream: MediaStream | null = null;
  #socket: WebSocket | null = null;
  #seq = 0;
  #closed = false;
  muted = false;

  constructor(
    readonly on: (message: LineMessage) => void,
    readonly gone: (fault: LineFault | null) => void,
  ) {}

  /** Asks for the microphone, then opens the line. `start` is the first message; null where the line needs none. */
  async open(path: string, start: object | null): Promise<void> {
    try {
      if (!("mediaDevices" in navigator)) throw new DOMException("", "NotFoundError");
      this.#stream = await navigator.mediaDevices.getUserMedia({
        audio: { channelCount: 1, echoCancellation: true, noiseSuppression: true, autoGainControl: true },
      });
      if (this.#closed) return this.#release();
      const context = (this.#context = new AudioContext({ sampleRate: 16_000 }));
      await context.audioWorklet.addModule("/line.worklet.js");
      await context.resume();
    } catch (error) {
      const name = error instanceof Error ? error.name : "";
      this.#end(MICROPHONE[name] ?? { title: "The microphone does not work here", detail: "Try another browser, or use the chat." });
      return;
    }
    const context = this.#context;
    if (this.#closed) return this.#release();
    const ear = new AudioWorkletNode(context, "gentian-ear");
    const mouth = new AudioWorkletNode(context, "gentian-mouth", { outputChannelCount: [1] });
    context.createMediaStreamSource(this.#stream).connect(ear);
    mouth.connect(context.destination);
    const socket = (this.#socket = new WebSocket(`${location.protocol === "https:" ? "wss" : "ws"}://${location.host}${path}`));
    socket.binaryType = "arraybuffer";
    let begun = start === null;
    let fault: LineFault | null = null;
    socket.onopen = () => start && socket.send(JSON.stringify(start));
    socket.onmessage = (e: MessageEvent<ArrayBuffer | string>) => {
      if (typeof e.data !== "string") {
        const frame = unframed(new Uint8Array(e.data));
        if (frame) mouth.port.postMessage(frame.samples);
        return;
      }
      const m = JSON.parse(e.data) as LineMessage;
      if (m.event === "started") begun = true;
      if (m.event === "fault") fault = { title: "The call could not be held", detail: m.what ?? "Call again in a minute." };
      this.on(m);
    };
    socket.onclose = () =>
      this.#end(fault ?? (begun ? null : { title: "The line cannot be reached", detail: "Look whether you are connected, then call again." }));
    ear.port.onmessage = (e: MessageEvent<Int16Array>) => {
      // Sound before the line has begun would only come late.
      if (begun && socket.readyState === WebSocket.OPEN) socket.send(framed(this.#seq++, this.muted ? new Int16Array(e.data.length) : e.data));
    };
  }

  press(key: string): void {
    this.tell({ event: "key", key });
  }

  tell(message: object): void {
    if (this.#socket?.readyState === WebSocket.OPEN) this.#socket.send(JSON.stringify(message));
  }

  hangUp(): void {
    this.tell({ event: "hang-up" });
    this.#end(null);
  }

  #end(fault: LineFault | null): void {
    if (this.#closed) return;
    this.#closed = true;
    this.#socket?.close(1000);
    this.gone(fault);
    // The last words are still on their way to the loudspeaker.
    setTimeout(() => this.#release(), 600);
  }

  #release(): void {
    for (const t of this.#stream?.getTracks() ?? []) t.stop();
    void this.#context?.close().catch(() => undefined);
    this.#context = null;
  }
}
