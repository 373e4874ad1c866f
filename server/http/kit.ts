import type { NextFunction, Request, RequestHandler, Response } from "express";
import type { z } from "zod";
import type { Logger } from "pino";
import type { ProblemDocument } from "@gentian/core/contract";
import { Refusal } from "../refusal.ts";

/** Reads a request's body by a schema; what is wrong comes back as a 400 with the path of each wrong place. */
export function bodyOf<T extends z.ZodType>(schema: T, req: Request): z.infer<T> {
  const result = schema.safeParse(clean(req.body ?? {}));
  if (result.success) return result.data;
  throw new Refusal(
    400,
    "The request is not understood",
    result.error.issues.map((i) => `${i.path.join("/") || "body"}: ${i.message}`).join("; "),
    result.error.issues.map((i) => ({ path: i.path.join("/"), message: i.message })),
  );
}

/** Takes out what no text holds: control characters but line breaks and tabs, and halves of characters. */
function clean(value: unknown): unknown {
  if (typeof value === "string")
    return Array.from(value)
      .filter((c) => c === "\n" || c === "\t" || (c >= " " && c !== "\u007f"))
      .map((c) => (c.length === 1 && c >= "\ud800" && c <= "\udfff" ? "\ufffd" : c))
      .join("");
  if (Array.isArray(value)) return value.map(clean);
  if (typeof value === "object" && value !== null) return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, clean(v)]));
  return value;
}

export const handler =
  (act: (req: Request, res: Response) => Promise<void>): RequestHandler =>
  (req, res, next) => {
    act(req, res).catch(next);
  };

export function sendProblem(res: Response, p: ProblemDocument): void {
  res.status(p.status).type("application/problem+json").send(JSON.stringify(p));
}

/** The last handler: every error becomes a problem document, never a stack trace. */
export function problems(log: Logger) {
  // Express tells an error handler by its four parameters.
  return (error: unknown, _req: Request, res: Response, next: NextFunction): void => {
    if (res.headersSent) {
      next(error);
      return;
    }
    const about = "about:blank";
    if (error instanceof Refusal) {
      sendProblem(res, {
        type: about,
        title: error.title,
        status: error.status,
        ...(error.detail ? { detail: error.detail } : {}),
        ...(error.errors ? { errors: error.errors } : {}),
        ...(error.more ?? {}),
      });
      return;
    }
    const e = error as { type?: string; status?: number };
    if (e.type === "entity.too.large") return sendProblem(res, { type: about, title: "The request is too large", status: 413, detail: "Send less at once." });
    if (e.type === "entity.parse.failed")
      return sendProblem(res, {
        type: about,
        title: "The request is not JSON",
        status: 400,
        detail: "Send a JSON document with Content-Type application/json.",
      });
    if (typeof e.status === "number" && e.status >= 400 && e.status < 500)
      return sendProblem(res, { type: about, title: "The request is not understood", status: e.status });
    log.error({ err: error }, "request failed");
    sendProblem(res, {
      type: about,
      title: "Something went wrong here",
      status: 500,
      detail: "Nothing was changed. Try again; if it stays, tell whoever looks after this computer.",
    });
  };
}

/** Opens a stream of server-sent events; gives the sender. Comments keep the line open. */
export function openStream(
  req: Request,
  res: Response,
): { send: (event: string, data: unknown, id?: string | number) => void; onClose: (f: () => void) => void } {
  res.writeHead(200, { "content-type": "text/event-stream; charset=utf-8", "cache-control": "no-store", connection: "keep-alive", "x-accel-buffering": "no" });
  res.write(": open\n\n");
  const beat = setInterval(() => res.write(": still here\n\n"), 20_000);
  const closers: (() => void)[] = [() => clearInterval(beat)];
  req.on("close", () => closers.forEach((f) => f()));
  return {
    send: (event, data, id) => {
      res.write(`${id === undefined ? "" : `id: ${id}\n`}event: ${event}\ndata: ${JSON.stringify(data)}\n\n`);
    },
    onClose: (f) => closers.push(f),
  };
}
