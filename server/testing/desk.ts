import { insertAccount } from "../data/accounts.ts";
import { passwordHash } from "../http/session.ts";
import type { TestHouse } from "./house.ts";

export type Body = Record<string, unknown>;
const PASSWORD = "a long pass phrase";

/** Somebody at the desk of a test's house, with a session of their own once they are in. */
export class AtDesk {
  cookie = "";
  readonly #house: () => TestHouse;

  constructor(house: () => TestHouse) {
    this.#house = house;
  }

  /** Makes the owner's account, and signs in. */
  async open(): Promise<void> {
    await this.account();
    await this.signIn();
  }

  async account(): Promise<void> {
    const t = this.#house();
    await insertAccount(t.app.db, {
      houseId: t.houseId,
      name: "Mina",
      email: "mina@ternbay.example",
      passwordHash: await passwordHash(PASSWORD),
      role: "owner",
    });
  }

  async signIn(email = "mina@ternbay.example"): Promise<void> {
    const r = await this.raw("POST", "/sign-in", { email, password: PASSWORD });
    this.cookie = (r.headers.get("set-cookie") ?? "").split(";")[0] ?? "";
  }

  raw = (method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Response> =>
    fetch(`${this.#house().base}/api/desk${path}`, {
      method,
      headers: { "content-type": "application/json", "x-gentian": "desk", ...(this.cookie ? { cookie: this.cookie } : {}), ...headers },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });

  ask = async (method: string, path: string, body?: unknown): Promise<{ status: number; body: Body }> => {
    const r = await this.raw(method, path, body);
    return { status: r.status, body: (await r.json()) as Body };
  };
}

/** A ref that no command has had. */
export const ref = (): string => crypto.randomUUID();
