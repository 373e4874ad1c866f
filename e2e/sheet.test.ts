import { createRequire } from "node:module";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { By, Key, type WebElement } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { findings } from "./axe.ts";
import { openBrowser, see, signIn, waitText, type Page } from "./browser.ts";

const base = inject("base");
const axe = createRequire(import.meta.url).resolve("axe-core/axe.min.js");
let page: Page;

beforeAll(async () => {
  page = await openBrowser();
  await signIn(page.driver, base);
  await waitText(page.driver, "Talking now");
});
afterAll(() => page.quit());

const d = () => page.driver;
const press = async (...keys: string[]): Promise<void> => {
  await d().executeScript("document.activeElement?.blur()");
  for (const k of keys) await d().actions().sendKeys(k).perform();
};
const field = (label: string) =>
  d().findElement(By.xpath(`//label[starts-with(normalize-space(.),"${label}")]//*[self::input or self::textarea or self::select]`));
const option = (label: string, text: string) => d().findElement(By.xpath(`//label[starts-with(normalize-space(.),'${label}')]//option[contains(.,'${text}')]`));
const button = (text: string) => d().findElement(By.xpath(`//button[normalize-space(.)='${text}']`));
const open = async (day: string, view = ""): Promise<void> => {
  await d().get(`${base}/?day=${day}${view ? `&view=${view}` : ""}`);
  await see(d(), By.css("section[data-ribbon]"));
};
/** Books by the desk's own interface, so that each test has a slip of its own to move. */
const booked = (body: object): Promise<string> =>
  d().executeAsyncScript<string>(
    `const done = arguments[arguments.length - 1];
     fetch("/api/desk/appointments", { method: "POST", headers: { "content-type": "application/json", "x-gentian": "desk" }, body: JSON.stringify({ ref: crypto.randomUUID(), ...arguments[0] }) })
       .then((r) => r.json()).then((a) => done(a.id ?? JSON.stringify(a)));`,
    body,
  );
const slip = (id: string): Promise<WebElement> => see(d(), By.css(`button[data-slip='${id}']`));
const titleOf = async (id: string): Promise<string> => (await (await slip(id)).getAttribute("title")) ?? "";
const until = (what: () => Promise<boolean>): Promise<unknown> => d().wait(what, 15_000);
/** Pixels of an hour on the sheet. */
const hour = async (): Promise<number> => {
  const marks = await d().executeScript<number[]>(
    "return [...document.querySelectorAll('.sticky > span')].map((e) => e.getBoundingClientRect().left).slice(0, 2)",
  );
  return (marks[1] ?? 0) - (marks[0] ?? 0);
};

describe("dragging", () => {
  it("moves a slip to another hour, and back by Undo", async () => {
    await open("2027-04-14");
    const id = await booked({ service: "taping", length: 15, staff: "maren", date: "2027-04-14", time: "09:00", newClient: { name: "Drag Me" } });
    const el = await slip(id);
    const h = Math.round(await hour());
    await d()
      .actions()
      .move({ origin: el })
      .press()
      .move({ origin: el, x: 20, y: 0, duration: 60 })
      .move({ origin: el, x: h, y: 0, duration: 120 })
      .move({ origin: el, x: h + 1, y: 0, duration: 60 })
      .release()
      .perform();
    await until(async () => (await titleOf(id)).startsWith("10:00"));
    await waitText(d(), "has not been told yet");
    await (await see(d(), By.xpath("//button[@data-button and .='Undo']"))).click();
    await until(async () => (await titleOf(id)).startsWith("9:00"));
  });

  it("refuses an impossible place with the reason, and shows it while one drags", async () => {
    await open("2027-04-14");
    const id = await booked({ service: "taping", length: 15, staff: "maren", date: "2027-04-14", time: "14:00", newClient: { name: "Not There" } });
    const el = await slip(id);
    const rows = await d().executeScript<number[]>(
      "return ['maren', 'joaquim'].map((r) => { const b = document.querySelector(`[data-ribbon=${r}]`).getBoundingClientRect(); return b.top + b.height / 2; })",
    );
    const dy = Math.round((rows[1] ?? 0) - (rows[0] ?? 0));
    await d().actions().move({ origin: el }).press().move({ origin: el, x: 8, y: 8, duration: 60 }).move({ origin: el, x: 2, y: dy, duration: 120 }).perform();
    await waitText(d(), "this person does not do it");
    expect((await d().findElements(By.css(".shut"))).length).toBeGreaterThan(0);
    await d().actions().release().perform();
    await waitText(d(), "It does not fit there: this person does not do it");
    expect(await titleOf(id)).toMatch(/^14:00/);
  });

  it("pulls the end of a slip to make it longer", async () => {
    await open("2027-04-15");
    const id = await booked({ service: "sports-massage", length: 60, staff: "nell", date: "2027-04-15", time: "09:00", newClient: { name: "Stay Longer" } });
    await slip(id);
    const el = await d().findElement(By.css(`[data-end='${id}']`));
    const half = Math.round((await hour()) / 2);
    await d()
      .actions()
      .move({ origin: el })
      .press()
      .move({ origin: el, x: 10, y: 0, duration: 60 })
      .move({ origin: el, x: half, y: 0, duration: 120 })
      .release()
      .perform();
    await until(async () => (await titleOf(id)).startsWith("9:00–10:30"));
    await waitText(d(), "$135");
  });

  it("asks for a reason where only the house's rules stand against it", async () => {
    await open("2027-04-16");
    const id = await booked({ service: "taping", length: 15, staff: "maren", date: "2027-04-16", time: "11:30", newClient: { name: "Over Lunch" } });
    await (await slip(id)).sendKeys("m", Key.ARROW_RIGHT, Key.ARROW_RIGHT);
    await waitText(d(), "in the person’s break");
    await (await slip(id)).sendKeys(Key.ENTER);
    await waitText(d(), "It stays where it is until you say why");
    await field("Do it all the same, because").sendKeys("she eats later");
    await button("Move it all the same").click();
    await until(async () => (await titleOf(id)).startsWith("12:00"));
    await waitText(d(), "she eats later");
  });
});

