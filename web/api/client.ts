import type { ProblemDocument } from "@gentian/core/contract";

/** A request that was refused, with what the server says of it. */
export class Refused extends Error {
  constructor(readonly problem: ProblemDocument) {
    super(problem.title);
  }
}

async function take<T>(res: Response): Promise<T> {
  if (res.ok) return (await res.json()) as T;
  const problem = (await res.json().catch(() => null)) as ProblemDocument | null;
  throw new Refused(
    problem ?? {
      type: "about:blank",
      title: "The server did not answer as it should",
      status: res.status,
      detail: "Try again in a moment. What you typed is kept.",
    },
  );
}

const cut = (): never => {
  throw new Refused({
    type: "about:blank",
    title: "There is no connection to Gentian",
    status: 0,
    detail: "What you typed is kept. It goes on when the connection is back.",
  });
};

export const get = <T>(path: string): Promise<T> =>
  fetch(`/api/desk${path}`)
    .catch(cut)
    .then((r) => take<T>(r));

export function send<T>(method: "POST" | "DELETE", path: string, body: unknown = {}): Promise<T> {
  return fetch(`/api/desk${path}`, { method, headers: { "content-type": "application/json", "x-gentian": "desk" }, body: JSON.stringify(body) })
    .catch(cut)
    .then((r) => take<T>(r));
}

/** Sends a form, such as one with a file in it. */
export const sendForm = <T>(path: string, form: FormData): Promise<T> =>
  fetch(`/api/desk${path}`, { method: "POST", headers: { "x-gentian": "desk" }, body: form })
    .catch(cut)
    .then((r) => take<T>(r));

/** Sends a form and takes the answer line by line as it comes: each line is one JSON document. */
export async function takeLines<T>(path: string, form: FormData, hear: (line: T) => void): Promise<void> {
  const res = await fetch(`/api/desk${path}`, { method: "POST", headers: { "x-gentian": "desk" }, body: form }).catch(cut);
  if (!res.ok || !res.body) {
    await take(res);
    return;
  }
  const reader = res.body.pipeThrough(new TextDecoderStream()).getReader();
  let rest = "";
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    const lines = (rest + value).split("\n");
    rest = lines.pop() ?? "";
    for (const l of lines) if (l) hear(JSON.parse(l) as T);
  }
}

/** A mark that makes a command count once, however often it is sent. */
export const newRef = (): string => crypto.randomUUID();

export const wordsOf = (error: unknown): { title: string; detail: string } =>
  error instanceof Refused ? { title: error.problem.title, detail: error.problem.detail ?? "" } : { title: "Something went wrong", detail: String(error) };
