import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Browser, Builder, By, until, type WebDriver, type WebElement } from "selenium-webdriver";
import chrome from "selenium-webdriver/chrome.js";

export interface Page {
  driver: WebDriver;
  quit(): Promise<void>;
}

const FLAGS = [
  "--headless",
  "--no-sandbox",
  "--disable-gpu",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
  "--hide-scrollbars",
  "--force-prefers-reduced-motion",
];

/** What makes a sound file the browser's microphone, which nobody has to allow. */
const speaking = (file: string): string[] => [
  "--use-fake-ui-for-media-stream",
  "--use-fake-device-for-media-stream",
  `--use-file-for-fake-audio-capture=${file}%noloop`,
  "--autoplay-policy=no-user-gesture-required",
];

/** A headless Chromium of Debian's, with an empty profile, whose page is of the given size; `microphone` is a sound file. */
export async function openBrowser(width = 1280, height = 800, microphone?: string): Promise<Page> {
  const profile = mkdtempSync(join(tmpdir(), "gentian-browser-"));
  const options = new chrome.Options();
  options.setChromeBinaryPath("/usr/bin/chromium");
  options.addArguments(...FLAGS, ...(microphone ? speaking(microphone) : []), `--user-data-dir=${profile}`, `--window-size=${width},${height}`);
  const driver = await new Builder()
    .forBrowser(Browser.CHROME)
    .setChromeOptions(options)
    .setChromeService(new chrome.ServiceBuilder("/usr/bin/chromedriver"))
    .build();
  // The window's frame is not the page: the page itself is what must have the size.
  await (driver as unknown as { sendDevToolsCommand(c: string, p: object): Promise<void> }).sendDevToolsCommand("Emulation.setDeviceMetricsOverride", {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: width < 500,
  });
  return {
    driver,
    quit: async () => {
      await driver.quit();
      rmSync(profile, { recursive: true, force: true });
    },
  };
}

export const see = (d: WebDriver, by: By, ms = 15_000): Promise<WebElement> => d.wait(until.elementLocated(by), ms);

/** Waits until the page's text (the chat's sheet included) holds the words; fails with what stands there instead. */
export async function waitText(d: WebDriver, text: string | RegExp, ms = 15_000): Promise<void> {
  let all = "";
  const holds = async (): Promise<boolean> => {
    all = await pageText(d);
    return typeof text === "string" ? all.includes(text) : text.test(all);
  };
  await d.wait(holds, ms).catch((error: unknown) => {
    throw new Error(`waited ${ms} ms for ${String(text)}; the page says: ${all.slice(-1500)}`, { cause: error });
  });
}

export const pageText = (d: WebDriver): Promise<string> =>
  d.executeScript("return document.body.innerText + ' ' + (document.querySelector('#gentian-chat')?.shadowRoot?.querySelector('.root')?.innerText ?? '')");

export async function shot(d: WebDriver, file: string): Promise<void> {
  writeFileSync(file, Buffer.from(await d.takeScreenshot(), "base64"));
}

export async function signIn(d: WebDriver, base: string, email = "mina@ternbay.example", password = "gentian by the bay"): Promise<void> {
  await d.get(base);
  const field = await see(d, By.css("input[type=email]"));
  await field.sendKeys(email);
  await d.findElement(By.css("input[type=password]")).sendKeys(password);
  await d.findElement(By.css("button[type=submit]")).click();
}

/** The website chat on a page: opens it, says things, reads what came. */
export class Chat {
  constructor(readonly d: WebDriver) {}

  in<T>(script: string, ...args: unknown[]): Promise<T> {
    return this.d.executeScript(`const root = document.querySelector('#gentian-chat').shadowRoot; ${script}`, ...args);
  }

  async open(base: string, line = "ternbay-web"): Promise<void> {
    await this.d.get(`${base}/house/${line}`);
    await this.d.wait(() => this.d.executeScript<boolean>("return !!document.querySelector('#gentian-chat')"), 15_000);
    await this.in("if (root.querySelector('.sheet').hidden) root.querySelector('.open').click()");
    await this.d.wait(async () => (await this.replies()).length > 0, 15_000);
  }

  replies(): Promise<string[]> {
    return this.in("return [...root.querySelectorAll('.theirs .words')].map((n) => n.textContent)");
  }

  choices(): Promise<string[]> {
    return this.in("return [...root.querySelectorAll('.choices button')].map((n) => n.textContent)");
  }

  /** Types and sends, and gives the last reply. */
  async say(text: string): Promise<string> {
    const before = (await this.replies()).length;
    await this.in(
      "const f = root.querySelector('textarea'); f.value = arguments[0]; f.dispatchEvent(new Event('input', { bubbles: true })); root.querySelector('form').requestSubmit()",
      text,
    );
    return this.after(before);
  }

  async choose(part: string): Promise<string> {
    const before = (await this.replies()).length;
    await this.in("[...root.querySelectorAll('.choices button')].find((b) => b.textContent.includes(arguments[0])).click()", part);
    return this.after(before);
  }

  async after(before: number): Promise<string> {
    await this.d.wait(async () => (await this.replies()).length > before, 15_000, "waiting for a reply");
    return (await this.replies()).at(-1) as string;
  }
}
