import { ServerResponse, type IncomingMessage } from "node:http";
import type { Duplex } from "node:stream";
import type { Request, Response } from "express";
import type { App } from "../parts.ts";
import { accountById, type AccountRow } from "../data/accounts.ts";

/** Whose session a socket comes with. Without one, or from another site's page, it is refused. */
export function accountOf(app: App, req: IncomingMessage, socket: Duplex, then: (account: AccountRow) => void): void {
  const refuse = (status: string): void => void socket.end(`HTTP/1.1 ${status}\r\n\r\n`);
  const { origin } = req.headers;
  if (origin !== undefined && origin.replace(/^https?:\/\//, "") !== req.headers.host) return refuse("403 Forbidden");
  const r = req as Request;
  app.sessions(r, new ServerResponse(req) as Response, () => {
    const id = (r.session as { account?: string } | undefined)?.account;
    (id ? accountById(app.db, id) : Promise.resolve(null))
      .then((account) => (account ? then(account) : refuse("401 Unauthorized")))
      .catch(() => refuse("500 Internal Server Error"));
  });
}
