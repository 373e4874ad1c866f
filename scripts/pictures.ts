/**
 * Takes the pictures of `docs/screenshots` from a running Gentian with its demo data:
 *
 *   ./gentian start --fresh --clock 2027-03-01T10:42
 *   node --import tsx scripts/pictures.ts http://127.0.0.1:4600 docs/screenshots [name…]
 */
import { execFileSync } from "node:child_process";
import { readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { joined, RATE, readWav, toLine, writeWav } from "@gentian/core/speech/sound";
import { By, Key, type WebDriver } from "selenium-webdriver";
import { Chat, openBrowser, see, shot, signIn, waitText, type Page } from "../e2e/browser.ts";

const [base = "http://127.0.0.1:4600", folder = "docs/screenshots", ...only] = process.argv.slice(2);

/** A sound file in which somebody says these things, each after so many seconds. */
function spokenFile(turns: readonly (readonly [number, string])[]): string {
  const parts: Int16Array[] = [];
  const file = join(tmpdir(), "gentian-microphone.wav");
  for (const [seconds, text] of turns) {
    execFileSync("flite", ["-voice", "rms", "-t", text, "-o", file]);
    parts.push(new Int16Array(seconds * RATE), toLine(readWav(readFileSync(file))));
  }
  writeFileSync(file, writeWav([joined([...parts, new Int16Array(30 * RATE)])]));
  return file;
}

async function call({ driver }: Page): Promise<void> {
  await driver.get(`${base}/call/ternbay-phone`);
  await (await see(driver, By.css("input[type=tel]"))).sendKeys("902 555 0142");
  await (await see(driver, By.xpath("//button[.='Call']"))).click();
}

const VIEWS: Record<string, (p: Page) => Promise<void>> = {
  desk: async ({ driver }) => {
    await signIn(driver, base);
    await waitText(driver, "Talking now");
    await see(driver, By.css("section[aria-label='Maren Oduya'] button"));
  },
  "slip-open": async ({ driver }) => {
    await signIn(driver, base);
    await (await see(driver, By.css("button[title*='Desmond Achebe']"))).click();
    await waitText(driver, "Other visits");
  },
  "book-by-hand": async ({ driver }) => {
    await signIn(driver, base);
    await see(driver, By.css("section[aria-label='Maren Oduya'] button"));
    await driver.findElement(By.xpath("//button[text()='Book']")).click();
    await waitText(driver, "Book by hand");
    await driver.findElement(By.xpath("//label[contains(.,'Service')]//option[.='Physiotherapy follow-up']")).click();
    await driver.findElement(By.xpath("//label[starts-with(.,'Client')]//input")).sendKeys("Ana");
    await waitText(driver, "902 555 0142");
  },
  logbook: async ({ driver }) => {
    await signIn(driver, base);
    await see(driver, By.css("a[href='/logbook']")).then((a) => a.click());
    await (await see(driver, By.xpath("//button[contains(.,'Ana Petrov')]"))).click();
    await waitText(driver, "Read:");
  },
  chat: async ({ driver }) => {
    const chat = new Chat(driver);
    await chat.open(base);
    await chat.say("sports massage for an hour, friday after work?");
    await driver.sleep(400);
  },
  "chat-booked": async ({ driver }) => {
    const chat = new Chat(driver);
    await chat.open(base);
    await chat.say("an hour of sports massage on thursday in the afternoon please");
    await chat.choose("Thu");
    await chat.say("Ana Petrov 902 555 0142");
    await chat.choose("Yes");
    await driver.sleep(400);
  },
  handbook: async ({ driver }) => {
    await signIn(driver, base);
    await waitText(driver, "Talking now");
    await driver.get(`${base}/handbook`);
    const box = await see(driver, By.css("input[aria-label='Type as a client']"));
    await waitText(driver, "How can I help?");
    for (const line of ["how much is a deep tissue for an hour and could nell do friday", "the later one. oh and is there parking"]) {
      await box.sendKeys(line);
      await (await see(driver, By.xpath("//button[.='Say it' and not(@disabled)]"))).click();
      await waitText(driver, line);
      await driver.wait(async () => (await box.getAttribute("value")) === "", 15_000);
      await driver.sleep(700);
    }
    await write(driver, "Length and price of Sports massage", "30 min $60 · 60 min $98 · 90 min $135");
    await waitText(driver, "is said differently now");
    await (await see(driver, By.xpath("//ol[@aria-label='What was said']/li[3]//button"))).click();
    await driver.executeScript(
      "document.getElementById('services').scrollIntoView(); document.querySelector(\"ol[aria-label='What was said']\").scrollTo(0, 0)",
    );
  },
  "handbook-asks": async ({ driver }) => {
    await signIn(driver, base);
    await waitText(driver, "Talking now");
    await driver.get(`${base}/handbook`);
    await waitText(driver, "How can I help?");
    await (await see(driver, By.xpath("//nav//button[.='What it asks']"))).click();
    await (await see(driver, By.xpath("//*[@data-place='questions/pregnant']//summary"))).click();
    await driver.executeScript("document.getElementById('asks').scrollIntoView()");
  },
  "handbook-telephone": async ({ driver }) => {
    await signIn(driver, base);
    await waitText(driver, "Talking now");
    await driver.get(`${base}/handbook`);
    await waitText(driver, "How can I help?");
    await (await see(driver, By.xpath("//nav//button[.='On the telephone']"))).click();
  },
  // Calls: the microphone is a sound file that says "how much is acupuncture" and asks for a person.
  call: async () => {
    const page = await openBrowser(
      1280,
      800,
      spokenFile([
        [9, "how much is a sixty minute sports massage"],
        [9, "i'd like to book it tomorrow at three"],
      ]),
    );
    await call(page);
    await waitText(page.driver, /How long should it be/, 60_000);
    await shot(page.driver, `${folder}/call.png`);
    await page.quit();
  },
  ringing: async ({ driver }) => {
    const caller = await openBrowser(
      1280,
      800,
      spokenFile([
        [8, "i'd like to move my appointment"],
        [9, "ana petrov"],
        [9, "can i speak to a person please"],
      ]),
    );
    await signIn(driver, base);
    await call(caller);
    await waitText(driver, "The telephone rings", 90_000);
    await shot(driver, `${folder}/ringing.png`);
    await caller.quit();
  },
  playback: async ({ driver }) => {
    await signIn(driver, base);
    await driver.get(`${base}/logbook`);
    await (await see(driver, By.xpath("//li//button[contains(.,'phone')]"))).click();
    await waitText(driver, "words with times");
    await driver.executeScript("const a = document.querySelector('audio'); a.muted = true; return a.play()");
    await driver.sleep(1200);
  },
  week: async ({ driver }) => {
    await onTheDesk(driver, "?view=week");
    await waitText(driver, /\d h( \d+)? free/);
  },
  rooms: async ({ driver }) => {
    await onTheDesk(driver, "?view=rooms");
    await see(driver, By.css("section[aria-label='Treatment 1'] button[data-slip]"));
  },
  dragging: async ({ driver }) => {
    await onTheDesk(driver);
    const slip = await see(driver, By.css("button[title*='Gideon']"));
    const at = (x: number, y: number, duration: number) => ({ origin: slip, x, y, duration });
    await driver
      .actions()
      .move({ origin: slip })
      .press()
      .move(at(20, -10, 80))
      .move(at(60, -92, 200))
      .move(at(62, -92, 80))
      .perform();
    await waitText(driver, "does not do it");
  },
  ill: async ({ driver }) => {
    await onTheDesk(driver, "?day=2027-03-04");
    await (await see(driver, By.css("button[aria-label*='Priya Raman: hours']"))).click();
    await (await see(driver, By.xpath("//aside//button[.='Ill, or away']"))).click();
    await (await see(driver, By.xpath("//button[.='Take it off']"))).click();
    await (await see(driver, By.xpath("//button[contains(.,'go through the')]"))).click();
    await waitText(driver, "still to settle");
    await (await see(driver, By.xpath("//aside//ul//button"))).click();
    await waitText(driver, "Settled");
    await (await see(driver, By.xpath("//aside//input[@type='checkbox' and not(@disabled)]"))).click();
  },
  "service-edited": async ({ driver }) => {
    await onTheDesk(driver, "?day=2027-03-03");
    await (await see(driver, By.css("section[aria-label='Tobias Lindqvist'] button[data-slip]"))).click();
    await (await see(driver, By.xpath("//dt[.='Service']/following-sibling::dd//button"))).click();
    const field = await see(driver, By.xpath("//label[starts-with(normalize-space(.),'Who does it')]//textarea"));
    await field.sendKeys(Key.chord(Key.CONTROL, "a"), "Maren, Priya");
    await waitText(driver, "no longer fit");
    await (await see(driver, By.css("aside details summary"))).click();
  },
};

async function onTheDesk(driver: WebDriver, where = ""): Promise<void> {
  await signIn(driver, base);
  await waitText(driver, "Talking now");
  await driver.get(`${base}/${where}`);
  await see(driver, By.css("section[data-ribbon], table"));
}

/** Writes into a field at once, as one pastes. */
async function write(driver: WebDriver, label: string, text: string): Promise<void> {
  await driver.executeScript(
    "const e = arguments[0]; e.focus(); Object.getOwnPropertyDescriptor(Object.getPrototypeOf(e), 'value').set.call(e, arguments[1]); e.dispatchEvent(new Event('input', { bubbles: true }))",
    await see(driver, By.css(`[aria-label="${label}"]`)),
    text,
  );
}

const blind = (name: string): string => readFileSync(new URL(`../core/bring/blind/${name}`, import.meta.url), "utf8");

/** A first visit to a Gentian that was started with `--empty`. */
async function firstVisit(driver: WebDriver, house: string): Promise<void> {
  await driver.get(base);
  await see(driver, By.css("input"));
  const fields = await driver.findElements(By.css("input"));
  for (const [i, text] of [house, "Rosalind Keane", "rosalind@saltbox.example", "salt on the window"].entries()) await fields[i]?.sendKeys(text);
  await driver.findElement(By.css("button[type=submit]")).click();
  await waitText(driver, "Logbook");
  await driver.get(`${base}/handbook`);
  await waitText(driver, "Or begin with a trade");
}

/** Views of an empty Gentian, taken one after another with the same house: named with `--empty` before them. */
const EMPTY_VIEWS: Record<string, (p: Page) => Promise<void>> = {
  "handbook-empty": ({ driver }) => firstVisit(driver, "Saltbox Hair Rooms"),
  "handbook-brought": async ({ driver }) => {
    await write(driver, "Paste or type here", `${blind("hair.prices.txt")}\n\n${blind("hair.hours.txt")}`);
    await driver.findElement(By.xpath("//button[.='Read it']")).click();
    await waitText(driver, "lines were found");
    await driver.executeScript(
      "document.querySelector('section[aria-labelledby=bring-title]').scrollTo(0, 440); document.getElementById('services').scrollIntoView()",
    );
  },
};

if (only[0] === "--empty") {
  const page = await openBrowser();
  for (const [name, act] of Object.entries(EMPTY_VIEWS)) {
    await act(page);
    await page.driver.sleep(700);
    await shot(page.driver, `${folder}/${name}.png`);
    process.stdout.write(`${name}\n`);
  }
  await page.quit();
  process.exit(0);
}

for (const [name, act] of Object.entries(VIEWS)) {
  if (only.length > 0 && !only.includes(name)) continue;
  const page = await openBrowser();
  try {
    await act(page);
    await page.driver.sleep(500);
    if (name !== "call" && name !== "ringing") await shot(page.driver, `${folder}/${name}.png`);
    process.stdout.write(`${name}\n`);
  } finally {
    await page.quit();
  }
}
