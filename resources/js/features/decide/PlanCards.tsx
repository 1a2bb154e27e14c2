import { cn } from "@/lib/cn";
import { percent } from "@/lib/number";
import type { DecidePage, PlanCard, PlanFigures } from "@/types/pages";
import { type Chosen, hours, isSame, money } from "./chosen";

interface Props {
  page: DecidePage;
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
  onSelect: (point: string) => void;
}

/** The three plans side by side, in the same units: what each costs, what is opened, where one walks, what it has to spare. */
export function PlanCards({ page, chosen, onChoose, onSelect }: Props) {
  return (
    <ul className="grid gap-3 lg:grid-cols-3">
      {page.plans.map((plan) => (
        <li key={plan.strategy}>
          <Card
            plan={plan}
            pressed={isSame(chosen, { strategy: plan.strategy })}
            onTap={() => onChoose({ strategy: plan.strategy })}
            onSelect={onSelect}
          />
        </li>
      ))}
    </ul>
  );
}

interface CardProps {
  plan: PlanCard;
  pressed: boolean;
  onTap: () => void;
  onSelect: (point: string) => void;
}

function Card({ plan, pressed, onTap, onSelect }: CardProps) {
  return (
    <section
      aria-label={plan.name}
      className={cn(
        "flex h-full flex-col border-2 border-ink bg-raised",
        pressed && "outline-3 outline-offset-2 outline-focus",
      )}
    >
      <button
        type="button"
        aria-pressed={pressed}
        disabled={plan.figures === null}
        onClick={onTap}
        className={cn(
          "flex min-h-12 items-baseline justify-between gap-3 border-b-2 border-ink px-3 py-2 text-left",
          "enabled:cursor-pointer enabled:hover:bg-band",
          pressed && "bg-ink text-on-ink enabled:hover:bg-ink-2",
        )}
      >
        <span className="text-[1.05rem] font-bold narrow">
          {plan.name}
          {plan.left > 0 && <span className="block text-base">leaves {plan.left} bare</span>}
        </span>
        <span className="text-xl font-bold whitespace-nowrap">{plan.figures ? money(plan.figures.cost) : "none"}</span>
      </button>
      <p className="flex-1 px-3 py-2 text-sm">{plan.said}</p>
      {plan.blocked.length > 0 && <Blocked plan={plan} onSelect={onSelect} />}
      {plan.figures && <Figures figures={plan.figures} />}
    </section>
  );
}

export function Figures({ figures }: { figures: PlanFigures }) {
  const tight = figures.spareMa !== null && figures.spareMa < 1;
  return (
    <dl className="grid grid-cols-4 border-t border-hair">
      <Figure value={hours(figures.minutes)} name="on site" />
      <Figure value={String(figures.boxes)} name={figures.boxes === 1 ? "box opened" : "boxes opened"} />
      <Figure value={String(figures.walks)} name="reset elsewhere" />
      <Figure
        value={figures.spareMa === null ? "–" : `${figures.spareMa.toFixed(1)} mA`}
        name={figures.chance > 0 ? `to spare, ${percent(figures.chance)} trips by itself` : "to spare at worst"}
        bad={tight}
      />
    </dl>
  );
}

function Figure({ value, name, bad = false }: { value: string; name: string; bad?: boolean }) {
  return (
    <div className="flex flex-col border-r border-hair px-2 py-1.5 last:border-r-0">
      <dd className={cn("order-1 text-base leading-tight font-bold whitespace-nowrap narrow", bad && "text-bare")}>
        {value}
      </dd>
      <dt className="order-2 text-xs leading-tight text-ink-2 narrow">{name}</dt>
    </div>
  );
}

/** Why it is not to be had, outlet by outlet: a few, and the rest behind a tap. */
function Blocked({ plan, onSelect }: { plan: PlanCard; onSelect: (point: string) => void }) {
  return (
    <details className="border-t border-hair px-3 py-1.5 text-sm">
      <summary className="min-h-9 cursor-pointer content-center font-semibold max-lg:min-h-12">
        What stands in the way
      </summary>
      <ul className="max-h-60 overflow-y-auto pb-2">
        {plan.blocked.map((one) => (
          <li key={one.point} className="border-t border-hair py-1.5">
            <button
              type="button"
              onClick={() => onSelect(one.point)}
              className="code min-h-6 cursor-pointer font-bold underline max-lg:min-h-12"
            >
              {one.code}
            </button>{" "}
            {one.why}
          </li>
        ))}
      </ul>
    </details>
  );
}
