import { NavLink } from "react-router";
import { mutate } from "swr";
import { send } from "../api/client.ts";
import { useHouseClock } from "../api/hooks.ts";
import type { Me } from "../api/types.ts";
import { Mark } from "./Mark.tsx";
import { clock, shortDate } from "./words.ts";

const ROOMS = [
  { to: "/", name: "Desk" },
  { to: "/handbook", name: "Handbook" },
  { to: "/logbook", name: "Logbook" },
];

const LAMPS = {
  "on-duty": { word: "on duty", dot: "bg-fern border-fern" },
  drafting: { word: "drafting", dot: "bg-stamen-pale border-stamen" },
  off: { word: "off", dot: "bg-transparent border-quiet" },
} as const;

/** The one bar on top: mark, house, rooms, the lines' lamps and the house's clock. */
export function Ledge({ me }: { me: Me }) {
  const now = useHouseClock(me);
  return (
    <header className="flex h-12 items-center gap-6 border-b border-hairline bg-raised px-5">
      <span className="flex items-center gap-2.5">
        <Mark />
        <span className="font-serif text-l font-semibold">{me.house.shortName}</span>
      </span>
      <nav aria-label="Rooms" className="flex h-full items-stretch gap-5">
        {ROOMS.map((r) => (
          <NavLink
            key={r.to}
            to={r.to}
            end={r.to === "/"}
            className={({ isActive }) =>
              `flex items-center border-b-3 px-0.5 pt-0.5 text-m ${isActive ? "border-gentian font-semibold" : "border-transparent text-quiet hover:text-ink"}`
            }
          >
            {r.name}
          </NavLink>
        ))}
      </nav>
      <ul aria-label="Lines" className="ml-auto flex items-center gap-5 text-s">
        {me.house.lines.map((l) => (
          <li key={l.key} className="flex items-center gap-1.5">
            <span aria-hidden="true" className={`size-2.5 rounded-full border-2 ${LAMPS[l.state].dot}`} />
            <span className="font-semibold">{l.name}</span>
            <span className="text-quiet">{LAMPS[l.state].word}</span>
          </li>
        ))}
      </ul>
      <time className="text-m font-semibold" dateTime={`${now.date}T${clock(now.minute).padStart(5, "0")}`}>
        {shortDate(now.date)}, {clock(now.minute)}
      </time>
      <button
        type="button"
        className="min-h-8 text-s text-quiet hover:text-ink"
        onClick={() => {
          void send("POST", "/sign-out").then(() => mutate(() => true, undefined, { revalidate: true }));
        }}
      >
        Sign out
      </button>
    </header>
  );
}
