import type { ReactNode } from "react";
import { useEffect, useRef } from "react";

/** The head of what is opened beside the day sheet; takes the focus when it opens. */
export function PanelHead({ title, close, children }: { title: string; close: () => void; children?: ReactNode }) {
  const head = useRef<HTMLHeadingElement>(null);
  useEffect(() => head.current?.focus(), []);
  return (
    <div className="flex items-start gap-2 border-b border-hairline px-[18px] pt-3 pb-2">
      <div className="min-w-0 flex-1">
        <h2 id="panel-title" ref={head} tabIndex={-1} className="font-serif text-l font-semibold outline-none">
          {title}
        </h2>
        <p className="text-s text-quiet">{children}</p>
      </div>
      <button type="button" aria-label="Close" className="size-8 rounded-m text-l text-quiet hover:text-ink" onClick={close}>
        ×
      </button>
    </div>
  );
}
