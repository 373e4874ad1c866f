import { useGet } from "../../api/hooks.ts";
import type { Me, Week } from "../../api/types.ts";
import { Wrong } from "../../parts/controls.tsx";
import { shortDate } from "../../parts/words.ts";

/** A week of person by day: when each is in, how many they have, and how full the day is. */
export function WeekSheet({ me, date, today, go }: { me: Me; date: string; today: string; go: (date: string) => void }) {
  const week = useGet<Week>(`/week?date=${date}`);
  if (week.error && !week.data) return <Wrong error={week.error} />;
  if (!week.data) return <p className="py-8 text-quiet">Looking up the week…</p>;
  const { days } = week.data;
  return (
    <div className="mt-3 min-h-0 flex-1 overflow-auto pb-3">
      <table className="w-full table-fixed border-collapse text-s">
        <thead>
          <tr>
            <td className="w-[112px]" />
            {days.map((d) => (
              <th key={d.date} scope="col" className={`border-l border-hairline px-2 pb-1.5 text-left font-semibold ${d.date === today ? "text-stamen" : ""}`}>
                <button type="button" className="min-h-8 hover:underline" onClick={() => go(d.date)}>
                  {shortDate(d.date)}
                  {d.date === today ? ", today" : ""}
                </button>
                {d.closed ? <span className="block font-normal text-quiet">{d.closed}</span> : null}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {me.house.staff
            .filter((s) => s.bookable)
            .map((s) => (
              <tr key={s.id} className="border-t border-hairline">
                <th scope="row" className="py-2 pr-2 text-left align-top text-m font-semibold">
                  {s.called}
                  <span className="block truncate text-s font-normal text-quiet">{s.work}</span>
                </th>
                {days.map((d) => {
                  const p = d.people.find((x) => x.staff === s.id);
                  const inside = p !== undefined && (p.worksMin > 0 || p.booked > 0);
                  return (
                    <td key={d.date} className="border-l border-hairline px-2 py-2 align-top">
                      {inside ? (
                        <button type="button" className="block w-full rounded-m text-left hover:bg-open" onClick={() => go(d.date)}>
                          <span className="flex justify-between gap-1">
                            <span className="text-quiet">{p.from ? `${hour(p.from)}–${hour(p.to ?? "")}` : "class"}</span>
                            <b className="font-semibold">
                              {p.booked}
                              <span className="sr-only"> booked,</span>
                            </b>
                          </span>
                          {p.worksMin > 0 ? (
                            <>
                              <span className="mt-1 block h-2.5 bg-open" aria-hidden="true">
                                <span className={`block h-full ${p.full >= 90 ? "bg-stamen" : "bg-gentian"}`} style={{ width: `${p.full}%` }} />
                              </span>
                              <span className="text-quiet">{p.full >= 100 ? "full" : `${spanWords(p.freeMin)} free`}</span>
                            </>
                          ) : null}
                        </button>
                      ) : (
                        <span className="text-quiet">{d.closed ? "" : "not in"}</span>
                      )}
                    </td>
                  );
                })}
              </tr>
            ))}
        </tbody>
      </table>
    </div>
  );
}

const hour = (t: string): string => t.replace(/^0/, "").replace(/:00$/, "");

/** "2 h 15", "45 min". */
function spanWords(min: number): string {
  const h = Math.floor(min / 60);
  return h === 0 ? `${min} min` : min % 60 === 0 ? `${h} h` : `${h} h ${min % 60}`;
}
