import { Dialog } from "radix-ui";

const KEYS: [string, string][] = [
  ["b", "book by hand"],
  ["w, Enter", "a walk-in, now"],
  ["x", "block time"],
  ["i", "somebody is ill, or away"],
  [",  .", "the day before, the day after"],
  ["t", "today"],
  ["v", "the week, and back to the day"],
  ["r", "by room, and back to people"],
  ["h", "hours and holidays"],
  ["Tab", "from slip to slip"],
  ["Enter", "open a slip"],
  ["m", "lift the slip; arrows carry it, Enter puts it down"],
  ["Shift ← →", "make the slip shorter or longer"],
  ["Esc", "leave it; close what is open"],
  ["?", "these keys"],
];

export function Keys({ open, setOpen }: { open: boolean; setOpen: (open: boolean) => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/20" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 z-50 w-[400px] -translate-x-1/2 -translate-y-1/2 rounded-m border border-hairline bg-raised p-6"
        >
          <Dialog.Title className="font-serif text-l font-semibold">Keys</Dialog.Title>
          <dl className="mt-3 grid grid-cols-[88px_1fr] gap-y-1.5 text-m">
            {KEYS.map(([key, does]) => (
              <div key={key} className="contents">
                <dt className="font-semibold">{key}</dt>
                <dd className="text-quiet">{does}</dd>
              </div>
            ))}
          </dl>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
