import type { Change } from "@gentian/core/house/change";
import { at } from "@gentian/core/house/change";
import { Button } from "../../parts/controls.tsx";
import type { DraftEditor } from "./useDraft.ts";

/** Where two sources disagree, or one disagrees with what stands here: both are shown, and somebody decides. */
export function Doubts({ editor }: { editor: DraftEditor }) {
  const list = editor.draft.doubts ?? [];
  if (list.length === 0) return null;
  const decide = (id: string, value: unknown): void => {
    const d = list.find((x) => x.id === id);
    if (!d) return;
    const path = d.place.split("/");
    // A line's own value stands in it under a name of its own.
    const here = at(editor.draft, path);
    const full = path[0] === "answers" && typeof here === "object" ? [...path, "answer"] : path;
    const changes: Change[] = [
      { op: "set", path: full, value },
      { op: "drop", path: ["doubts", id] },
    ];
    editor.change({ op: "many", changes });
  };
  return (
    <section aria-labelledby="doubts-title" className="mr-[72px] bg-stamen-pale px-5 py-4">
      <h2 id="doubts-title" className="font-serif text-l font-semibold">
        {list.length === 1 ? "One thing is said in two ways" : `${list.length} things are said in two ways`}
      </h2>
      <ul>
        {list.map((d) => (
          <li key={d.id} data-place={`doubts/${d.id}`} className="border-b border-hairline py-2 last:border-0">
            <p className="text-s font-semibold">{d.about}</p>
            <ul className="space-y-1">
              {d.values.map((v) => (
                <li key={v.id} className="flex items-center justify-between gap-3">
                  <span>
                    <span className="font-serif">{v.says}</span>
                    <span className="block text-[12px] text-quiet">{v.source ? `${v.source}: “${v.words.slice(0, 90)}”` : "as it stands in the handbook"}</span>
                  </span>
                  <Button onClick={() => decide(d.id, v.value)}>This one</Button>
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ul>
    </section>
  );
}
