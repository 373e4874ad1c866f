/**
 * Takes the pictures of `docs/screenshots` from a running Gentian with its demo data:
 *
 *   ./gentian start --fresh --clock 2027-03-01T10:42
 *   node --import tsx scripts/pictures.ts http://127.0.0.1:4600 docs/screenshots [name…]
 */
import { By } from "selenium-webdriver";
import { Chat, openBrowser, see, shot, signIn, waitText, type Page } from "../e2e/browser.ts";

const [base = "http://127.0.0.1:4600", folder = "docs/screenshots", ...only] = process.argv.slice(2);

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
  "sign-in": async ({ driver }) => {
    await driver.get(base);
    await see(driver, By.css("input[type=email]"));
  },
};

for (const [name, act] of Object.entries(VIEWS)) {
  if (only.length > 0 && !only.includes(name)) continue;
  const page = await openBrowser();
  try {
    await act(page);
    await page.driver.sleep(500);
    await shot(page.driver, `${folder}/${name}.png`);
    process.stdout.write(`${name}\n`);
  } finally {
    await page.quit();
  }
}
