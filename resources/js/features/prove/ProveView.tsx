import { Link } from "@inertiajs/react";
import { useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { cn } from "@/lib/cn";
import { useMay } from "@/lib/useMay";
import type { RoundGroup, RoundPage } from "@/types/pages";
import { Button } from "@/ui/Button";
import { NotBegun } from "@/ui/NotBegun";
import { NotCome } from "@/ui/NotCome";
import { ProofMark } from "./ProofMark";
import { RoundQuestion } from "./RoundQuestion";
import { type RoundInHand, stateOf } from "./useRound";

interface Props {
  house: HouseInHand;
  round: RoundInHand;
  onSelect: (id: string) => void;
  onBox: (id: string) => void;
  onSurvey: () => void;
}

/** The job ends with proof: one question at a time, what must be seen said before it is answered; below, what was seen so far. */
export function ProveView({ house, round, onSelect, onBox, onSurvey }: Props) {
  const { page, group } = round;
  const may = useMay();
  // Tests before a box is closed are live work: they are chosen, never just there.
  const [early, testEarly] = useState(false);
  if (page === null) return <NotCome asked={round} what="the test round" />;
  if (page.groups.length === 0)
    return (
      <NotBegun step="To the rooms" onStep={onSurvey}>
        Nothing was worked on yet. Put another device in at an outlet, carry out a plan or close a box that was apart:
        what must be tested then stands here by itself.
      </NotBegun>
    );
  return (
    <div className="flex flex-col pb-4 max-lg:min-h-full max-lg:pb-0 lg:max-w-3xl">
      <Standing page={page} />
      <InTheWay page={page} house={house} onBox={onBox} early={early} onEarly={() => testEarly(!early)} />
      {group !== null && may.work && (page.open.length === 0 || early) && (
        <RoundQuestion key={group.key} group={group} page={page} round={round} onBox={onBox} />
      )}
      {page.left === 0 && (
        <Link
          href={`/houses/${house.sheet.house.id}/papers`}
          className="mt-3 block min-h-11 py-2 font-semibold underline"
        >
          The papers: test record, letter, directory, labels
        </Link>
      )}
      <h2 className="mt-5 border-b-2 border-ink pb-1 text-base">The round</h2>
      <ul>
        {page.groups.map((one) => (
          <GroupLine key={one.key} group={one} isOn={one === group} onPick={round.pick} onSelect={onSelect} />
        ))}
      </ul>
    </div>
  );
}

function Standing({ page }: { page: RoundPage }) {
  return (
    <p className="mt-1 flex flex-wrap items-baseline gap-x-3" aria-live="polite">
      <span className="text-3xl font-extrabold [font-stretch:75%]">
        {page.of - page.left} of {page.of}
      </span>
      <span className="text-ink-2">
        {page.left === 0 && page.failed === 0 ? "seen as they should be: the work is proved" : "seen"}
      </span>
      {page.failed > 0 && <b className="text-bare">{page.failed} not as it should be</b>}
    </p>
  );
}

interface WayProps {
  page: RoundPage;
  house: HouseInHand;
  onBox: (id: string) => void;
  /** It is tested before the box is closed. */
  early: boolean;
  onEarly: () => void;
}

/** What has to be turned on or closed first; or how it is tested before it is closed. */
function InTheWay({ page, house, onBox, early, onEarly }: WayProps) {
  const may = useMay();
  if (page.off.length === 0 && page.open.length === 0) return null;
  return (
    <section aria-label="In the way" className="mt-2 border-2 border-ink bg-raised px-3 py-2.5">
      {page.off.map((circuit) => (
        <p key={circuit.id} className="flex flex-wrap items-center gap-x-3 gap-y-1">
          <b>Breaker {circuit.spoken} is off.</b>
          {may.work && page.open.length === 0 && (
            <Button size="small" onClick={() => house.turn(circuit.id, true)}>
              It is on now
            </Button>
          )}
        </p>
      ))}
      {page.open.map((box) => (
        <p key={box.id} className="flex flex-wrap items-center gap-x-3 gap-y-1">
          <b>{box.code} stands open: close it first.</b>
          <Button size="small" onClick={() => onBox(box.id)}>
            Box {box.code}
          </Button>
        </p>
      ))}
      {page.beforeClosing.length > 0 && (
        <>
          <Button size="small" className="mt-2" aria-expanded={early} onClick={onEarly}>
            Test before closing: live work
          </Button>
          {early && (
            <ol className="mt-1 list-decimal pl-5 text-sm">
              {page.beforeClosing.map((step) => (
                <li key={step} className="py-0.5">
                  {step}
                </li>
              ))}
            </ol>
          )}
        </>
      )}
    </section>
  );
}

interface LineProps {
  group: RoundGroup;
  isOn: boolean;
  onPick: (key: string) => void;
  onSelect: (id: string) => void;
}

function GroupLine({ group, isOn, onPick, onSelect }: LineProps) {
  const [first] = group.steps;
  const left = group.steps.filter((step) => step.state === "open").length;
  const failed = group.steps.filter((step) => step.state === "failed");
  if (!first) return null;
  return (
    <li className="border-b border-hair">
      <button
        type="button"
        aria-current={isOn ? "step" : undefined}
        onClick={() => onPick(group.key)}
        className={cn(
          "flex min-h-12 w-full cursor-pointer items-center gap-2.5 px-1 py-1.5 text-left hover:bg-band",
          isOn && "bg-band",
        )}
      >
        <ProofMark state={stateOf(group)} />
        <span className="min-w-0 flex-1">
          <b>{group.title}</b> <span className="text-ink-2">{group.routine ? "power" : first.label.toLowerCase()}</span>
        </span>
        {group.routine && (
          <span className="text-sm text-ink-2 tabular-nums">
            {left === 0 ? group.steps.length : `${left} of ${group.steps.length} open`}
          </span>
        )}
      </button>
      {failed.map((step) => (
        <p key={step.key} className="mb-1.5 ml-8 text-sm">
          {step.point !== null && group.routine && (
            <button
              type="button"
              onClick={() => onSelect(step.point ?? "")}
              className="mr-1.5 min-h-8 cursor-pointer font-mono font-semibold underline"
            >
              {step.spoken}
            </button>
          )}
          <span className="font-semibold text-bare">{step.said ?? `${step.label}: not as it should be`}.</span>{" "}
          {step.means}
        </p>
      ))}
    </li>
  );
}
