import { Dialog } from "radix-ui";

const KEYS: [string, string][] = [
  ["b", "book by hand"],
  ["x", "block time"],
  [",  .", "the day before, the day after"],
  ["t", "today"],
  ["Tab", "from slip to slip"],
  ["Enter", "open a slip"],
  ["Esc", "close what is open"],
  ["?", "these keys"],
];

export function Keys({ open, setOpen }: { open: boolean; setOpen: (open: boolean) => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-ink/20" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 w-80 -translate-x-1/2 -translate-y-1/2 rounded-m border border-hairline bg-raised p-6"
        >
          <Dialog.Title className="font-serif text-l font-semibold">Keys</Dialog.Title>
          <dl className="mt-3 grid grid-cols-[72px_1fr] gap-y-1.5 text-m">
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
