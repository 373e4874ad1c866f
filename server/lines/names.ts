import type { App } from "../parts.ts";
import { allClients } from "../data/clients.ts";

/** So many of a house's clients are known to the ear by name: those that came last. */
const MOST_NAMES = 5000;

export const namesOn = async (app: App, houseId: string): Promise<string[]> => (await allClients(app.db, houseId)).slice(-MOST_NAMES).map((c) => c.name);
