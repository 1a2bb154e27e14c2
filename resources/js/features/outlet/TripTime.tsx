import { useState } from "react";
import { numberOf } from "@/lib/number";
import { Segments } from "@/ui/Segments";

/** No tester shows more before the point. */
const DIGITS = 6;

export type TimeUnit = "s" | "ms";

/** How long a trip took as the tester shows it, in seconds or milliseconds. */
export function useTripTime() {
  const [text, setText] = useState("");
  const [unit, setUnit] = useState<TimeUnit>("s");
  const number = numberOf(text, DIGITS);
  return {
    text,
    unit,
    setText,
    setUnit,
    wrong: text.trim() !== "" && number === null,
    /** In milliseconds; null where nothing was said. */
    ms: number === null ? null : unit === "s" ? Math.round(number * 1e6) / 1e3 : number,
    clear: () => setText(""),
  };
}

export function TripTime({ time }: { time: ReturnType<typeof useTripTime> }) {
  return (
    <span className="flex items-center gap-1">
      <input
        aria-label="How long it took"
        aria-invalid={time.wrong}
        inputMode="decimal"
        placeholder={time.unit === "s" ? "0.06" : "60"}
        value={time.text}
        onChange={(event) => time.setText(event.target.value)}
        className="min-h-9 w-20 border-[1.5px] border-edge bg-raised px-2 text-right font-bold aria-invalid:border-bare max-lg:min-h-12"
      />
      <Segments
        label="Seconds or milliseconds"
        value={time.unit}
        options={[
          ["s", "s"],
          ["ms", "ms"],
        ]}
        onChange={time.setUnit}
      />
    </span>
  );
}
