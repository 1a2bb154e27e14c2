import { useState } from "react";
import type { Unit } from "@/lib/length";
import type { BoxPage, CableSeen } from "@/types/pages";
import { Choose } from "@/ui/Choose";
import { Length } from "@/ui/Length";
import { Tap } from "@/ui/Taps";

/** Conductors as they are met; what is there is recorded, and proves nothing. */
const HOTS = ["black", "red", "blue", "white, marked"];
const NEUTRALS = ["white", "gray", "black, marked"];
const GAUGES = [14, 12, 10, 8];
const UNSAID = "unsaid";

interface Props {
  seen: CableSeen;
  unit: Unit;
  methods: BoxPage["methods"];
  /** In the words of the house file; null where something is not so any more. */
  onChange: (set: Record<string, unknown>) => void;
}

/** What is seen of the cable of a pair, drawn or not: its gauge, length and strap, how it is run, colours and marks. */
export function ItsCable({ seen, unit, methods, onChange }: Props) {
  const [mark, setMark] = useState(seen.mark ?? "");
  const colour = (which: "hot" | "neutral", said: string | null, all: string[]) => (
    <Choose
      label={`${which === "hot" ? "Hot" : "Neutral"} is`}
      value={said ?? UNSAID}
      options={[
        { value: UNSAID, label: `${which}: not noted` },
        ...(said !== null && !all.includes(said) ? [said] : []).map((one) => ({ value: one, label: one })),
        ...all.map((one) => ({ value: one, label: one })),
      ]}
      onChange={(value) => onChange({ colours: { [which]: value === UNSAID ? null : value } })}
    />
  );
  return (
    <details className="mt-1.5 border-t border-hair pt-1">
      <summary className="cursor-pointer text-sm font-semibold narrow max-lg:min-h-12 max-lg:pt-3">Its cable</summary>
      <div className="mt-1 flex flex-wrap items-center gap-1.5">
        {GAUGES.map((awg) => (
          <Tap
            key={awg}
            pressed={seen.awg === awg}
            onTap={() => onChange({ awg })}
            className="min-h-9 px-2.5 text-sm narrow"
          >
            {awg} AWG
          </Tap>
        ))}
        <Choose
          label="Run in"
          value={seen.method ?? UNSAID}
          options={[...(seen.method === null ? [{ value: UNSAID, label: "run in: not noted" }] : []), ...methods]}
          onChange={(method) => onChange({ method })}
        />
        {colour("hot", seen.hot, HOTS)}
        {colour("neutral", seen.neutral, NEUTRALS)}
        <div className="grid w-full grid-cols-2 gap-2">
          {(
            [
              ["Length", "Length of the cable", seen.ft, 24, "length_ft"],
              ["First strap", "From the box to the first strap", seen.strapFt, 1, "strap_ft"],
            ] as const
          ).map(([word, label, ft, example, field]) => (
            <div key={`${field} ${ft}`}>
              <span className="narrow text-ink-2">{word}</span>
              <Length
                label={label}
                ft={ft}
                unit={unit}
                example={example}
                onChange={(said) => onChange({ [field]: said })}
              />
            </div>
          ))}
        </div>
        <label className="flex w-full items-center gap-2">
          <span className="narrow text-ink-2">Mark</span>
          <input
            value={mark}
            placeholder="red tape, a tag, twisted together"
            onChange={(event) => setMark(event.target.value)}
            onBlur={() => mark !== (seen.mark ?? "") && onChange({ mark: mark.trim() === "" ? null : mark.trim() })}
            className="min-h-9 flex-1 border-[1.5px] border-edge bg-raised px-2 max-lg:min-h-12"
          />
        </label>
      </div>
    </details>
  );
}
