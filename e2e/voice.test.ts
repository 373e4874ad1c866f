import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { By, Key, type WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { joined, RATE, readWav, toLine, writeWav, type Samples } from "@gentian/core/speech/sound";
import { demoHouse } from "@gentian/core/testing/demo";
import { Ear } from "@gentian/server/speech/ear";
import { makeModel } from "@gentian/server/speech/models";
import { Caller } from "@gentian/server/testing/caller";
import { findings } from "./axe.ts";
import { Speaker, voices } from "./speaker.ts";
import { openBrowser, see, signIn, waitText, type Page } from "./browser.ts";

const base = inject("base");
const PAGE = `${base}/call/ternbay-phone`;
const AXE = createRequire(import.meta.url).resolve("axe-core/axe.min.js");
const folder = mkdtempSync(join(tmpdir(), "gentian-voice-"));
const pages: Page[] = [];

/** A sound file in which somebody says these things, each after so many seconds for the receptionist to speak in. */
async function microphone(name: string, turns: readonly (readonly [number, string])[]): Promise<string> {
  const parts: Samples[] = [];
  for (const [seconds, text] of turns) parts.push(new Int16Array(seconds * RATE), await voices.speak(text, { voice: "ronan", pace: 1, pitch: 1 }));
  const file = join(folder, `${name}.wav`);
  writeFileSync(file, writeWav([joined([...parts, new Int16Array(30 * RATE)])]));
  return file;
}

async function browser(microphone?: string): Promise<Page> {
  const page = await openBrowser(1280, 800, microphone);
  pages.push(page);
  return page;
}

async function call(driver: WebDriver, number: string): Promise<void> {
  await (await see(driver, By.css("input[type=tel]"))).sendKeys(number);
  await (await see(driver, By.xpath("//button[.='Call']"))).click();
}

beforeAll(async () => {
  // The house's ears are made before anyone calls.
  const page = await browser(await microphone("nothing", []));
  await page.driver.get(PAGE);
  await call(page.driver, "");
  await waitText(page.driver, "This is the automatic receptionist", 90_000);
  await (await see(page.driver, By.xpath("//button[.='Hang up']"))).click();
}, 180_000);
afterAll(async () => {
  for (const p of pages) await p.quit();
  rmSync(folder, { recursive: true, force: true });
});

describe("calling the house from the browser", () => {
  it("asks a price and books by voice alone, and the answer's sound says the time", async () => {
    const { driver } = await browser(await microphone("nothing", []));
    await driver.get(PAGE);
    const speaker = new Speaker(driver);
    await speaker.takeMicrophone();
    await call(driver, "902 555 0142");
    await waitText(driver, /how can i help/i, 60_000);
    await speaker.say("how much is acupuncture", /eighty-five dollars/i);
    await speaker.say("i'd like half an hour of sports massage on wednesday the tenth at quarter past twelve", /name/i);
    await speaker.say("ana petrov", /(?:shall|may) i book/i);
    expect(await findings(driver, AXE)).toEqual([]);
    await speaker.say("yes please", /booked/i);
    await (await see(driver, By.xpath("//button[.='Hang up']"))).click();
    await waitText(driver, "The call has ended");

    const desk = await browser();
    await signIn(desk.driver, base);
    await desk.driver.get(`${base}/logbook`);
    await (await see(desk.driver, By.xpath("//li//button[contains(.,'phone') and contains(.,'Ana Petrov') and contains(.,'booked')]"))).click();
    await waitText(desk.driver, "words with times");
    expect(await findings(desk.driver, AXE)).toEqual([]);
    // It is played and stopped, and gone to another place of by keys; the words there are lit.
    await (await see(desk.driver, By.css("button[aria-label='Play']"))).click();
    await (await see(desk.driver, By.css("button[aria-label='Pause']"), 10_000)).click();
    await see(desk.driver, By.css("button[aria-label='Play']"));
    const place = await see(desk.driver, By.css("[role=slider][aria-label='Place in the recording']"));
    await place.sendKeys(Key.HOME);
    expect(Number(await place.getAttribute("aria-valuenow"))).toBe(0);
    await place.sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT);
    expect(Number(await place.getAttribute("aria-valuenow"))).toBe(2000);
    expect(await place.getAttribute("aria-valuetext")).toMatch(/^0:02 of \d:\d\d$/);
    expect(await desk.driver.executeScript("return document.querySelector('audio').currentTime")).toBeCloseTo(2, 1);
    // The recording, both sides of it, as the page would play it.
    const bytes = await desk.driver.executeAsyncScript<string>(
      "const done = arguments[arguments.length - 1]; fetch(document.querySelector('audio').src).then((r) => r.arrayBuffer()).then((b) => { let s = ''; const u = new Uint8Array(b); for (let i = 0; i < u.length; i += 8192) s += String.fromCharCode(...u.subarray(i, i + 8192)); done(btoa(s)); });",
    );
    const wav = readWav(Buffer.from(bytes, "base64"));
    expect(wav.channels).toHaveLength(2);
    const receptionist = toLine({ rate: wav.rate, channels: [wav.channels[1] as Float32Array] });
    const ear = new Ear((await makeModel(join(tmpdir(), "gentian-speech"), demoHouse(), [])).files);
    await ear.ready;
    ear.begin("open");
    // From the read back on.
    for (let i = Math.floor(receptionist.length * 0.6); i < receptionist.length; i += 320) ear.hear(receptionist.slice(i, i + 320));
    const heard = (await ear.end()).words.map((w) => w.word).join(" ");
    ear.close();
    expect(heard).toMatch(/twelve fifteen/);
    expect(heard).toMatch(/wednesday/);
  }, 240_000);

  it("is rehearsed by voice in the handbook, by the draft as it is being written", async () => {
    const { driver } = await browser(await microphone("nothing", []));
    await signIn(driver, base);
    await driver.get(`${base}/handbook`);
    await see(driver, By.xpath("//button[.='Speak'][not(@disabled)]"), 30_000);
    const speaker = new Speaker(driver, "[aria-label='Rehearsal by voice'][aria-busy=false]");
    await speaker.takeMicrophone();
    await (await see(driver, By.xpath("//button[.='Speak']"))).click();
    await waitText(driver, /it (?:speaks|listens)/i, 90_000);
    await speaker.say("how much is acupuncture", /\$85/);
    expect(await findings(driver, AXE)).toEqual([]);
    await (await see(driver, By.xpath("//button[.='Hang up']"))).click();
    // What was spoken can be gone on with in writing.
    await (await see(driver, By.css("input[aria-label='Type as a client']"))).sendKeys("and how long does it take\n");
    await waitText(driver, /45 minutes/);
  }, 240_000);

  it("puts a caller through to the desk, who hear each other, and the logbook tells it", async () => {
    const caller = await browser(
      await microphone("person", [
        [9, "can i speak to a person please"],
        [11, "can i speak to a person please"],
        [11, "can i speak to a person please"],
      ]),
    );
    const desk = await browser(await microphone("desk", [[1, "hello this is the desk"]]));
    await signIn(desk.driver, base);
    await caller.driver.get(PAGE);
    await call(caller.driver, "902 555 0177");
    await waitText(desk.driver, "The telephone rings", 60_000);
    await (await see(desk.driver, By.xpath("//button[.='Take the call']"))).click();
    await (await see(desk.driver, By.xpath("//button[.='Speak']"))).click();
    await waitText(caller.driver, "Put through to a person", 30_000);
    await waitText(desk.driver, "You are on the line");
    expect(await findings(desk.driver, AXE)).toEqual([]);
    await (await see(desk.driver, By.xpath("//section[@aria-label='Your call']//button[.='Hang up']"))).click();
    await waitText(caller.driver, "The call has ended");
  });

  it("lets the emergency line ring on a page, which says who calls before it has the caller", async () => {
    const { driver } = await browser(await microphone("line", [[1, "hello"]]));
    await signIn(driver, base);
    await waitText(driver, "Talking now");
    await driver.get(`${base}/telephones`);
    await waitText(driver, "Connected");
    await waitText(driver, "902 555 0107");
    expect(await findings(driver, AXE)).toEqual([]);
    const caller = new Caller(`${base}/api/v1/lines/ternbay-phone/call`, { event: "start", from: "+19025550142" });
    try {
      await caller.says(/how can i help/i);
      for (let i = 0; i < 3 && !caller.messages.some((m) => m.event === "ringing"); i++) {
        await caller.say("my husband has chest pain");
        await caller.until((m) => m.event === "ringing", 12_000).catch(() => undefined);
      }
      await waitText(driver, "It rings");
      await (await see(driver, By.xpath("//button[.='Pick up']"))).click();
      await waitText(driver, "Ana Petrov has an emergency");
      expect(await findings(driver, AXE)).toEqual([]);
      await (await see(driver, By.xpath("//button[.='1: take it']"))).click();
      await waitText(driver, "You have the caller");
      expect(await caller.until((m) => m.event === "put-through")).toMatchObject({ to: "the emergency line" });
      await (await see(driver, By.xpath("//button[.='Hang up']"))).click();
      await caller.until((m) => m.event === "ended");
      await (await see(driver, By.xpath("//button[.='Put down']"))).click();
      await waitText(driver, "at any hour");
    } finally {
      caller.hangUp();
    }
  }, 180_000);

  it("takes a number from the keys, and tells what is wrong when there is no microphone", async () => {
    const page = await browser(
      await microphone("keys", [
        [9, "i'd like taping tomorrow"],
        [40, "yes"],
      ]),
    );
    await page.driver.get(PAGE);
    await call(page.driver, "");
    await waitText(page.driver, "This is the automatic receptionist", 30_000);
    await (await see(page.driver, By.css("button[aria-label='0']"))).click();
    await waitText(page.driver, /key 0/);
    await waitText(page.driver, /put(?:ting)? you through/i, 30_000);
    await (await see(page.driver, By.xpath("//button[.='Hang up']"))).click();

    const deaf = await browser();
    await deaf.driver.get(PAGE);
    await call(deaf.driver, "");
    await waitText(deaf.driver, /microphone/i, 15_000);
    await waitText(deaf.driver, /then call again|use the chat/i);
    expect(await findings(deaf.driver, AXE)).toEqual([]);
  });

  it("knows no other lines", async () => {
    const page = await browser();
    await page.driver.get(`${base}/call/nowhere`);
    await waitText(page.driver, "There is no such line");
  });
});
