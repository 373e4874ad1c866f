import { createRequire } from "node:module";
import { By, Key } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { findings } from "./axe.ts";
import { Chat, openBrowser, see, signIn, waitText, type Page } from "./browser.ts";

const base = inject("base");
const axe = createRequire(import.meta.url).resolve("axe-core/axe.min.js");
let page: Page;

beforeAll(async () => {
  page = await openBrowser();
});
afterAll(() => page.quit());

const press = async (key: string): Promise<void> => {
  await page.driver.executeScript("document.activeElement?.blur()");
  await page.driver.actions().sendKeys(key).perform();
};
const option = (label: string, text: string) =>
  page.driver.findElement(By.xpath(`//label[starts-with(normalize-space(.),'${label}')]//option[contains(.,'${text}')]`));

describe("the door", () => {
  it("refuses a wrong password, says so, and has no findings of axe", async () => {
    await page.driver.get(base);
    await see(page.driver, By.css("input[type=email]"));
    expect(await findings(page.driver, axe)).toEqual([]);
    await signIn(page.driver, base, "mina@ternbay.example", "not the password");
    await waitText(page.driver, "do not belong together");
    expect(await page.driver.findElement(By.css("input[type=email]")).getAttribute("value")).toBe("mina@ternbay.example");
  });

  it("opens to the right one", async () => {
    await signIn(page.driver, base);
    await waitText(page.driver, "Talking now");
  });
});

