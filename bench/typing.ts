import { By, Key } from "selenium-webdriver";
import { openBrowser, see, signIn, waitText } from "../e2e/browser.ts";
import { ms, quantile, startMeasured } from "./server.ts";

const say = (line: string): void => void process.stdout.write(`${line}\n`);

/**
 * In a real browser: how long typing in the handbook keeps the page from its next frame, and how long after a line was
 * changed the replies that it touches are said again.
 */
export async function run(): Promise<void> {
  const server = await startMeasured();
  const page = await openBrowser();
  const d = page.driver;
  try {
    await signIn(d, server.base);
    await waitText(d, "Talking now");
    await d.get(`${server.base}/handbook`);
    const box = await see(d, By.css("input[aria-label='Type as a client']"));
    for (const line of ["how much is an hour of sports massage", "sports massage tomorrow", "is there parking"]) {
      await box.sendKeys(line, Key.ENTER);
      await d.sleep(700);
    }
    const result = await d.executeAsyncScript<{ typing: number[]; again: number[] }>(`
      const done = arguments[arguments.length - 1];
      const field = document.querySelector("input[aria-label='Length and price of Sports massage']");
      const write = (text) => {
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(field, text);
        field.dispatchEvent(new Event("input", { bubbles: true }));
      };
      const script = document.querySelector("ol[aria-label='What was said']");
      (async () => {
        field.focus();
        const typing = [], again = [];
        for (let i = 0; i < 40; i++) {
          const price = 200 + i;
          const at = performance.now();
          write("30 min $60 · 60 min $" + price + " · 90 min $135");
          await new Promise((r) => requestAnimationFrame(() => setTimeout(r, 0)));
          typing.push(performance.now() - at);
          while (!script.innerText.includes("$" + price) && performance.now() - at < 5000) await new Promise((r) => setTimeout(r, 4));
          again.push(performance.now() - at);
          await new Promise((r) => setTimeout(r, 120));
        }
        done({ typing, again });
      })();
    `);
    say(
      `typing, until the page has painted: median ${ms(quantile(result.typing, 0.5))}, p95 ${ms(quantile(result.typing, 0.95))}, slowest ${ms(Math.max(...result.typing))} (at most 50 ms)`,
    );
    say(
      `touched replies said again, from the key: median ${ms(quantile(result.again, 0.5))}, p95 ${ms(quantile(result.again, 0.95))}, slowest ${ms(Math.max(...result.again))} (at most 300 ms)`,
    );
  } finally {
    await page.quit();
    await server.stop();
  }
}
