import type express from "express";
import type { Logger } from "pino";
import type { Reader } from "./bring/reader.ts";
import type { Bus } from "./bus.ts";
import type { Db } from "./data/db.ts";
import type { Houses } from "./houses.ts";
import type { Exchange } from "./lines/exchange.ts";
import type { Speech } from "./speech/speech.ts";
import type { Talk } from "./talk.ts";
import type { Typing } from "./typing.ts";

export interface AppOptions {
  databaseUrl: string;
  /** Signs the session cookies. */
  secret: string;
  /** Folder with the built pages. */
  pages: string;
  /** Conversations that one address may begin a minute, and messages it may send. */
  startLimit: number;
  messageLimit: number;
  signInLimit: number;
  /** An extra route that commits one empty request, for measuring against. */
  measure?: boolean;
  log?: Logger;
  /** Folder that keeps the language models for the telephone. */
  speech?: string;
  /** Where it is set, a caller's number is believed only from a gateway that knows it. */
  gatewaySecret?: string;
}

/** Everything a server process keeps alive. */
export interface App {
  db: Db;
  bus: Bus;
  houses: Houses;
  talk: Talk;
  typing: Typing;
  /** Hearing and speaking; null where the machine cannot. */
  speech: Speech | null;
  exchange: Exchange;
  /** Knows who is signed in, for lines that are opened beside requests. */
  sessions: express.RequestHandler;
  reader: Reader;
  log: Logger;
  options: AppOptions;
  http: express.Express;
  close(): Promise<void>;
}
