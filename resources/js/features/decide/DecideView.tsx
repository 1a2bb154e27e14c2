import { useState } from "react";
import type { Patch } from "@/features/house/requests";
import type { HouseInHand } from "@/features/house/useHouse";
import type { OutletChoices } from "@/features/outlet/OutletPanel";
import type { Opened } from "@/features/runs/layout";
import { RunsDrawing } from "@/features/runs/RunsDrawing";
import { useOpened } from "@/features/runs/useOpened";
import { cn } from "@/lib/cn";
import { useMay } from "@/lib/useMay";
import { useWide } from "@/lib/useWide";
import type { DecidePage, PlanPage } from "@/types/pages";
import type { Protection } from "@/types/sent";
import { Button } from "@/ui/Button";
import { NotBegun } from "@/ui/NotBegun";
import { NotCome } from "@/ui/NotCome";
import { Segments } from "@/ui/Segments";
import { AddingSheet } from "./AddingSheet";
import { Between } from "./Between";
import { hours, money } from "./chosen";
import { Drafts } from "./Drafts";
import { Figures, PlanCards } from "./PlanCards";
import { ScopePanel } from "./ScopePanel";
import type { DecideInHand } from "./useDecide";
import { WhatIf } from "./WhatIf";

interface Props {
  house: HouseInHand;
  decide: DecideInHand;
  choices: OutletChoices;
  protection: Protection;
  selected: string | null;
  onSelect: (id: string) => void;
  onSurvey: () => void;
  /** What the open call may take from the van. */
  forCall: { part: string; for: string }[];
}

/** What may be decided: three plans side by side and all between them, the chosen one on the runs with what is other in it, and drafts. */
export function DecideView({ house, decide, choices, protection, selected, onSelect, onSurvey, forCall }: Props) {
  const { page, plan, chosen } = decide;
  const [adding, add] = useState(false);
  const [asking, askWhatIf] = useState(false);
  const wide = useWide();
  const [shown, show] = useState<"plans" | "scope">("plans");
  const { opened, toggle } = useOpened(plan?.runs ?? null, selected);
  if (house.sheet.rooms.every((room) => room.outlets.length === 0))
    return (
      <NotBegun step="To the survey" onStep={onSurvey}>
        Plans are made for the outlets of a house: survey a room first.
      </NotBegun>
    );
  if (!page) return <NotCome what="the plans" asked={decide.asked} />;
  const named =
    "draft" in chosen
      ? (page.drafts.find((draft) => draft.id === chosen.draft)?.name ?? "Draft")
      : chosen.cure !== undefined
        ? "A line of the scope"
        : chosen.cost === undefined
          ? (page.plans.find((plan) => plan.strategy === chosen.strategy)?.name ?? "A plan")
          : `Between, ${money(chosen.cost)}`;
  return (
    <div className="pb-6">
      <div className="flex flex-wrap items-baseline gap-3 py-3">
        <h2 className="text-2xl">
          {page.wanting === 0
            ? "Nothing wants protection."
            : `${page.wanting} ${page.wanting === 1 ? "outlet wants" : "outlets want"} protection. Three ways.`}
        </h2>
        <Button size="small" className="ml-auto" aria-haspopup="dialog" onClick={() => askWhatIf(true)}>
          What if
        </Button>
        <Button size="small" aria-haspopup="dialog" onClick={() => add(true)}>
          Add an outlet
        </Button>
      </div>
      {!wide && (
        <div className="mb-3">
          <Segments
            label="Of what is decided"
            value={shown}
            options={[
              ["plans", "Plans"],
              ["scope", "Scope and price"],
            ]}
            onChange={show}
          />
        </div>
      )}
      {!wide && shown === "scope" ? (
        <ScopePanel house={house} decide={decide} forCall={forCall} />
      ) : (
        <Plans {...{ house, decide, page, named, protection, selected, onSelect, opened, toggle }} />
      )}
      {asking && <WhatIf house={house} choices={choices} onClose={() => askWhatIf(false)} />}
      {adding && <AddingSheet house={house} choices={choices} onClose={() => add(false)} />}
    </div>
  );
}

interface PlansProps extends Pick<Props, "house" | "decide" | "protection" | "selected" | "onSelect"> {
  page: DecidePage;
  named: string;
  opened: Opened;
  toggle: (circuit: string) => void;
}

