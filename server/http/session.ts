import { hash as hashPassword, verify } from "@node-rs/argon2";
import { Router, type Request, type RequestHandler } from "express";
import { rateLimit } from "express-rate-limit";
import { z } from "zod";
import type { App } from "../parts.ts";
import { accountByEmail, accountById, countAccounts, insertAccount, lockAccounts, type AccountRow } from "../data/accounts.ts";
import { emptyHandbook } from "@gentian/core/house/empty";
import { putHandbook } from "../data/houses.ts";
import { Refusal } from "../refusal.ts";
import { bodyOf, handler, sendProblem } from "./kit.ts";

declare module "express-session" {
  interface SessionData {
    account: string;
  }
}

/** Argon2id with the parameters that OWASP's password storage sheet names: 19 MiB, 2 passes, 1 lane. */
const ARGON = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

export const passwordHash = (password: string): Promise<string> => hashPassword(password, ARGON);

/** A hash of no password, so that an unknown address takes as long as a known one. */
let nobody: Promise<string> | null = null;

const credentials = z.object({
  email: z.string().trim().min(1, "write your email address").max(254),
  password: z.string().min(1, "write your password").max(200),
});
const firstOwner = z.object({
  house: z.string().trim().min(1, "write the house's name").max(80),
  name: z.string().trim().min(1, "write your name").max(80),
  email: z
    .string()
    .trim()
    .max(254)
    .regex(/^[^\s@]+@[^\s@]+\.[^\s@]+$/, "write an email address"),
  password: z.string().min(12, "use 12 characters or more").max(200),
});

/** The signed-in account; 401 where there is none. */
export async function accountOf(app: App, req: Request): Promise<AccountRow> {
  const id = req.session.account;
  const account = id ? await accountById(app.db, id) : null;
  if (!account) throw new Refusal(401, "Please sign in", "Your session has ended. What you typed is kept on this page.");
  return account;
}

/** A page of another site cannot send this header: together with SameSite cookies it keeps forged requests out. */
export const ownPagesOnly: RequestHandler = (req, res, next) => {
  if (req.method === "GET" || req.method === "HEAD" || req.header("x-gentian") === "desk") next();
  else sendProblem(res, { type: "about:blank", title: "This request did not come from the desk", status: 403 });
};

export function sessionRoutes(app: App): Router {
  const r = Router();
  const slow = rateLimit({
    windowMs: 10 * 60_000,
    limit: app.options.signInLimit,
    standardHeaders: "draft-7",
    legacyHeaders: false,
    skipSuccessfulRequests: true,
    handler: (_req, res) => {
      res.setHeader("retry-after", "600");
      sendProblem(res, { type: "about:blank", title: "Too many tries", status: 429, detail: "Wait ten minutes and try again." });
    },
  });

  r.get(
    "/first",
    handler(async (_req, res) => {
      res.json({ first: (await countAccounts(app.db)) === 0 });
    }),
  );

  r.post(
    "/first",
    slow,
    handler(async (req, res) => {
      const body = bodyOf(firstOwner, req);
      const id = await app.db.transaction(async (tx) => {
        await lockAccounts(tx);
        if ((await countAccounts(tx)) > 0) throw new Refusal(409, "This Gentian has an owner already", "Sign in instead.");
        const houseId = await putHandbook(tx, emptyHandbook(body.house));
        return insertAccount(tx, { houseId, name: body.name, email: body.email, passwordHash: await passwordHash(body.password), role: "owner" });
      });
      await signIn(req, id);
      res.status(201).json({ ok: true });
    }),
  );

  r.post(
    "/sign-in",
    slow,
    handler(async (req, res) => {
      const body = bodyOf(credentials, req);
      const account = await accountByEmail(app.db, body.email);
      nobody ??= passwordHash("nobody has this password");
      const right = await verify(account?.passwordHash ?? (await nobody), body.password);
      if (!account || !right)
        throw new Refusal(401, "That did not fit", "The email address and the password do not belong together. Nothing else has changed.");
      await signIn(req, account.id);
      res.json({ ok: true });
    }),
  );

  r.post(
    "/sign-out",
    handler(async (req, res) => {
      await new Promise<void>((done) => req.session.destroy(() => done()));
      res.clearCookie("gentian").json({ ok: true });
    }),
  );
  return r;
}

const asError = (e: unknown): Error => (e instanceof Error ? e : new Error(String(e)));

/** A new session id at sign-in, so that one known before is worth nothing. */
function signIn(req: Request, account: string): Promise<void> {
  return new Promise((done, fail) => {
    req.session.regenerate((error: unknown) => {
      if (error) return fail(asError(error));
      req.session.account = account;
      req.session.save((e: unknown) => (e ? fail(asError(e)) : done()));
    });
  });
}
