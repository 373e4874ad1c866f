import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { gzipSync } from "node:zlib";
import { By } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { PAGES } from "@gentian/server/pages";
import { Chat, openBrowser, see, signIn, waitText, type Page } from "./browser.ts";
import { findings } from "./axe.ts";

const base = inject("base");
let page: Page;
let chat: Chat;
const fresh = async (): Promise<Chat> => {
  // From a page without the chat, so that nothing writes what is being cleared.
  await page.driver.get(`${base}/healthz`);
  await page.driver.executeScript("localStorage.clear()");
  chat = new Chat(page.driver);
  await chat.open(base);
  return chat;
};

beforeAll(async () => {
  page = await openBrowser();
});
afterAll(() => page.quit());

describe("the website chat", () => {
  it("tells a price, with nothing booked", async () => {
    const c = await fresh();
    expect(await c.say("how much is an hour of deep tissue?")).toContain("$95");
  });

  it("books in one breath", async () => {
    const c = await fresh();
    await c.say("half an hour of sports massage with Nell on thursday the 11th, Ana Petrov, 902 555 0142");
    const offer = (await c.choices())[0] as string;
    expect(await c.choose(offer)).toMatch(/Ana Petrov, 902 555 0142\. Shall I book it/);
    expect(await c.choose("Yes")).toMatch(/booked/i);
    await waitText(page.driver, /Thu 11 March, \d+:\d\d [ap]m to/);
  });

  it("books one thing at a time, with buttons where there is a choice", async () => {
    const c = await fresh();
    await c.say("I'd like a massage");
    await c.choose("Relaxation massage");
    await c.choose("an hour");
    await c.say("next week");
    const offers = await c.choices();
    expect(offers.length).toBeGreaterThanOrEqual(3);
    await c.choose(offers[0] as string);
    expect(await c.in<string>("return root.querySelector('textarea').getAttribute('autocomplete')")).toBe("name");
    await c.say("Wendeline Moss");
    expect(await c.in<string>("return root.querySelector('textarea').getAttribute('inputmode')")).toBe("tel");
    await c.say("902 555 0195");
    await c.choose("Yes");
    await c.choose("No");
    await c.say("shoulders");
    await c.say("since the end of january");
    await c.choose("No");
    await c.say("no plan");
    expect(await c.choose("Yes, book it")).toMatch(/booked/i);
  });

  it("moves, and shows it on the open day sheet within a second", async () => {
    const desk = await openBrowser();
    try {
      await signIn(desk.driver, base);
      await see(desk.driver, By.css("section[aria-label='Priya Raman']"));
      await desk.driver.get(`${base}/?day=2027-03-08`);
      await see(desk.driver, By.css("section[aria-label='Priya Raman']"));
      const c = await fresh();
      await c.say("move my acupuncture to monday the 8th in the afternoon, Ana Petrov 902 555 0142");
      await c.choose((await c.choices())[0] as string);
      const before = await desk.driver.findElements(By.css("section[aria-label='Priya Raman'] button[title*='Ana Petrov']"));
      expect(before).toHaveLength(0);
      await c.choose("Yes, move it");
      await see(desk.driver, By.css("section[aria-label='Priya Raman'] button[title*='Ana Petrov']"), 3000);
    } finally {
      await desk.quit();
    }
  });

  it("tells the fee before it cancels late", async () => {
    const c = await fresh();
    const told = await c.say("I have to cancel my visit today, Desmond Achebe, 902 555 0171");
    expect(told).toContain("$37.50");
    expect(await c.choose("Yes")).toMatch(/cancelled/i);
  });

  it("lets one of two browsers have the time, and offers the other another", async () => {
    const other = await openBrowser();
    try {
      const one = await fresh();
      const two = new Chat(other.driver);
      await two.open(base);
      const wish = "taping with Maren on friday the 19th after 2";
      await one.say(wish);
      await two.say(wish);
      const first = (await one.choices())[0] as string;
      expect((await two.choices())[0]).toBe(first);
      const answers = await Promise.all([one.choose(first), two.choose(first)]);
      expect(answers.filter((a) => /name/i.test(a))).toHaveLength(1);
      expect(answers.filter((a) => /taken|gone/i.test(a))).toHaveLength(1);
    } finally {
      await other.quit();
    }
  });

  it("keeps its conversation and what was typed over a reload", async () => {
    const c = await fresh();
    await c.say("acupuncture on thursday the 18th");
    await c.choose((await c.choices())[0] as string);
    await c.in("const f = root.querySelector('textarea'); f.value = 'Gil Fro'; f.dispatchEvent(new Event('input', { bubbles: true }))");
    await page.driver.navigate().refresh();
    await waitText(page.driver, "acupuncture on thursday the 18th");
    expect(await c.in<string>("return root.querySelector('textarea').value")).toBe("Gil Fro");
    expect(await c.say("Gil Frost")).toMatch(/number/i);
  });

  it("says that it is over, and begins anew when asked", async () => {
    const c = await fresh();
    await c.say("thanks, bye");
    await waitText(page.driver, "Start a new conversation");
    await c.in("root.querySelector('.again').click()");
    await page.driver.wait(async () => (await c.replies()).length === 1, 15_000);
  });

  it("closes with Escape and opens where it was", async () => {
    const c = await fresh();
    await c.say("is there parking?");
    await c.in("root.querySelector('.sheet').dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }))");
    expect(await c.in<boolean>("return root.querySelector('.sheet').hidden")).toBe(true);
    await c.in("root.querySelector('.open').click()");
    expect((await c.replies()).length).toBe(2);
  });

  it("fits a telephone of 360 pixels", async () => {
    const phone = await openBrowser(360, 640);
    try {
      const c = new Chat(phone.driver);
      await c.open(base);
      await c.say("sports massage for an hour on thursday the 18th");
      expect(await phone.driver.executeScript<number>("return document.documentElement.scrollWidth")).toBeLessThanOrEqual(360);
      const wide = await c.in<number>("return Math.max(...[...root.querySelectorAll('*')].map((n) => n.getBoundingClientRect().right))");
      expect(wide).toBeLessThanOrEqual(360);
      expect(await c.in<boolean>("return [...root.querySelectorAll('.sheet button')].every((b) => b.hidden || b.getBoundingClientRect().height >= 32)")).toBe(
        true,
      );
    } finally {
      await phone.quit();
    }
  });

  it("is under 30 kB gzipped", () => {
    expect(gzipSync(readFileSync(`${PAGES}/widget/chat.js`)).length).toBeLessThan(30_000);
  });

  it("has no findings of axe", async () => {
    const c = await fresh();
    await c.say("a sports massage on thursday please");
    expect(await findings(page.driver, createRequire(import.meta.url).resolve("axe-core/axe.min.js"))).toEqual([]);
  });
});
