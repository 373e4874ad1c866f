import { ms, post, quantile, startMeasured } from "./server.ts";

interface Started {
  conversation: string;
  token: string;
}
interface Answer {
  replies: { expects: string; text: string; choices?: { label: string; say: string }[] }[];
}

/** Fifty clients choose the same opening at once: one holds it, the others are told and offered another. */
export async function run(): Promise<void> {
  const server = await startMeasured();
  try {
    for (let round = 1; round <= 3; round++) {
      const say = (c: Started, text: string) => post<Answer>(`${server.base}/api/v1/conversations/${c.conversation}/messages`, { text }, c.token);
      const talks = await Promise.all(
        Array.from({ length: 50 }, async () => (await post<Started>(`${server.base}/api/v1/lines/ternbay-web/conversations`, {})).body),
      );
      const offered = await Promise.all(talks.map((c) => say(c, "taping as soon as possible")));
      const same = offered[0]?.body.replies.at(-1)?.choices?.[0]?.say ?? "";
      const times: number[] = [];
      const answers = await Promise.all(
        talks.map(async (c) => {
          const at = performance.now();
          const r = await say(c, same);
          times.push(performance.now() - at);
          return r;
        }),
      );
      const held = answers.filter((a) => a.body.replies.at(-1)?.expects === "name").length;
      const told = answers.filter((a) => a.body.replies.some((r) => /taken|gone/i.test(r.text)) && (a.body.replies.at(-1)?.choices?.length ?? 0) > 1).length;
      const failed = answers.filter((a) => a.status !== 200).length;
      process.stdout.write(
        `round ${round}: “${same}” chosen by 50 at once: ${held} holds it, ${told} told and offered another, ${failed} errors; median ${ms(quantile(times, 0.5))}, slowest ${ms(quantile(times, 1))}\n`,
      );
      if (held !== 1 || told !== 49) process.exitCode = 1;
    }
  } finally {
    await server.stop();
  }
}
