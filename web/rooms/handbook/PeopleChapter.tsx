import type { Draft } from "@gentian/core/house/draft";
import { hoursLine, inTurnLine, parseHours, parseInTurn, parseWords, wordsLine } from "@gentian/core/house/lines";
import type { Change } from "@gentian/core/house/change";
import { AddButton, Chapter, DropButton, freshId, Line, Part, Pick, slug, Sorted, Tick, useChange, useFocusNew, useSpread, Words } from "./lines.tsx";

const HINT = "Write it like this: Mon, Wed 8–16, Tue 11–19.";
type Person = Draft["staff"][number];

/** Who works here, when, and in which rooms. */
export function PeopleChapter() {
  const { editor } = useSpread();
  const { draft } = editor;
  const { set, add, drop, many } = useChange();
  const { mark } = useFocusNew();
  /** Weekly hours are one line; what is every other week stands beside it. */
  const weekly = (list: Person["hours"]): Person["hours"] => list.filter((h) => !h.every && !h.repeat);
  const writeHours = (p: Person, v: string): void =>
    set(["staff", p.id, "hours"], [...(parseHours(v) ?? []).map((h) => ({ ...h, id: `${p.id}-${h.id}` })), ...p.hours.filter((h) => h.every ?? h.repeat)]);
  const person = (): void => {
    const id = freshId("person", draft.staff);
    mark(`staff/${id}`);
    // Somebody new does what nobody does yet, in the house's hours, until somebody says otherwise.
    const alone: Change[] = draft.services.filter((s) => s.staff.length === 0).map((s) => ({ op: "set", path: ["services", s.id, "staff"], value: [id] }));
    many([
      {
        op: "add",
        path: ["staff"],
        item: {
          id,
          name: "New person",
          called: [],
          work: "staff",
          languages: [],
          bookable: true,
          takesMessages: false,
          hours: draft.hours.map((h) => ({ ...h, id: `${id}-${h.id}`.slice(0, 64) })),
          breaks: [],
        },
      },
      ...alone,
    ]);
  };
  return (
    <Chapter id="people" title="People and calendars">
      <Sorted items={draft.staff} path={["staff"]} keyOf={(p) => p.id} name={(p) => p.name}>
        {(p, handle) => (
          <Line place={`staff/${p.id}`} find={`${p.name} ${p.work} ${p.called.join(" ")}`} handle={handle}>
            <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_28px] gap-x-2">
              <Words
                label="Name"
                className="font-serif"
                value={p.name}
                check={(v) => v.trim() !== ""}
                hint="A person needs a name."
                onChange={(v) => set(["staff", p.id, "name"], v)}
              />
              <Words
                label={`Work of ${p.name}`}
                className="text-quiet"
                value={p.work}
                check={(v) => v.trim() !== ""}
                hint="What they do, in a word or two."
                onChange={(v) => set(["staff", p.id, "work"], v)}
              />
              <DropButton label={`Take ${p.name} out`} onClick={() => drop(["staff", p.id])} />
            </div>
            <div className="grid grid-cols-[64px_minmax(0,1fr)] items-baseline text-s">
              <span className="text-quiet">works</span>
              <Words
                label={`Hours of ${p.name}`}
                className="text-s"
                placeholder="Mon–Thu 9–17"
                value={hoursLine(weekly(p.hours))}
                check={(v) => parseHours(v) !== null}
                hint={HINT}
                onChange={(v) => writeHours(p, v)}
              />
              <span className="text-quiet">in turn</span>
              <Words
                label={`Hours in turn of ${p.name}`}
                className="text-s"
                placeholder="none"
                value={inTurnLine(p.hours)}
                check={(v) => parseInTurn(v) !== null}
                hint="Write it like this: every second Sat 9–13 from 2027-03-06; first and third Thu of the month 8–12 from 2027-01-01."
                onChange={(v) =>
                  set(["staff", p.id, "hours"], [...weekly(p.hours), ...(parseInTurn(v) ?? []).map((h) => ({ ...h, id: `${p.id}-${h.id}`.slice(0, 64) }))])
                }
              />
              <span className="text-quiet">breaks</span>
              <Words
                label={`Breaks of ${p.name}`}
                className="text-s"
                placeholder="none"
                value={hoursLine(p.breaks)}
                check={(v) => parseHours(v) !== null}
                hint={HINT}
                onChange={(v) =>
                  set(
                    ["staff", p.id, "breaks"],
                    (parseHours(v) ?? []).map((h) => ({ ...h, id: `${p.id}-break-${h.id}` })),
                  )
                }
              />
              <span className="text-quiet">called</span>
              <Words
                label={`What ${p.name} is called`}
                className="text-s"
                placeholder="first name, short names"
                value={wordsLine(p.called)}
                onChange={(v) => set(["staff", p.id, "called"], parseWords(v))}
              />
            </div>
            <div className="flex flex-wrap gap-x-4">
              <Tick value={p.bookable} label="can be booked" onChange={(v) => set(["staff", p.id, "bookable"], v)} />
              <Tick value={p.takesMessages} label="takes messages" onChange={(v) => set(["staff", p.id, "takesMessages"], v)} />
              <Pick
                label={`${p.name} is`}
                value={p.gender ?? ""}
                options={[
                  ["", "not said"],
                  ["woman", "a woman"],
                  ["man", "a man"],
                ]}
                onChange={(v) => set(["staff", p.id, "gender"], v === "" ? undefined : v)}
              />
            </div>
          </Line>
        )}
      </Sorted>
      {draft.staff.length === 0 ? (
        <Line place="staff" find="nobody">
          <p className="font-serif text-quiet">
            Nobody works here yet. Whoever you write first does everything, in the house’s hours, until you say otherwise.
          </p>
        </Line>
      ) : null}
      <AddButton onClick={person}>Another person</AddButton>
      <Part title="Rooms, chairs, cars: what can be used by one at a time" />
      <Sorted items={draft.rooms} path={["rooms"]} keyOf={(r) => r.id} name={(r) => r.name}>
        {(r, handle) => (
          <Line place={`rooms/${r.id}`} find={`${r.name} ${r.pool}`} handle={handle}>
            <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_28px] gap-x-2">
              <Words
                label="Name of the room"
                className="font-serif"
                value={r.name}
                check={(v) => v.trim() !== ""}
                hint="A room needs a name."
                onChange={(v) => set(["rooms", r.id, "name"], v)}
              />
              <Words
                label={`Kind of ${r.name}`}
                className="text-quiet"
                value={r.pool}
                check={(v) => v.trim() !== ""}
                hint="Rooms of the same kind stand in for each other."
                onChange={(v) => set(["rooms", r.id, "pool"], v)}
              />
              <DropButton label={`Take ${r.name} out`} onClick={() => drop(["rooms", r.id])} />
            </div>
          </Line>
        )}
      </Sorted>
      <AddButton
        onClick={() => {
          const id = freshId(slug("room"), draft.rooms);
          mark(`rooms/${id}`);
          add(["rooms"], { id, name: `Room ${draft.rooms.length + 1}`, pool: draft.rooms[0]?.pool ?? "Room" });
        }}
      >
        Another room
      </AddButton>
    </Chapter>
  );
}
