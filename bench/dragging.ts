import { By } from "selenium-webdriver";
import type { HouseFile } from "@gentian/core/house/schema";
import { demoFile } from "@gentian/core/testing/demo";
import { WEEKDAYS } from "@gentian/core/time/days";
import { clockText } from "@gentian/core/time/zone";
import { openBrowser, see, signIn } from "../e2e/browser.ts";
import { ms, quantile, startMeasured } from "./server.ts";

const PEOPLE = 15;
const EACH = 10;
const RUNS = 5;

/** The demo house grown to fifteen people who have ten appointments each on every day of a week. */
function grownHouse(): HouseFile {
  const file = { ...demoFile(), closed: [], questions: [] };
  const days = [...WEEKDAYS];
  file.hours = [{ id: "h", weekdays: days, from: "08:00", to: "19:00" }];
  file.staff = Array.from({ length: PEOPLE }, (_, i) => ({
    id: `s${i}`,
    name: `Person ${i + 1}`,
    called: [`Person ${i + 1}`],
    work: "therapist",
    languages: [],
    bookable: true,
    takesMessages: i === 0,
    hours: [{ id: `w${i}`, weekdays: days, from: "08:00", to: "18:00" }],
    breaks: [],
  }));
  file.rooms = file.staff.map((_, i) => ({ id: `r${i}`, name: `Room ${i + 1}`, pool: "Room" }));
  file.services = [
    {
      id: "v",
      name: "Visit",
      also: [],
      about: "",
      asks: [],
      variants: [
        { lengthMin: 45, priceMinor: 5000 },
        { lengthMin: 30, priceMinor: 4000 },
      ],
      staff: file.staff.map((s) => s.id),
      pool: "Room",
      cleanUpMin: 0,
    },
  ];
  file.book = {
    clients: Array.from({ length: 60 }, (_, i) => ({ id: `c${i}`, name: `Client ${i} Surname`, assessed: true, saysSo: false, note: "", answers: {} })),
    absences: [],
    appointments: [1, 2, 3].flatMap((day) =>
      file.staff.flatMap((s, i) =>
        Array.from({ length: EACH }, (_, k) => ({
          id: `a-${day}-${i}-${k}`,
          client: `c${(i * EACH + k) % 60}`,
          service: "v",
          lengthMin: 45,
          staff: s.id,
          room: `r${i}`,
          start: `2027-03-0${day}T${clockText(480 + k * 60)}`,
          status: "booked" as const,
        })),
      ),
    ),
  };
  return file;
}

/** A day of 15 people and 150 appointments in a real browser: tasks while dragging, and how soon a day is painted. */
export async function run(): Promise<void> {
  const server = await startMeasured(grownHouse());
  const page = await openBrowser();
  const d = page.driver;
  try {
    await signIn(d, server.base);
    await see(d, By.css("section[aria-label='Person 15'] button[data-slip]"));
    const count = await d.executeScript<number>("return document.querySelectorAll('button[data-slip]').length");
    const result = await d.executeAsyncScript<{ slowest: number[]; frames: number[] }>(
      `
      const done = arguments[arguments.length - 1];
      const runs = arguments[0];
      const wait = (t) => new Promise((r) => setTimeout(r, t));
      (async () => {
        const slowest = [], frames = [];
        for (let run = 0; run < runs; run++) {
          const tasks = [];
          const seen = new PerformanceObserver((list) => list.getEntries().forEach((e) => tasks.push(e.duration)));
          seen.observe({ type: "longtask" });
          const slip = document.querySelectorAll("button[data-slip]")[20 + run * 11];
          const box = slip.getBoundingClientRect();
          const at = { x: box.left + 10, y: box.top + 10 };
          const fire = (target, type, x, y) => target.dispatchEvent(new PointerEvent(type, { bubbles: true, cancelable: true, pointerId: 1, isPrimary: true, button: 0, buttons: 1, clientX: x, clientY: y }));
          await wait(300);
          tasks.length = 0;
          fire(slip, "pointerdown", at.x, at.y);
          for (let i = 1; i <= 90; i++) {
            const before = performance.now();
            fire(document, "pointermove", at.x + i * 3, at.y + Math.sin(i / 8) * 120);
            await new Promise((r) => requestAnimationFrame(() => setTimeout(r, 0)));
            frames.push(performance.now() - before);
          }
          fire(document, "keydown", 0, 0);
          document.dispatchEvent(new KeyboardEvent("keydown", { code: "Escape", key: "Escape", bubbles: true }));
          await wait(200);
          seen.disconnect();
          slowest.push(Math.max(0, ...tasks));
        }
        done({ slowest, frames });
      })();
    `,
      RUNS,
    );
    const clear = result.slowest.filter((t) => t <= 50).length;
    process.stdout.write(
      `${PEOPLE} people, ${count} slips; while dragging, the slowest task over 50 ms in each of ${RUNS} runs: ${result.slowest.map((t) => (t === 0 ? "none" : ms(t))).join(", ")} (line: none in 4 of 5)\n`,
    );
    process.stdout.write(`a move until it is painted: median ${ms(quantile(result.frames, 0.5))}, p95 ${ms(quantile(result.frames, 0.95))}\n`);
    const painted: number[] = [];
    for (let i = 0; i < 2; i++) {
      const took = await d.executeAsyncScript<number>(`
        const done = arguments[arguments.length - 1];
        performance.clearResourceTimings();
        const before = document.querySelector("#day-title").textContent;
        const first = document.querySelector("button[data-slip]")?.dataset.slip;
        document.querySelector("button[aria-label='The day after']").click();
        const look = () => {
          const slips = document.querySelectorAll("button[data-slip]");
          if (document.querySelector("#day-title").textContent !== before && slips.length === ${PEOPLE * EACH} && slips[0].dataset.slip !== first)
            requestAnimationFrame(() => setTimeout(() => {
              const got = performance.getEntriesByType("resource").filter((r) => r.name.includes("/api/desk/day?date=")).map((r) => r.responseEnd);
              done(got.length ? performance.now() - Math.min(...got) : -1);
            }, 0));
          else requestAnimationFrame(look);
        };
        look();
      `);
      if (took >= 0) painted.push(took);
      await d.sleep(300);
    }
    process.stdout.write(
      `from the server's answer until the day is painted: median ${ms(quantile(painted, 0.5))}, slowest ${ms(Math.max(...painted))} (line: 500 ms)\n`,
    );
    if (clear < 4 || Math.max(...painted) > 500) process.exitCode = 1;
  } finally {
    await page.quit();
    await server.stop();
  }
}
