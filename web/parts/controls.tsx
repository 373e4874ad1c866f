import { forwardRef, type ButtonHTMLAttributes, type InputHTMLAttributes, type ReactNode, type SelectHTMLAttributes } from "react";
import { wordsOf } from "../api/client.ts";

type ButtonProps = ButtonHTMLAttributes<HTMLButtonElement> & { kind?: "main" | "plain" | "quiet" | "wrong" };

const KINDS = {
  main: "bg-gentian text-white border-gentian hover:bg-[#2a2a80]",
  plain: "bg-raised text-ink border-hairline hover:border-quiet",
  quiet: "bg-transparent text-quiet border-transparent hover:text-ink",
  wrong: "bg-raised text-clay border-clay hover:bg-clay-pale",
} as const;

export const Button = forwardRef<HTMLButtonElement, ButtonProps>(function Button({ kind = "plain", className = "", type = "button", ...rest }, ref) {
  return (
    <button
      ref={ref}
      type={type}
      className={`inline-flex min-h-8 items-center justify-center gap-2 rounded-m border px-3 text-s font-semibold disabled:cursor-default disabled:opacity-50 ${KINDS[kind]} ${className}`}
      {...rest}
    />
  );
});

const BOX = "w-full min-h-9 rounded-m border border-hairline bg-raised px-2.5 text-m aria-[invalid=true]:border-clay";

export function Field({ label, hint, children }: { label: string; hint?: ReactNode; children: ReactNode }) {
  return (
    <label className="block">
      <span className="mb-1 block text-s font-semibold text-quiet">{label}</span>
      {children}
      {hint ? <span className="mt-1 block text-s text-quiet">{hint}</span> : null}
    </label>
  );
}

export const Input = forwardRef<HTMLInputElement, InputHTMLAttributes<HTMLInputElement>>(function Input({ className = "", ...rest }, ref) {
  return <input ref={ref} className={`${BOX} ${className}`} {...rest} />;
});

export const Select = forwardRef<HTMLSelectElement, SelectHTMLAttributes<HTMLSelectElement>>(function Select({ className = "", ...rest }, ref) {
  return <select ref={ref} className={`${BOX} ${className}`} {...rest} />;
});

/** What went wrong, what is safe, what to do. */
export function Wrong({ error }: { error: unknown }) {
  if (!error) return null;
  const { title, detail } = wordsOf(error);
  return (
    <div role="alert" className="rounded-m bg-clay-pale px-3 py-2 text-s text-clay">
      <strong className="font-semibold">{title}.</strong> {detail}
    </div>
  );
}
