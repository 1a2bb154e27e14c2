import { useState } from "react";
import type { BoxPage, PairCable } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Choose } from "@/ui/Choose";

/** Conductors as they are met; what is there is recorded, and proves nothing. */
const HOTS = ["black", "red", "blue", "white, marked"];
const NEUTRALS = ["white", "gray", "black, marked"];
const GAUGES = [14, 12, 10, 8];
const UNSAID = "unsaid";

interface Props {
  cable: PairCable;
  methods: BoxPage["methods"];
  onChange: (set: Record<string, unknown>) => void;
}

/** What is seen of the cable of a pair: its gauge, how it is run, colours and marks. */
export function ItsCable({ cable, methods, onChange }: Props) {
  const [mark, setMark] = useState(cable.mark ?? "");
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
          <Button
            key={awg}
            size="small"
            tone={cable.awg === awg ? "main" : "plain"}
            aria-pressed={cable.awg === awg}
            onClick={() => onChange({ awg })}
          >
            {awg} AWG
          </Button>
        ))}
        <Choose
          label="Run in"
          value={cable.methodValue ?? UNSAID}
          options={[{ value: UNSAID, label: "run in: not noted" }, ...methods]}
          onChange={(value) => onChange({ method: value === UNSAID ? null : value })}
        />
        {colour("hot", cable.hot, HOTS)}
        {colour("neutral", cable.neutral, NEUTRALS)}
        <label className="flex w-full items-center gap-2">
          <span className="narrow text-ink-2">Mark</span>
          <input
            value={mark}
            placeholder="red tape, a tag, twisted together"
            onChange={(event) => setMark(event.target.value)}
            onBlur={() => mark !== (cable.mark ?? "") && onChange({ mark: mark.trim() === "" ? null : mark.trim() })}
            className="min-h-9 flex-1 border-[1.5px] border-edge bg-raised px-2 max-lg:min-h-12"
          />
        </label>
      </div>
    </details>
  );
}
