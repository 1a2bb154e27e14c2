import { router } from "@inertiajs/react";
import { type ReactNode, useState } from "react";
import { numberOf } from "@/lib/number";
import { Button } from "@/ui/Button";

interface Props {
  label: string;
  value: number;
  /** What is said beside a number that is the crew's own; null where it is ours. */
  own: string | null;
  /** Where it is put, with what goes beside `value`: null there puts ours back. */
  path: string;
  body: Record<string, string | boolean>;
  children?: ReactNode;
}

/** A number of a list that a crew may put its own in the place of. */
export function OwnNumber({ label, value, own, path, body, children }: Props) {
  const [text, setText] = useState(String(value));
  const [wrong, setWrong] = useState<string | null>(null);
  const read = numberOf(text);
  const send = (next: number | null) =>
    router.put(
      path,
      { ...body, value: next },
      { preserveScroll: true, onError: (errors) => setWrong(Object.values(errors)[0] ?? null) },
    );
  return (
    <li className="flex flex-wrap items-center gap-2 border-t border-hair py-1.5">
      <span className="min-w-40 flex-1 font-semibold">
        {label}
        {own !== null && <span className="ml-2 text-sm font-normal text-kept">{own}</span>}
        {children}
        {wrong && (
          <span role="alert" className="block text-sm text-bare">
            {wrong}
          </span>
        )}
      </span>
      <input
        aria-label={label}
        aria-invalid={read === null}
        inputMode="decimal"
        value={text}
        onChange={(event) => setText(event.target.value)}
        className="min-h-11 w-24 border-[1.5px] border-edge bg-raised px-2 text-right font-bold aria-invalid:border-bare max-lg:min-h-12"
      />
      <Button size="small" disabled={read === null || read === value} onClick={() => send(read)}>
        Keep
      </Button>
      {own !== null && (
        <Button size="small" tone="bare" className="underline" onClick={() => send(null)}>
          Back to ours
        </Button>
      )}
    </li>
  );
}