describe("a day by keyboard alone", () => {
  it("books a walk-in with two keys, and says that they are here, done", async () => {
    await d().get(base);
    await see(d(), By.css("section[data-ribbon]"));
    await press("w");
    await waitText(d(), "who could take somebody now");
    await until(async () => (await d().executeScript<string>("return document.activeElement?.closest('aside li') ? 'row' : ''")) === "row");
    await d().actions().sendKeys(Key.ENTER).perform();
    await waitText(d(), "Walk-in");
    await see(d(), By.xpath("//aside//button[.='Done']"));
    expect(await findings(page.driver, axe)).toEqual([]);
    const done = await d().findElement(By.xpath("//aside//button[.='Done']"));
    await done.sendKeys(Key.ENTER);
    await waitText(d(), "Was missed");
  });

  it("lifts a slip with m, carries it with arrows to another person, and puts it down with Enter; Esc leaves it", async () => {
    await open("2027-04-20");
    const id = await booked({ service: "taping", length: 15, staff: "maren", date: "2027-04-20", time: "13:00", newClient: { name: "By Keys" } });
    await (await slip(id)).sendKeys("m", Key.ARROW_LEFT);
    await waitText(d(), "12:45–13:00");
    await (await slip(id)).sendKeys(Key.ESCAPE);
    await d().sleep(200);
    expect(await titleOf(id)).toMatch(/^13:00/);
    await (await slip(id)).sendKeys("m", Key.ARROW_DOWN, Key.ARROW_LEFT, Key.ENTER);
    await until(async () => (await d().findElements(By.css(`[data-ribbon=tobias] [data-slip='${id}']`))).length === 1);
    expect(await titleOf(id)).toMatch(/^12:45/);
    await (await slip(id)).sendKeys(Key.chord(Key.SHIFT, Key.ARROW_RIGHT), Key.ENTER);
    await until(async () => (await titleOf(id)).startsWith("12:45–13:15"));
  });

  it("turns to the week and to the rooms and back, without a finding of axe", async () => {
    await open("2027-03-03");
    await press("v");
    await waitText(d(), /\d h( \d+)? free/);
    expect(await findings(page.driver, axe)).toEqual([]);
    await press("v", "r");
    await see(d(), By.css("section[aria-label='Treatment 1'] button[data-slip]"));
    expect(await findings(page.driver, axe)).toEqual([]);
    await press("r");
    await see(d(), By.css("section[aria-label='Maren Oduya'] button[data-slip]"));
  });
});

