import { type InputHTMLAttributes, useId } from "react";

type Props = InputHTMLAttributes<HTMLInputElement> & { label: string; error?: string | undefined; hint?: string };

/** A labelled line of text, with what is wrong with it said below. */
export function Field({ label, error, hint, ...rest }: Props) {
  const id = useId();
  const said = error ?? hint;
  return (
    <div>
      <label htmlFor={id} className="block font-semibold narrow">
        {label}
      </label>
      <input
        id={id}
        aria-invalid={error !== undefined}
        aria-describedby={said === undefined ? undefined : `${id}-said`}
        className="mt-1 min-h-12 w-full border-[1.5px] border-edge bg-raised px-3 aria-invalid:border-bare"
        {...rest}
      />
      {said !== undefined && (
        <p
          id={`${id}-said`}
          className={error === undefined ? "mt-1 text-sm text-ink-2" : "mt-1 text-sm font-semibold text-bare"}
        >
          {said}
        </p>
      )}
    </div>
  );
}
