import { ArrowLeft } from "lucide-react";
import { PowerComesTo } from "@/features/live/PowerComesTo";
import type { RunsInHand } from "@/features/runs/useRuns";
import { clock } from "@/lib/clock";
import type { Breaker, NextStep, Room, RunsPage, SeenShown } from "@/types/pages";
import type { Observation } from "@/types/sent";

import { Button } from "@/ui/Button";
import { type Asking, begun, ofNext } from "./asking";
import { Picked } from "./Picked";
import { Walk } from "./Walk";

interface Props {
  runs: RunsInHand;
  sheet: RunsPage;
  rooms: Room[];
  live: Breaker[];
  onTurn: (circuit: string, on: boolean) => void;
  asking: Asking | null;
  onAsking: (asking: Asking | null) => void;
  /** Opens the box of an outlet, where it is made safe. */
  onBox: (point: string) => void;
}

/** The trace: what contradicts, the one next step with its reason, and everything seen so far. Or the question that is being answered. */
export function TracePanel({ runs, sheet, rooms, live, onTurn, asking, onAsking, onBox }: Props) {
  const file = async (observation: Observation) => {
    if (await runs.observe(observation)) onAsking(null);
  };
  // What is turned at the panel shows in the live bar at once.
  const begin = (next: Asking) => {
    if (next.kind === "off" && next.at !== null && live.some((breaker) => breaker.id === next.at && !breaker.off))
      onTurn(next.at, false);
    onAsking(next);
  };
  if (asking) {
    const shared = { asking, sheet, rooms, onChange: begin, onFile: (seen: Observation) => void file(seen) };
    const picking = asking.at === null || asking.kind === "open" || asking.kind === "button";
    return (
      <section aria-label="What was seen" className="flex min-h-full flex-col">
        <div className="mb-2 flex items-center gap-2">
          <Button size="small" tone="bare" aria-label="Back to the next step" onClick={() => onAsking(null)}>
            <ArrowLeft size={18} aria-hidden />
          </Button>
          <p className="font-bold narrow">{about(asking, sheet, rooms)}</p>
        </div>
        {picking ? <Picked {...shared} /> : <Walk {...shared} />}
      </section>
    );
  }
  return (
    <div className="flex flex-col gap-4">
      {sheet.conflicts.map((conflict) => (
        <section key={conflict.why} aria-label="Facts that contradict" className="border-2 border-bare">
          <h2 className="bg-bare-ground px-3 py-2 text-lg">These cannot both be right</h2>
          {conflict.facts.length + conflict.cables.length < 2 && <p className="px-3 py-2 text-ink-2">{conflict.why}</p>}
          <ul className="grid grid-cols-2 border-t border-bare">
            {conflict.facts.map((fact) => (
              <li key={fact.id} className="flex flex-col gap-2 border-bare p-3 odd:border-r">
                <p className="font-semibold">{fact.spoken}.</p>
                <p className="text-sm text-ink-2">{seenBy(fact)}</p>
                <Button size="small" className="mt-auto" onClick={() => runs.withdraw(fact.id)}>
                  Withdraw this one
                </Button>
              </li>
            ))}
            {conflict.cables.map((cable) => (
              <li key={cable.id} className="flex flex-col gap-2 p-3">
                <p className="font-semibold">{cable.spoken}.</p>
                <Button size="small" className="mt-auto" onClick={() => runs.dropCable(cable.id)}>
                  Take this cable out
                </Button>
              </li>
            ))}
          </ul>
        </section>
      ))}
      {sheet.next && <NextCard step={sheet.next} sheet={sheet} onBegin={begin} onBox={onBox} />}
      {live
        .filter((breaker) => breaker.off)
        .map((breaker) => (
          <p key={breaker.id} className="flex items-center gap-2 border-l-4 border-ink pl-3">
            <span className="flex-1">
              Breaker {breaker.slot} {breaker.label} is noted as off.
              <PowerComesTo breaker={breaker} />
            </span>
            <Button size="small" onClick={() => onTurn(breaker.id, true)}>
              {breaker.waits ? "It is on all the same" : "I turned it on again"}
            </Button>
          </p>
        ))}
      {sheet.resolved && (
        <section className="border-l-4 border-kept bg-kept-ground px-3 py-2">
          <h2 className="text-lg">Every run is certain</h2>
          <p>What feeds what is settled, and for every protective device what leaves on LOAD.</p>
        </section>
      )}
      {sheet.keep.length > 0 && sheet.conflicts.length === 0 && (
        <section aria-label="Certain runs" className="border-t-2 border-ink pt-3">
          <h3 className="text-base">Certain, and not in the house yet</h3>
          <ul className="my-1.5">
            {sheet.keep.map((run) => (
              <li key={run.to} className="code text-sm">
                {run.spoken}
              </li>
            ))}
          </ul>
          <Button className="w-full" onClick={runs.keep}>
            Write {sheet.keep.length === 1 ? "it" : `these ${sheet.keep.length}`} into the house
          </Button>
        </section>
      )}
      <section aria-label="Something else was seen" className="border-t-2 border-ink pt-3">
        <h3 className="mb-2 text-base">Something else was seen</h3>
        <div className="grid grid-cols-2 gap-2">
          <Button onClick={() => onAsking(begun("off", null))}>A breaker off</Button>
          <Button onClick={() => onAsking(begun("trip", null))}>TEST pressed</Button>
          <Button onClick={() => onAsking(begun("button", null))}>Tester's button</Button>
          <Button onClick={() => onAsking(begun("open", null))}>A box opened</Button>
        </div>
      </section>
      <section aria-label="Facts" className="border-t-2 border-ink pt-3">
        <h3 className="text-base">
          {sheet.facts.length === 0 ? "Nothing is noted yet" : `Seen so far, ${sheet.facts.length}`}
        </h3>
        <ul>
          {[...sheet.facts].reverse().map((fact) => (
            <li key={fact.id} className="flex items-start gap-2 border-t border-hair py-1.5 first:border-t-0">
              <div className="flex-1">
                <p className="leading-snug">{fact.spoken}.</p>
                <p className="text-xs text-ink-2">{seenBy(fact)}</p>
              </div>
              <Button size="small" tone="bare" className="underline" onClick={() => runs.withdraw(fact.id)}>
                Withdraw
              </Button>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}

interface NextProps {
  step: NextStep;
  sheet: RunsPage;
  onBegin: (asking: Asking) => void;
  onBox: (point: string) => void;
}

function NextCard({ step, sheet, onBegin, onBox }: NextProps) {
  const hands = step.handsOn && step.point !== null ? sheet.outlets[step.point]?.handsOn : undefined;
  const barred = hands !== undefined && !hands.allowed;
  return (
    <section aria-label="Next step" className="border-2 border-ink">
      <p className="flex justify-between bg-ink px-3 py-1 text-sm text-on-ink narrow">
        <span>{step.forCall ? "Next, for the open call" : "Next"}</span>
        <span>about {step.minutes} min</span>
      </p>
      <div className="px-3 py-2.5">
        <h2 className="text-2xl">{step.title}</h2>
        <p className="mt-1 text-ink-2">{step.why}</p>
        <ol className="mt-2 list-decimal pl-5 text-sm">
          {step.steps.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ol>
        <Button
          tone="main"
          className="mt-3 min-h-14 w-full text-lg"
          disabled={barred}
          aria-describedby={barred ? "why-barred" : undefined}
          onClick={() => onBegin(ofNext(step))}
        >
          {LABELS[step.kind]}
        </Button>
        {barred && step.point !== null && (
          <div className="mt-2 border-l-4 border-bare pl-3">
            <p id="why-barred">{hands.why}</p>
            <Button size="small" className="mt-1.5" onClick={() => step.point !== null && onBox(step.point)}>
              Make it safe
            </Button>
          </div>
        )}
        {hands?.allowed && <p className="mt-2 border-l-4 border-kept pl-3 text-sm">{hands.why}</p>}
      </div>
    </section>
  );
}

const LABELS = {
  off: "It is off",
  trip: "I am there",
  button: "Button pressed",
  open: "Open it",
  lift: "Lift it",
} as const;

function about(asking: Asking, sheet: RunsPage, rooms: Room[]): string {
  const run = sheet.circuits.find((one) => one.id === asking.at);
  const outlet = rooms.flatMap((room) => room.outlets).find((one) => one.id === asking.at);
  const place = run ? `breaker ${run.slot} ${run.label}` : (outlet?.code ?? "");
  return {
    off: `${place} off`.trim(),
    trip: `Trace from ${place}`,
    button: `Tester's button ${place}`,
    open: `Box ${place}`,
    lift: `${place}, pair ${asking.pair ?? ""} lifted`,
  }[asking.kind];
}

function seenBy(fact: SeenShown): string {
  return [fact.who, clock(fact.at)].filter((part) => part !== null && part !== "").join(", ");
}