describe("ill at 7:45", () => {
  it("goes through whom it touches: another time, and told", async () => {
    await open("2027-04-21");
    await booked({
      service: "relaxation-massage",
      length: 60,
      staff: "nell",
      date: "2027-04-21",
      time: "10:00",
      newClient: { name: "Poor Thing", phone: "902 555 0188" },
    });
    await press("i");
    await waitText(d(), "Whose time");
    await option("Whose time", "Eleanor").click();
    await button("Take it off").click();
    await (await see(d(), By.xpath("//button[contains(.,'go through the')]"))).click();
    await waitText(d(), "Poor Thing");
    expect(await findings(page.driver, axe)).toEqual([]);
    await (await see(d(), By.xpath("//aside//li[contains(.,'Poor Thing')]//button[1]"))).click();
    await waitText(d(), "Poor Thing: moved to");
    const told = await see(d(), By.xpath("//aside//li[contains(.,'Poor Thing: moved')]//input[@type='checkbox' and not(@disabled)]"));
    await told.click();
    await until(() => told.isSelected());
    await d().get(base);
    await see(d(), By.css("section[data-ribbon]"));
    expect(await d().findElement(By.css("body")).getText()).not.toContain("Poor Thing");
  });
});

describe("hours where they are shown", () => {
  it("says what new weekly hours would touch before they are kept, and keeps what is typed over a reload", async () => {
    await open("2027-04-22");
    await booked({ service: "acupuncture", length: 45, staff: "priya", date: "2027-04-22", time: "16:00", newClient: { name: "Late One" } });
    await d().findElement(By.css("button[aria-label*='Priya Raman: hours']")).click();
    await waitText(d(), "Every week");
    await field("Hours").sendKeys(Key.chord(Key.CONTROL, "a"), "Mon, Tue, Thu 10-15");
    await waitText(d(), /coming appointments? no longer fits?/);
    expect(await findings(page.driver, axe)).toEqual([]);
    await d().navigate().refresh();
    await (await see(d(), By.css("button[aria-label*='Priya Raman: hours']"))).click();
    await waitText(d(), /no longer fits?/);
    expect(await field("Hours").getAttribute("value")).toBe("Mon, Tue, Thu 10-15");
    await field("Hours").sendKeys(Key.chord(Key.CONTROL, "a"), "whenever");
    await waitText(d(), "Write it like this");
    await button("Leave it")
      .click()
      .catch(() => undefined);
    await field("Hours").sendKeys(Key.chord(Key.CONTROL, "a"), "Mon, Tue, Thu 10:00–18:00");
  });

  it("changes a single day at once, and makes it as usual again", async () => {
    await open("2027-04-26");
    await d().findElement(By.css("button[aria-label*='Maren Oduya: hours']")).click();
    const hours = await see(d(), By.xpath("//label[starts-with(normalize-space(.),'Only on Monday')]//input"));
    await hours.sendKeys(Key.chord(Key.CONTROL, "a"), "9-12");
    await (await see(d(), By.xpath("//button[.='Keep it for this day' and not(@disabled)]"))).click();
    await waitText(d(), "other hours today");
    await (await see(d(), By.xpath("//button[.='As usual again']"))).click();
    await waitText(d(), "is as usual again");
  });
});

describe("the book that exists already", () => {
  it("shows every line before anything is kept", async () => {
    const folder = mkdtempSync(join(tmpdir(), "gentian-book-"));
    const file = join(folder, "book.csv");
    writeFileSync(
      file,
      "date,time,service,length,with,client,phone\n2027-04-27,9:15 am,Taping,15,Tobias,Brought In,902 555 0177\n2027-04-27,9:15 am,Haircut,15,Zed,Wrong One,12\n",
    );
    await d().get(`${base}/bring`);
    await waitText(d(), "The book that exists already");
    await d().findElement(By.css("input[type=file]")).sendKeys(file);
    await waitText(d(), "1 lines are good, 1 are wrong");
    await waitText(d(), "there is no service “Haircut”");
    expect(await findings(page.driver, axe)).toEqual([]);
    await (await see(d(), By.xpath("//button[starts-with(.,'Bring in the 1')]"))).click();
    await waitText(d(), "Brought in: 1 appointments, 1 new clients");
    await open("2027-04-27");
    await see(d(), By.css("button[data-slip][title*='Brought In']"));
    rmSync(folder, { recursive: true, force: true });
  });
});

describe("on paper", () => {
  it("a day stands by person, one line a visit", async () => {
    await d().get(`${base}/sheet?day=2027-03-03`);
    await waitText(d(), "Wednesday 3 March");
    await waitText(d(), "Maren Oduya");
    expect(await findings(page.driver, axe)).toEqual([]);
  });
});
