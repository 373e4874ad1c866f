import { randomBytes } from "node:crypto";
import { readFileSync, writeFileSync } from "node:fs";
import { openDb, migrate } from "../data/db.ts";
import { accountByEmail, ownerOf, setPassword } from "../data/accounts.ts";
import { allHouses, type HouseRow } from "../data/houses.ts";
import { BadHouseFile, loadHouse, saveHouse } from "../housefile.ts";
import { passwordHash } from "../http/session.ts";
import { database, inCwd } from "./database.ts";
import { Mistake, type Flags } from "./mistake.ts";
import type { Db } from "../data/db.ts";

const quiet = (line: string): void => void process.stderr.write(`${line}\n`);

async function withDb<T>(flags: Flags, act: (db: Db) => Promise<T>): Promise<T> {
  const data = await database(flags, quiet);
  const db = openDb(data.url, 4);
  try {
    await migrate(db);
    return await act(db);
  } finally {
    await db.destroy();
    await data.stop();
  }
}

async function oneHouse(db: Db, key: string | undefined): Promise<HouseRow> {
  const houses = await allHouses(db);
  const house = key === undefined && houses.length === 1 ? houses[0] : houses.find((h) => h.key === key);
  if (house) return house;
  throw new Mistake(houses.length === 0 ? "There is no house yet." : `Name the house with --house: ${houses.map((h) => h.key).join(", ")}.`);
}

/** Brings in a whole house from one JSON file. */
export async function load(flags: Flags, file: string | undefined): Promise<void> {
  if (!file) throw new Mistake("Which file? ./gentian load FILE");
  let input: unknown;
  try {
    input = JSON.parse(readFileSync(inCwd(file), "utf8"));
  } catch (error) {
    throw new Mistake(`${file} cannot be read as JSON: ${(error as Error).message}\nNothing was loaded.`);
  }
  try {
    const { gaps } = await withDb(flags, (db) => loadHouse(db, input));
    process.stdout.write("The house is loaded.\n");
    for (const g of gaps) process.stdout.write(`  missing or contradicting: ${g.place}: ${g.code}${g.about ? ` (${g.about})` : ""}\n`);
  } catch (error) {
    if (error instanceof BadHouseFile)
      throw new Mistake(
        `${file} is not a house file that can be loaded. Nothing was loaded.\n${error.problems.map((p) => `  ${p.path}: ${p.message}`).join("\n")}`,
      );
    throw error;
  }
}

/** Writes a whole house into one JSON file. */
export async function save(flags: Flags, file: string | undefined): Promise<void> {
  if (!file) throw new Mistake("Into which file? ./gentian save FILE");
  const saved = await withDb(flags, async (db) => saveHouse(db, (await oneHouse(db, flags.house)).key));
  writeFileSync(inCwd(file), `${JSON.stringify(saved, null, 2)}\n`);
  process.stdout.write(`Saved to ${file}.\n`);
}

/** Gives the owner a new password and ends their sessions. */
export async function owner(flags: Flags): Promise<void> {
  const made = await withDb(flags, async (db) => {
    const house = await oneHouse(db, flags.house);
    const account = await ownerOf(db, house.id);
    if (!account || !(await accountByEmail(db, account.email))) throw new Mistake("This house has no owner yet. Open Gentian in a browser to make one.");
    const password = randomBytes(12).toString("base64url");
    await setPassword(db, account.id, await passwordHash(password));
    return { email: account.email, password };
  });
  process.stdout.write(`New sign-in for ${made.email}: ${made.password}\nOther sessions of this account have ended.\n`);
}
