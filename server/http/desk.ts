import { Router } from "express";
import type { App } from "../app.ts";
import { appointmentsRoutes } from "./desk/appointments.ts";
import { blocksRoutes } from "./desk/blocks.ts";
import { dayRoutes } from "./desk/day.ts";
import { handbookRoutes } from "./desk/handbook.ts";
import { talksRoutes } from "./desk/talks.ts";

/** The desk's own interface: for signed-in people only. */
export function deskRoutes(app: App): Router {
  return Router().use(dayRoutes(app), appointmentsRoutes(app), blocksRoutes(app), talksRoutes(app), handbookRoutes(app));
}
