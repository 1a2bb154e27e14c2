import { cn } from "@/lib/cn";
import { isVolts } from "./volts";

interface Props {
  label: string;
  value: string;
  onChange: (value: string) => void;
}

/** One field for volts read. */
export function Volts({ label, value, onChange }: Props) {
  return (
    <span className="flex items-center gap-1">
      <input
        aria-label={`Volts, ${label}`}
        aria-invalid={value !== "" && !isVolts(value)}
        inputMode="decimal"
        value={value}
        onChange={(event) => onChange(event.target.value)}
        className={cn(
          "min-h-10 w-full min-w-0 border-[1.5px] border-edge bg-raised px-2 text-right text-lg font-bold text-ink",
          "aria-invalid:border-bare max-lg:min-h-12",
        )}
      />
      <span className="text-sm text-ink-2">V</span>
    </span>
  );
}
