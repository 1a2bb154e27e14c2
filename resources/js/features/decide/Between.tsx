import { type PointerEvent, useState } from "react";
import { cn } from "@/lib/cn";
import type { PlanFigures } from "@/types/pages";
import { Segments } from "@/ui/Segments";
import { between, type Chosen, isSame, money } from "./chosen";

interface Props {
  plans: PlanFigures[];
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
}

type Against = "walks" | "spare";

const HEIGHT = 128;
const TOP = 14;
const BASE = HEIGHT - 26;

/** Every plan that no other beats: what it costs against how often one walks to reset, or what it has to spare. A tap takes one. */
export function Between({ plans, chosen, onChoose }: Props) {
  const [against, setAgainst] = useState<Against>("walks");
  if (plans.length < 2) return null;
  const value = (plan: PlanFigures) => (against === "walks" ? plan.walks : (plan.spareMa ?? 0));
  const costs = plans.map((plan) => plan.cost);
  const values = plans.map(value);
  const [least, most] = [Math.min(...costs), Math.max(...costs)];
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const x = (plan: PlanFigures) => 6 + (88 * (plan.cost - least)) / (most - least || 1);
  const y = (plan: PlanFigures) => BASE - ((BASE - TOP) * (value(plan) - low)) / (high - low || 1);
  const at = plans.findIndex((plan) => isSame(chosen, between(plan)));
  const take = (index: number) => {
    const plan = plans[index];
    if (plan) onChoose(between(plan));
  };
  /** The dots are small and near to each other: a tap takes the one that is nearest. */
  const nearest = (event: PointerEvent<HTMLDivElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const away = (plan: PlanFigures) =>
      Math.hypot(event.clientX - box.left - (x(plan) / 100) * box.width, event.clientY - box.top - y(plan));
    take(plans.reduce((best, plan, index) => (away(plan) < away(plans[best] as PlanFigures) ? index : best), 0));
  };
  const name = (plan: PlanFigures) =>
    `${money(plan.cost)}, ${plan.walks} reset elsewhere, ${plan.spareMa?.toFixed(1) ?? "no"} mA to spare`;
  return (
    <section aria-label="Between them" className="mt-4 border-t-2 border-ink pt-2.5">
      <div className="flex flex-wrap items-center gap-3">
        <h2 className="text-base">
          Between them{" "}
          <span className="font-normal text-ink-2">
            {plans.length} plans that no other beats; tap one, or drag the balance
          </span>
        </h2>
        <div className="ml-auto">
          <Segments
            label="Cost against"
            value={against}
            options={[
              ["walks", "Walks"],
              ["spare", "To spare"],
            ]}
            onChange={setAgainst}
          />
        </div>
      </div>
      <div className="relative mt-1 cursor-pointer" style={{ height: HEIGHT }} onPointerUp={nearest}>
        <svg aria-hidden focusable="false" width="100%" height={HEIGHT} className="absolute inset-0">
          <line x1="3%" x2="97%" y1={BASE + 6} y2={BASE + 6} stroke="var(--hair)" strokeWidth={1.5} />
          <line x1="3%" x2="3%" y1={TOP - 8} y2={BASE + 6} stroke="var(--hair)" strokeWidth={1.5} />
          <text className="label" x="3%" y={HEIGHT - 4} fontSize={11.5} fill="var(--ink-2)">
            {money(least)}
          </text>
          <text className="label" x="97%" y={HEIGHT - 4} textAnchor="end" fontSize={11.5} fill="var(--ink-2)">
            {money(most)}
          </text>
          <text className="label" x="97%" y={TOP - 2} textAnchor="end" fontSize={11.5} fill="var(--ink-2)">
            top: {against === "walks" ? `${high} reset in another room` : `${high.toFixed(1)} mA to spare`}
          </text>
          <text className="label" x="50%" y={HEIGHT - 4} textAnchor="middle" fontSize={11.5} fill="var(--ink-2)">
            foot: {against === "walks" ? low : `${low.toFixed(1)} mA`}
          </text>
        </svg>
        {plans.map((plan) => (
          <span
            key={name(plan)}
            aria-hidden
            style={{ left: `${x(plan)}%`, top: y(plan) }}
            className={cn(
              "absolute block size-3 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-ink bg-raised",
              isSame(chosen, between(plan)) && "z-10 size-4.5 border-focus bg-focus",
            )}
          />
        ))}
      </div>
      <label className="flex items-center gap-3 text-sm">
        <span className="font-semibold narrow">The balance</span>
        <input
          type="range"
          min={0}
          max={plans.length - 1}
          value={Math.max(0, at)}
          aria-valuetext={at < 0 ? "none of them chosen" : name(plans[at] as PlanFigures)}
          onChange={(event) => take(Number(event.target.value))}
          className="h-9 flex-1 accent-ink max-lg:h-12"
        />
        <span className="w-24 text-right font-bold">{at < 0 ? "" : money(plans[at]?.cost ?? 0)}</span>
      </label>
    </section>
  );
}
