import { existsSync, readFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import connectPgSimple from "connect-pg-simple";
import express from "express";
import { rateLimit } from "express-rate-limit";
import session from "express-session";
import helmet from "helmet";
import pg from "pg";
import { pino } from "pino";
import { Reader } from "./bring/reader.ts";
import { Bus } from "./bus.ts";
import { openDb } from "./data/db.ts";
import { deskRoutes } from "./http/desk.ts";
import { problems, sendProblem } from "./http/kit.ts";
import { housePage } from "./http/housepage.ts";
import { publicRoutes } from "./http/public.ts";
import { ownPagesOnly, sessionRoutes } from "./http/session.ts";
import { Houses } from "./houses.ts";
import { Exchange } from "./lines/exchange.ts";
import type { App, AppOptions } from "./parts.ts";
import { Speech } from "./speech/speech.ts";
import { Talk } from "./talk.ts";
import { Typing } from "./typing.ts";

export async function openApp(options: AppOptions): Promise<App> {
  const db = openDb(options.databaseUrl);
  const bus = new Bus(options.databaseUrl);
  await bus.open();
  const houses = new Houses();
  const sessions = new pg.Pool({ connectionString: options.databaseUrl, max: 4 });
  const app: App = {
    db,
    bus,
    houses,
    talk: new Talk(db, houses, (m) => bus.tell(m)),
    typing: new Typing(),
    speech: Speech.installed ? new Speech(options.speech ?? join(tmpdir(), "gentian-speech")) : null,
    exchange: new Exchange(),
    sessions: (_req, _res, next) => next(),
    reader: new Reader(),
    log: options.log ?? pino({ level: "warn" }),
    options,
    http: express(),
    close: async () => {
      app.reader.close();
      app.speech?.close();
      await bus.close();
      await sessions.end();
      await db.destroy();
    },
  };
  const store = new (connectPgSimple(session))({ pool: sessions, tableName: "session", pruneSessionInterval: 900 });
  build(app, store);
  return app;
}

function build(app: App, store: session.Store): void {
  const { http, options } = app;
  http.disable("x-powered-by");
  http.set("trust proxy", "loopback");
  http.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", "data:"],
          fontSrc: ["'self'", "data:"],
          connectSrc: ["'self'"],
          frameAncestors: ["'none'"],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
      // The chat's script is made to be loaded by other sites.
      crossOriginResourcePolicy: { policy: "cross-origin" },
    }),
  );
  const json = express.json({ limit: "64kb" });
  // A handbook's lines and pasted papers are longer than messages.
  http.use("/api/desk/draft", express.json({ limit: "2mb" }));
  const tooMany = (limit: number) =>
    rateLimit({
      windowMs: 60_000,
      limit,
      standardHeaders: "draft-7",
      legacyHeaders: false,
      handler: (_req, res) => {
        res.setHeader("retry-after", "60");
        sendProblem(res, { type: "about:blank", title: "Too many requests", status: 429, detail: "Wait a minute and try again." });
      },
    });
  http.post("/api/v1/lines/:line/conversations", tooMany(options.startLimit));
  http.post("/api/v1/conversations/:id/messages", tooMany(options.messageLimit));
  http.use("/api/v1", json, publicRoutes(app));
  if (options.measure)
    http.post("/api/measure/empty", json, (_req, res, next) => {
      app.db
        .transaction(async (tx) => {
          await tx.raw("update houses set key = key where id = (select id from houses limit 1)");
        })
        .then(() => res.json({ ok: true }))
        .catch(next);
    });
  const withSession = session({
    name: "gentian",
    secret: options.secret,
    store,
    resave: false,
    saveUninitialized: false,
    rolling: true,
    cookie: { httpOnly: true, sameSite: "lax", secure: "auto", maxAge: 12 * 3600_000 },
  });
  app.sessions = withSession;
  http.use("/api/desk", withSession, json, ownPagesOnly, sessionRoutes(app), deskRoutes(app));
  http.use("/api", (_req, res) => sendProblem(res, { type: "about:blank", title: "There is nothing here", status: 404 }));

  const desk = join(options.pages, "web");
  const chat = join(options.pages, "widget");
  http.get("/healthz", (_req, res) => {
    res.json({ ok: true });
  });
  // A site of the demo house's, for trying how a house's own pages are brought in.
  http.use("/standins/site", express.static(join(import.meta.dirname, "..", "demo", "site"), { extensions: ["html"], maxAge: 0 }));
  http.use("/chat", express.static(chat, { maxAge: "10m" }));
  http.use(express.static(desk, { index: false, maxAge: "1h" }));
  http.get("/house/:line", housePage(app, chat));
  http.get(/^\/(?!api\/|chat\/).*/, (_req, res) => {
    sendPage(res, join(desk, "index.html"));
  });
  http.use((_req, res) => sendProblem(res, { type: "about:blank", title: "There is nothing here", status: 404 }));
  http.use(problems(app.log));
}

function sendPage(res: express.Response, file: string): void {
  if (!existsSync(file)) {
    sendProblem(res, { type: "about:blank", title: "The pages are not built", status: 503, detail: "Run ./gentian start, which builds them." });
    return;
  }
  res.setHeader("cache-control", "no-cache");
  res.type("html").send(readFileSync(file, "utf8"));
}