function Plans({ house, decide, page, named, protection, selected, onSelect, opened, toggle }: PlansProps) {
  const { plan, chosen } = decide;
  const may = useMay();
  return (
    <>
      <PlanCards page={page} chosen={chosen} onChoose={decide.choose} onSelect={onSelect} />
      <Between plans={page.between} chosen={chosen} onChoose={decide.choose} />
      <Drafts house={house} decide={decide} drafts={page.drafts} />
      <section aria-label="On the runs" className="mt-4 border-t-2 border-ink pt-2.5">
        <div className="flex flex-wrap items-center gap-3">
          <h2 className="text-lg">{named}, on the runs</h2>
          {plan?.figures && (
            <span className="text-ink-2">
              {money(plan.figures.cost)}, {hours(plan.figures.minutes)}, {hours(plan.figures.minutesAtPanel)} of it at
              the panel
            </span>
          )}
          {plan && !("draft" in chosen) && !("cure" in chosen) && may.change && (
            <Button
              tone="main"
              size="small"
              className="ml-auto max-lg:w-full"
              disabled={plan.patches.length === 0}
              onClick={() => void house.send({ path: "drafts", name: named, changes: plan.patches as Patch[] })}
            >
              Keep it as a draft
            </Button>
          )}
        </div>
        {!plan ? (
          <NotCome what="the plan" asked={decide.planAsked} />
        ) : (
          <>
            {"cost" in chosen && plan.figures && (
              <div className="mt-2 border-2 border-ink bg-raised">
                <Figures figures={plan.figures} />
              </div>
            )}
            <ul className="my-2 columns-1 gap-6 text-sm lg:columns-2">
              {plan.changes.map((change) => (
                <li key={change} className="break-inside-avoid border-b border-hair py-1">
                  {change}
                </li>
              ))}
            </ul>
            <After plan={plan} />
            <RunsDrawing
              sheet={plan.runs}
              rooms={plan.rooms}
              unit={house.sheet.house.unit}
              protection={protection}
              selected={selected}
              onSelect={onSelect}
              opened={opened}
              onOpen={toggle}
              changed={new Set(plan.changed)}
            />
            <Zones decide={decide} />
          </>
        )}
      </section>
    </>
  );
}

/** What the house is then: what is still wanted, what is found that is not now, and what is not any more. */
function After({ plan }: { plan: PlanPage }) {
  return (
    <div className="mb-3 text-sm">
      <p className="font-semibold">
        {plan.wanting === 0 ? "Then nothing wants protection." : `Then ${plan.wanting} still want protection.`}
      </p>
      {(
        [
          [plan.brings, "found then and not now", "border-bare"],
          [plan.ends, "found now and not then", "border-kept"],
        ] as const
      ).map(
        ([found, name, edge]) =>
          found.length > 0 && (
            <details key={name}>
              <summary className="min-h-9 cursor-pointer content-center font-semibold max-lg:min-h-12">
                {found.length} {name}
              </summary>
              <ul>
                {found.map((why) => (
                  <li key={why} className={cn("border-l-4 py-0.5 pl-2", edge)}>
                    {why}
                  </li>
                ))}
              </ul>
            </details>
          ),
      )}
    </div>
  );
}

/** What each device protects in the plan, how near it comes to tripping by itself, and what goes dark with it. */
function Zones({ decide }: { decide: DecideInHand }) {
  const zones = decide.plan?.zones ?? [];
  if (zones.length === 0) return null;
  return (
    <section aria-label="What each protects" className="overflow-x-auto">
      <table className="w-full border-collapse text-sm">
        <caption className="pb-1 text-left text-base font-bold narrow">What each protects</caption>
        <thead>
          <tr className="border-b-2 border-ink text-left text-ink-2">
            <th className="pr-3 font-normal">reset at</th>
            <th className="pr-3 font-normal">protects</th>
            <th className="pr-3 text-right font-normal">leaks</th>
            <th className="pr-3 text-right font-normal">to spare</th>
            <th className="font-normal">goes dark with it</th>
          </tr>
        </thead>
        <tbody>
          {zones.map((zone) => (
            <tr key={zone.by} className="border-b border-hair align-top">
              <td className="code py-1 pr-3 font-bold whitespace-nowrap">{zone.name}</td>
              <td className="code py-1 pr-3">{zone.covers.join(" ")}</td>
              <td className="py-1 pr-3 text-right whitespace-nowrap">{zone.ma.toFixed(1)} mA</td>
              <td className={zone.spareMa < 1 ? "py-1 pr-3 text-right font-bold text-bare" : "py-1 pr-3 text-right"}>
                {zone.spareMa.toFixed(1)} mA
              </td>
              <td className="py-1">{zone.dark.join(", ")}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
