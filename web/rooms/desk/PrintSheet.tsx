import { useSearchParams, Link } from "react-router";
import { useGet, useHouseClock } from "../../api/hooks.ts";
import type { Day, Me } from "../../api/types.ts";
import { Button, Wrong } from "../../parts/controls.tsx";
import { addDays, clock, longDate } from "../../parts/words.ts";

/** A day on paper: by person, one line an appointment, with room for a pen. */
export function PrintSheet({ me }: { me: Me }) {
  const [params] = useSearchParams();
  const today = useHouseClock(me).date;
  const date = /^\d{4}-\d{2}-\d{2}$/.test(params.get("day") ?? "") ? (params.get("day") as string) : today;
  const day = useGet<Day>(`/day?date=${date}`);
  const d = day.data;
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-10 py-6">
      <div className="no-print mb-4 flex items-center gap-2">
        <Button kind="main" onClick={() => window.print()}>
          Print
        </Button>
        <a
          className="inline-flex min-h-8 items-center rounded-m border border-hairline bg-raised px-3 text-s font-semibold"
          href={`/api/desk/sheet.csv?date=${date}`}
        >
          Take it as a file
        </a>
        <Link className="inline-flex min-h-8 items-center px-3 text-s text-quiet hover:text-ink" to={`/sheet?day=${addDays(date, 1)}`}>
          the day after ›
        </Link>
        <Link className="ml-auto min-h-8 text-s text-gentian underline" to={date === today ? "/" : `/?day=${date}`}>
          Back to the desk
        </Link>
      </div>
      <h1 className="font-serif text-xl font-semibold">
        {me.house.name}, {longDate(date)}
      </h1>
      {day.error && !d ? <Wrong error={day.error} /> : null}
      {d?.closed ? <p className="mt-2 text-quiet">Closed: {d.closed}.</p> : null}
      {me.house.staff
        .filter((s) => s.bookable)
        .map((s) => {
          const list = d?.appointments.filter((a) => a.staff === s.id) ?? [];
          const works = d?.staff.find((x) => x.id === s.id)?.works ?? [];
          if (list.length === 0 && works.length === 0) return null;
          return (
            <section key={s.id} className="mt-5 break-inside-avoid">
              <h2 className="border-b border-ink pb-1 font-serif text-l font-semibold">
                {s.name} <span className="text-s font-normal text-quiet">{works.map((w) => `${clock(w.fromMin)}–${clock(w.toMin)}`).join(", ")}</span>
              </h2>
              {list.length === 0 ? <p className="py-1 text-quiet">nobody booked</p> : null}
              <table className="w-full text-m">
                <tbody>
                  {list.map((a) => (
                    <tr key={a.id} className="border-b border-hairline">
                      <td className="w-28 py-1">
                        {clock(a.from)}–{clock(a.to)}
                      </td>
                      <td className="font-semibold">
                        {a.client}
                        {a.places > 1 ? ` (${a.places})` : ""}
                      </td>
                      <td>{a.serviceName}</td>
                      <td className="w-40 text-quiet">{[a.room, ...a.more].map((x) => me.house.rooms.find((r) => r.id === x)?.name ?? x).join(", ")}</td>
                      <td className="w-24 text-right text-quiet">{a.status === "booked" ? "" : a.status}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </section>
          );
        })}
    </main>
  );
}
