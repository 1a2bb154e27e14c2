import type { HouseInHand } from "@/features/house/useHouse";
import { cn } from "@/lib/cn";
import type { ScopeLineShown } from "@/types/pages";
import { Button } from "@/ui/Button";
import { NotCome } from "@/ui/NotCome";
import { hours, toTheCent } from "./chosen";
import { Offers } from "./Offers";
import type { DecideInHand } from "./useDecide";
import { VanList } from "./VanList";

interface Props {
  house: HouseInHand;
  decide: DecideInHand;
  /** What the open call may take from the van. */
  forCall: { part: string; for: string }[];
}

/** Scope and price: every line with what it adds to the plan, ticked as it is to be done; and what all that is ticked comes to. */
export function ScopePanel({ house, decide, forCall }: Props) {
  const { scope, bill } = decide;
  if (!scope)
    return decide.page ? (
      <NotCome what="the scope" asked={decide.scopeAsked} />
    ) : (
      <p className="text-ink-2">Reading …</p>
    );
  return (
    <div className="flex flex-col gap-4">
      <h2 className="text-xl">Scope and price</h2>
      {scope.needs.map(({ need, name }) => {
        const lines = scope.lines.filter((line) => line.need === need);
        return (
          lines.length > 0 && (
            <section key={need} aria-label={name}>
              <h3 className="border-b-2 border-ink pb-1 text-base">{name}</h3>
              <ul>
                {lines.map((line) => (
                  <Line
                    key={line.key}
                    line={line}
                    edition={scope.edition}
                    onRuns={"draft" in decide.chosen ? null : onRuns(decide, line.key)}
                    ticked={decide.ticked.has(line.key)}
                    onTick={() => decide.tick(line.key)}
                  />
                ))}
              </ul>
            </section>
          )
        );
      })}
      <Offers house={house} decide={decide} />
      {bill && (
        <div
          aria-live="polite"
          className="sticky bottom-0 border-t-2 border-ink bg-raised py-2.5 lg:-bottom-4 lg:-mx-4.5 lg:-mb-4 lg:px-4.5"
        >
          <p className="flex items-baseline justify-between">
            <span className="text-lg font-bold narrow">With all that is ticked</span>
            <span className="text-2xl font-bold">{toTheCent(bill.cost)}</span>
          </p>
          <p className="text-sm text-ink-2">
            {hours(bill.minutes)}, {hours(bill.minutesAtPanel)} of it at the panel; parts {toTheCent(bill.partsCost)}
          </p>
          <details className="text-sm">
            <summary className="min-h-9 cursor-pointer content-center font-semibold max-lg:min-h-12">
              Parts for the van
            </summary>
            <VanList house={house.sheet.house.id} parts={bill.parts} forCall={forCall} />
          </details>
        </div>
      )}
    </div>
  );
}

/** Shows a line on the runs, beside the plan it belongs to. */
function onRuns({ chosen, choose }: DecideInHand, cure: string): () => void {
  return () => {
    if (!("draft" in chosen)) choose({ ...chosen, cure });
  };
}

interface LineProps {
  line: ScopeLineShown;
  edition: string;
  ticked: boolean;
  onTick: () => void;
  onRuns: (() => void) | null;
}

function Line({ line, edition, ticked, onTick, onRuns }: LineProps) {
  return (
    <li className="border-b border-hair py-1.5">
      <label className="flex min-h-11 cursor-pointer items-start gap-2.5 hover:bg-band max-lg:min-h-12">
        <input
          type="checkbox"
          checked={ticked}
          disabled={line.uncured}
          onChange={onTick}
          className="mt-0.5 size-5 shrink-0 accent-ink max-lg:size-6"
        />
        <span className="flex-1">
          <span className="font-semibold">{line.title}</span>
          <span className="block text-sm text-ink-2">{line.plain}</span>
        </span>
        <span className="text-right whitespace-nowrap">
          <span className="block font-bold">{toTheCent(line.adds.cost)}</span>
          <span className="block text-xs text-ink-2">{hours(line.adds.minutes)}</span>
        </span>
      </label>
      <details className="text-sm">
        <summary className={cn("min-h-6 cursor-pointer text-xs text-ink-2 max-lg:min-h-12 max-lg:content-center")}>
          {[
            line.clauses.length > 0 && `${edition} ${line.clauses.slice(0, 3).join(", ")}`,
            line.toBeProved && "to be proved after",
            !line.ofThePlan &&
              line.alone &&
              line.alone.cost > line.adds.cost &&
              `by itself ${toTheCent(line.alone.cost)}`,
            !line.ofThePlan && line.alone === null && "comes with the plan",
          ]
            .filter(Boolean)
            .join("; ") || "why"}
        </summary>
        <ul className="pb-1">
          {line.why.map((why) => (
            <li key={why} className="border-l-2 border-hair py-0.5 pl-2">
              {why}
            </li>
          ))}
        </ul>
        {line.drawn && onRuns && (
          <Button size="small" onClick={onRuns}>
            On the runs
          </Button>
        )}
      </details>
    </li>
  );
}
