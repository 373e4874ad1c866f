import { Router } from "express";
import type { App } from "../parts.ts";
import { appointmentsRoutes } from "./desk/appointments.ts";
import { blocksRoutes } from "./desk/blocks.ts";
import { dayRoutes } from "./desk/day.ts";
import { exchangeRoutes } from "./desk/exchange.ts";
import { findingRoutes } from "./desk/finding.ts";
import { handbookRoutes } from "./desk/handbook.ts";
import { talksRoutes } from "./desk/talks.ts";
import { weekRoutes } from "./desk/week.ts";

/** The desk's own interface: for signed-in people only. */
export function deskRoutes(app: App): Router {
  return Router().use(
    dayRoutes(app),
    appointmentsRoutes(app),
    blocksRoutes(app),
    findingRoutes(app),
    weekRoutes(app),
    exchangeRoutes(app),
    talksRoutes(app),
    handbookRoutes(app),
  );
}
