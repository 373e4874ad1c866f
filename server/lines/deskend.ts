import type { IncomingMessage } from "node:http";
import type { Duplex } from "node:stream";
import type { WebSocketServer } from "ws";
import type { App } from "../parts.ts";
import { accountOf } from "./account.ts";
import { FarEnd } from "./farend.ts";

/** A person at the desk takes a call that rings: they hear the caller, and the caller hears them. */
export function openDeskEnd(app: App, sockets: WebSocketServer, req: IncomingMessage, socket: Duplex, head: Buffer, conversation: string): void {
  accountOf(app, req, socket, (account) =>
    sockets.handleUpgrade(req, socket, head, (ws) => {
      sockets.emit("connection", ws, req);
      const end = new FarEnd(ws, account.name);
      if (!app.exchange.take(account.houseId, conversation, end)) {
        end.tell({ event: "fault", why: "gone", what: "This call rings no more: somebody else has taken it, or the caller has gone." });
        ws.close(1000);
        return;
      }
      end.tell({ event: "taken" });
      app.talk.takeOver(account.houseId, conversation, account).catch(() => undefined);
    }),
  );
}
