import { By, type WebDriver } from "selenium-webdriver";
import { writeWav } from "@gentian/core/speech/sound";
import { Voices } from "@gentian/server/speech/voices";
import { see, waitText } from "./browser.ts";

export const voices = new Voices();

/**
 * Somebody who speaks when it is their turn: their words are sound files that come in by the page's microphone, a stream
 * of the browser's own. Like any caller they say it again when something else was understood.
 */
export class Speaker {
  /** `quiet` finds something on the page while the receptionist does not speak. */
  constructor(
    readonly driver: WebDriver,
    readonly quiet = "[role=log][aria-busy=false]",
  ) {}

  /** Must be called before the page asks for its microphone. */
  async takeMicrophone(): Promise<void> {
    await this.driver.executeScript(`
      const context = new AudioContext();
      const out = context.createMediaStreamDestination();
      navigator.mediaDevices.getUserMedia = () => Promise.resolve(out.stream);
      window.speak = async (base64) => {
        const bytes = Uint8Array.from(atob(base64), (c) => c.charCodeAt(0));
        const from = new AudioBufferSourceNode(context, { buffer: await context.decodeAudioData(bytes.buffer) });
        from.connect(out);
        const ended = new Promise((done) => (from.onended = done));
        from.start();
        await ended;
      };`);
  }

  /** Says it once the receptionist has finished, and waits for the words of an answer. */
  async say(text: string, answer: RegExp): Promise<void> {
    const file = writeWav([await voices.speak(text, { voice: "ronan", pace: 1, pitch: 1 })]);
    for (let time = 1; ; time++) {
      await see(this.driver, By.css(this.quiet), 60_000);
      await this.driver.executeAsyncScript("window.speak(arguments[0]).then(arguments[arguments.length - 1])", Buffer.from(file).toString("base64"));
      try {
        return await waitText(this.driver, answer, 12_000);
      } catch (error) {
        if (time === 3) throw error;
      }
    }
  }
}
