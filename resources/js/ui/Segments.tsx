import { cn } from "@/lib/cn";

interface Props<T extends string> {
  label: string;
  value: T;
  options: [T, string][];
  onChange: (value: T) => void;
}

/** One of a few, all in sight. */
export function Segments<T extends string>({ label, value, options, onChange }: Props<T>) {
  return (
    <fieldset className="flex border-[1.5px] border-ink">
      <legend className="sr-only">{label}</legend>
      {options.map(([option, word]) => (
        <button
          key={option}
          type="button"
          aria-pressed={option === value}
          onClick={() => onChange(option)}
          className={cn(
            "min-h-9 cursor-pointer px-3 font-semibold narrow",
            "hover:bg-band aria-pressed:bg-ink aria-pressed:text-on-ink max-lg:min-h-12",
          )}
        >
          {word}
        </button>
      ))}
    </fieldset>
  );
}
