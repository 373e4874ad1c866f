/* Sound between the page and the line, in the browser's sound thread: frames of 20 ms at 16 kHz. */
const FRAME = 320;
/* So much is waited for before playing begins again, and so much may wait at most, in frames. */
const AHEAD = 3;
const MOST = 40;

class Ear extends AudioWorkletProcessor {
  constructor() {
    super();
    this.frame = new Int16Array(FRAME);
    this.at = 0;
  }
  process(inputs) {
    const channel = inputs[0] && inputs[0][0];
    const count = channel ? channel.length : 128;
    for (let i = 0; i < count; i++) {
      const s = channel ? channel[i] : 0;
      this.frame[this.at++] = Math.max(-32768, Math.min(32767, Math.round(s * 32768)));
      if (this.at === FRAME) {
        this.port.postMessage(this.frame);
        this.frame = new Int16Array(FRAME);
        this.at = 0;
      }
    }
    return true;
  }
}

class Mouth extends AudioWorkletProcessor {
  constructor() {
    super();
    this.waiting = [];
    this.at = 0;
    this.playing = false;
    this.port.onmessage = (e) => {
      this.waiting.push(e.data);
      if (this.waiting.length > MOST) this.waiting.splice(0, this.waiting.length - AHEAD);
      if (this.waiting.length >= AHEAD) this.playing = true;
    };
  }
  process(_inputs, outputs) {
    const out = outputs[0][0];
    for (let i = 0; i < out.length; i++) {
      const frame = this.playing ? this.waiting[0] : undefined;
      if (!frame) {
        this.playing = false;
        out[i] = 0;
        continue;
      }
      out[i] = frame[this.at++] / 32768;
      if (this.at >= frame.length) {
        this.waiting.shift();
        this.at = 0;
      }
    }
    return true;
  }
}

registerProcessor("gentian-ear", Ear);
registerProcessor("gentian-mouth", Mouth);
