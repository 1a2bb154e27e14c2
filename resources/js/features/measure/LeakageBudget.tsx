import { useState } from "react";
import { cn } from "@/lib/cn";
import type { Budget } from "@/types/pages";
import { sumWithout } from "./plot";

const WIDTH = 300;
const HEIGHT = 34;

/** What leaks through one device with nothing wrong, on a bar to the current it trips at; tap a part to see the rest without it. */
export function LeakageBudget({ budget }: { budget: Budget }) {
  const [without, leaveOut] = useState<string | null>(null);
  const x = (ma: number) => (Math.min(ma, budget.tripsMa * 1.05) / (budget.tripsMa * 1.05)) * WIDTH;
  const then = without === null ? null : sumWithout(budget.parts, without);
  const shown = then ?? budget.ma;
  const over = shown >= budget.holdsMa ? "over" : shown > budget.budgetMa ? "near" : "fine";
  return (
    <section aria-label={`Leakage through ${budget.spoken}`}>
      <h4 className="font-bold narrow">
        Through {budget.spoken}: <span className="text-xl">{shown.toFixed(2)} mA</span>{" "}
        {then !== null && <span className="font-normal text-ink-2">of {budget.ma.toFixed(2)}</span>}
      </h4>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="mt-1 block w-full"
        role="img"
        aria-label={`${shown.toFixed(2)} mA; holds below ${budget.holdsMa}, trips at ${budget.tripsMa}`}
      >
        <rect x={0} y={2} width={WIDTH} height={14} fill="var(--rail)" />
        <rect
          x={0}
          y={2}
          width={x(shown)}
          height={14}
          fill={over === "fine" ? "var(--kept)" : over === "near" ? "var(--advised)" : "var(--bare)"}
        />
        {then !== null && (
          <rect
            x={x(then)}
            y={2}
            width={Math.max(0, x(budget.ma) - x(then))}
            height={14}
            fill="none"
            stroke="var(--ink)"
            strokeDasharray="3 2"
          />
        )}
        {(
          [
            [budget.budgetMa, "budget", "var(--ink-2)"],
            [budget.holdsMa, "4 holds", "var(--ink)"],
            [budget.tripsMa, "6 trips", "var(--bare)"],
          ] as const
        ).map(([ma, word, colour]) => (
          <g key={word}>
            <path d={`M${x(ma)} 0v19`} stroke={colour} strokeWidth={1.6} />
            <text x={x(ma)} y={31} textAnchor={word === "6 trips" ? "end" : "middle"} fontSize={11} fill={colour}>
              {word}
            </text>
          </g>
        ))}
      </svg>
      <p className="text-sm text-ink-2">
        {budget.resistiveMa.toFixed(2)} mA in phase, {budget.capacitiveMa.toFixed(2)} in quadrature: they add at right
        angles.
      </p>
      <ul className="mt-1">
        {budget.parts.slice(0, 8).map((part) => (
          <li key={part.id} className="border-t border-hair first:border-t-0">
            <button
              type="button"
              aria-pressed={without === part.id}
              onClick={() => leaveOut(without === part.id ? null : part.id)}
              className={cn(
                "grid min-h-9 w-full cursor-pointer grid-cols-[1fr_auto] items-center gap-2 text-left",
                "hover:bg-band aria-pressed:bg-band max-lg:min-h-12",
              )}
            >
              <span className={without === part.id ? "line-through" : undefined}>
                {part.name}{" "}
                <span className="text-sm text-ink-2">
                  {part.isCable ? "" : part.at}
                  {part.measured ? ", clamped" : ""}
                </span>
              </span>
              <span className="font-semibold">{part.ma.toFixed(2)} mA</span>
            </button>
          </li>
        ))}
      </ul>
      {budget.parts.length > 0 && (
        <p className="mt-1 text-sm text-ink-2">
          Tap one to see the rest without it: moved to another device, or repaired.
        </p>
      )}
    </section>
  );
}
