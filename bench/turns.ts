import { ms, post, quantile, startMeasured } from "./server.ts";

/** Ten turns, four of which make offers on a nearly full calendar. */
const SCRIPT = [
  "half an hour of sports massage on thursday after 2",
  "is there parking?",
  "another day please",
  "what does it cost?",
  "next week in the afternoon instead",
  "are you open on saturday?",
  "acupuncture instead, tomorrow",
  "who does acupuncture?",
  "do you take cash?",
  "forget it, never mind",
];

interface Started {
  conversation: string;
  token: string;
}
interface Answer {
  replies: { expects: string }[];
  state: { status: string };
}

/** What one turn costs, one talker and many, beside an empty committed request in the same run. */
export async function run(): Promise<void> {
  const server = await startMeasured();
  const say = (line: string): void => void process.stdout.write(`${line}\n`);
  try {
    const start = async (): Promise<Started> => (await post<Started>(`${server.base}/api/v1/lines/ternbay-web/conversations`, {})).body;
    const turn = (c: Started, text: string) => post<Answer>(`${server.base}/api/v1/conversations/${c.conversation}/messages`, { text }, c.token);
    const one = async (c: Started, times: number[], offers: { n: number }): Promise<void> => {
      for (const text of SCRIPT) {
        const at = performance.now();
        const r = await turn(c, text);
        times.push(performance.now() - at);
        if (r.status !== 200) throw new Error(`${r.status} at “${text}”`);
        // A question in the middle only names again what was offered; these four look at the calendar.
        if (r.body.replies.at(-1)?.expects === "slot" && /massage|another|instead/.test(text)) offers.n++;
      }
    };
    say(`calendar: ${server.appointments} appointments in 60 days`);
    for (let i = 0; i < 20; i++) await one(await start(), [], { n: 0 });

    const times: number[] = [];
    const empty: number[] = [];
    const offers = { n: 0 };
    for (let i = 0; i < 60; i++) {
      await one(await start(), times, offers);
      for (let k = 0; k < 10; k++) {
        const at = performance.now();
        await post(`${server.base}/api/measure/empty`, {});
        empty.push(performance.now() - at);
      }
    }
    say(
      `one talker, ${times.length} turns, ${Math.round((100 * offers.n) / times.length)} % with offers: median ${ms(quantile(times, 0.5))}, p99 ${ms(quantile(times, 0.99))}`,
    );
    say(`empty committed request: median ${ms(quantile(empty, 0.5))}, p99 ${ms(quantile(empty, 0.99))}`);
    say(`ratio of medians: ${(quantile(times, 0.5) / quantile(empty, 0.5)).toFixed(2)}`);

    const seconds = 15;
    const rate = 200;
    const talks = await Promise.all(Array.from({ length: 100 }, async () => ({ c: await start(), next: 0, last: Promise.resolve() })));
    // Real conversations are not in step: each has come to another place of the script.
    for (const [j, talk] of talks.entries()) for (; talk.next < j % (SCRIPT.length - 1); talk.next++) await turn(talk.c, SCRIPT[talk.next] as string);
    await new Promise((r) => setTimeout(r, 1000));
    const loaded: number[] = [];
    let errors = 0;
    const begin = performance.now();
    const jobs: Promise<void>[] = [];
    for (let i = 0; i < seconds * rate; i++) {
      const due = begin + (i * 1000) / rate;
      const wait = due - performance.now();
      if (wait > 0) await new Promise((r) => setTimeout(r, wait));
      const talk = talks[i % talks.length] as (typeof talks)[number];
      // The clock runs from when the turn was due, so that waiting counts.
      talk.last = talk.last.then(async () => {
        const text = SCRIPT[talk.next % (SCRIPT.length - 1)] as string;
        talk.next++;
        const r = await turn(talk.c, text).catch(() => ({ status: 0 }));
        if (r.status !== 200) errors++;
        loaded.push(performance.now() - due);
      });
      jobs.push(talk.last);
    }
    await Promise.all(jobs);
    const took = (performance.now() - begin) / 1000;
    say(
      `100 conversations at ${rate} turns a second for ${seconds} s: ${loaded.length} turns in ${took.toFixed(1)} s, ${errors} errors, median ${ms(quantile(loaded, 0.5))}, p95 ${ms(quantile(loaded, 0.95))}, p99 ${ms(quantile(loaded, 0.99))}`,
    );
  } finally {
    await server.stop();
  }
}
