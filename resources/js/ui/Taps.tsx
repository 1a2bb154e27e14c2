import type { ReactNode } from "react";
import { cn } from "@/lib/cn";

interface TapProps {
  pressed: boolean;
  onTap: () => void;
  label?: string;
  disabled?: boolean;
  className?: string;
  children: ReactNode;
}

/** One answer among a few: it stays pressed. */
export function Tap({ pressed, onTap, label, disabled = false, className = "", children }: TapProps) {
  return (
    <button
      type="button"
      aria-pressed={pressed}
      aria-label={label}
      disabled={disabled}
      onClick={onTap}
      className={cn(
        "min-h-11 border-[1.5px] border-edge bg-raised px-3 text-left font-semibold",
        "enabled:cursor-pointer enabled:hover:border-ink aria-pressed:border-ink aria-pressed:bg-ink",
        "aria-pressed:text-on-ink max-lg:min-h-12",
        className,
      )}
    >
      {children}
    </button>
  );
}

interface TapsProps<T extends string> {
  legend: ReactNode;
  options: [T, string][];
  chosen: T[];
  onTap: (value: T) => void;
}

/** Answers to one question, side by side. */
export function Taps<T extends string>({ legend, options, chosen, onTap }: TapsProps<T>) {
  return (
    <fieldset>
      <legend className="mb-1 font-semibold narrow">{legend}</legend>
      <div className="flex flex-wrap gap-1.5">
        {options.map(([value, label]) => (
          <Tap key={value} pressed={chosen.includes(value)} onTap={() => onTap(value)}>
            {label}
          </Tap>
        ))}
      </div>
    </fieldset>
  );
}