describe("the desk", () => {
  it("fits 1280 × 800 without scrolling, and axe finds nothing", async () => {
    await page.driver.get(base);
    await see(page.driver, By.css("section[aria-label='Maren Oduya'] button"));
    const box = await page.driver.executeScript<number[]>("return [document.documentElement.scrollHeight, document.documentElement.scrollWidth]");
    expect(box[0]).toBeLessThanOrEqual(800);
    expect(box[1]).toBeLessThanOrEqual(1280);
    expect(await findings(page.driver, axe)).toEqual([]);
  });

  it("books by hand for a known client, with only open times to choose from", async () => {
    await page.driver.get(`${base}/?day=2027-03-17`);
    await see(page.driver, By.css("section[aria-label='Maren Oduya']"));
    await press("b");
    await waitText(page.driver, "Book by hand");
    await option("Service", "Taping").click();
    await option("With", "Maren").click();
    await page.driver.wait(async () => (await page.driver.findElements(By.xpath("//label[starts-with(normalize-space(.),'At')]//option"))).length > 2, 15_000);
    await page.driver.findElement(By.xpath("//label[starts-with(normalize-space(.),'At')]//option[2]")).click();
    await page.driver.findElement(By.xpath("//label[starts-with(normalize-space(.),'Client')]//input")).sendKeys("Ingrid");
    await (await see(page.driver, By.xpath("//button[contains(.,'Ingrid Solheim')]"))).click();
    expect(await findings(page.driver, axe)).toEqual([]);
    await page.driver.findElement(By.xpath("//button[starts-with(.,'Book, $25')]")).click();
    await see(page.driver, By.css("section[aria-label='Maren Oduya'] button[title*='Ingrid Solheim'][title*='Taping']"));
    await waitText(page.driver, "Other visits");
  });

  it("keeps a half-written booking over a reload", async () => {
    await page.driver.get(base);
    await see(page.driver, By.css("section[aria-label='Maren Oduya']"));
    await press("b");
    await page.driver.wait(
      async () => (await page.driver.findElements(By.xpath("//label[starts-with(normalize-space(.),'Client')]//input"))).length > 0,
      15_000,
    );
    await page.driver.findElement(By.xpath("//label[starts-with(normalize-space(.),'Client')]//input")).sendKeys("Somebody New");
    await page.driver.navigate().refresh();
    await see(page.driver, By.css("section[aria-label='Maren Oduya']"));
    await press("b");
    const field = await see(page.driver, By.xpath("//label[starts-with(normalize-space(.),'Client')]//input"));
    expect(await field.getAttribute("value")).toBe("Somebody New");
    await field.sendKeys(Key.chord(Key.CONTROL, "a"), Key.BACK_SPACE);
  });

  it("opens a slip, moves it and cancels it", async () => {
    await page.driver.get(`${base}/?day=2027-03-17`);
    await (await see(page.driver, By.css("button[title*='Ingrid Solheim'][title*='Taping']"))).click();
    await waitText(page.driver, "What was done");
    expect(await findings(page.driver, axe)).toEqual([]);
    await page.driver.findElement(By.xpath("//button[.='Move']")).click();
    await page.driver.wait(async () => (await page.driver.findElements(By.xpath("//label[starts-with(normalize-space(.),'At')]//option"))).length > 2, 15_000);
    const last = await page.driver.findElements(By.xpath("//label[starts-with(normalize-space(.),'At')]//option"));
    const time = await last.at(-2)?.getText();
    await last.at(-2)?.click();
    await page.driver.findElement(By.xpath("//button[.='Move it']")).click();
    await waitText(page.driver, `moved to Wed 17 Mar ${time ?? ""}`);
    await (await see(page.driver, By.xpath("//button[.='Cancel']"))).click();
    await (await see(page.driver, By.xpath("//button[.='Cancel the visit']"))).click();
    await page.driver.wait(async () => (await page.driver.findElements(By.css("button[title*='Ingrid Solheim'][title*='Taping']"))).length === 0, 15_000);
  });

  it("blocks time and frees it", async () => {
    await page.driver.get(`${base}/?day=2027-03-20`);
    await see(page.driver, By.css("section[aria-label='Eleanor Fairweather']"));
    await press("x");
    await waitText(page.driver, "Whose time");
    await option("Whose time", "Studio").click();
    await page.driver.findElement(By.xpath("//label[starts-with(normalize-space(.),'Why')]//input")).sendKeys("Floor is waxed");
    await page.driver.findElement(By.xpath("//button[.='Block it']")).click();
    await waitText(page.driver, "Floor is waxed");
    expect(await findings(page.driver, axe)).toEqual([]);
    await page.driver.findElement(By.xpath("//button[.='Free it']")).click();
    await waitText(page.driver, "free again");
  });

  it("shows a booking of the chat on the open day sheet while one looks", async () => {
    await page.driver.get(`${base}/?day=2027-03-18`);
    await see(page.driver, By.css("section[aria-label='Priya Raman']"));
    const other = await openBrowser();
    try {
      const chat = new Chat(other.driver);
      await chat.open(base);
      await chat.say("acupuncture on thursday the 18th after 2, Ingrid Solheim, 902 555 0163");
      await chat.choose((await chat.choices())[0] as string);
      await chat.choose("Yes");
      await see(page.driver, By.css("section[aria-label='Priya Raman'] button[title*='Ingrid Solheim'][title*='by the receptionist']"), 3000);
    } finally {
      await other.quit();
    }
  });

  it("lets a person take a conversation over and answer in the chat", async () => {
    const other = await openBrowser();
    try {
      const chat = new Chat(other.driver);
      await chat.open(base);
      await chat.say("my name is Halvard Quill, can I speak to a person?");
      await page.driver.get(base);
      await (await see(page.driver, By.xpath("//aside//button[contains(.,'Halvard Quill')]"))).click();
      await page.driver.wait(async () => (await page.driver.findElements(By.css("aside textarea"))).length > 0, 15_000);
      const before = (await chat.replies()).length;
      await page.driver.findElement(By.css("aside textarea")).sendKeys("Good morning, Mina here.");
      await page.driver.findElement(By.xpath("//aside//button[.='Send']")).click();
      expect(await chat.after(before)).toBe("Good morning, Mina here.");
      expect(await findings(page.driver, axe)).toEqual([]);
      await page.driver.findElement(By.xpath("//aside//button[.='Hand back']")).click();
    } finally {
      await other.quit();
    }
  });

  it("shows its keys, and nothing else happens while one types", async () => {
    await page.driver.get(base);
    await see(page.driver, By.css("section[aria-label='Maren Oduya']"));
    await press("?");
    await waitText(page.driver, "these keys");
    expect(await findings(page.driver, axe)).toEqual([]);
    await page.driver.actions().sendKeys(Key.ESCAPE).perform();
  });
});

describe("the logbook", () => {
  it("unfolds a conversation as a script with its reasons, and axe finds nothing", async () => {
    await page.driver.get(`${base}/logbook`);
    await (await see(page.driver, By.xpath("//main//button[contains(.,'Ana Petrov')]"))).click();
    await waitText(page.driver, /Read: /);
    await waitText(page.driver, /From: /);
    expect(await findings(page.driver, axe)).toEqual([]);
    const field = await page.driver.findElement(By.css("input[aria-label='Find words or a name']"));
    await field.sendKeys("nothing has these words");
    await waitText(page.driver, "Nothing fits");
  });
});
