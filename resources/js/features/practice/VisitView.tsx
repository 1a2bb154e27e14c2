import { useState } from "react";
import { useWide } from "@/lib/useWide";
import type { VisitShown } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { Advice } from "./Advice";
import { DangerSheet } from "./DangerSheet";
import type { Deed } from "./kept";
import { NameCause } from "./NameCause";
import { Offers } from "./Offers";
import { Places } from "./Places";
import type { VisitInHand } from "./useVisit";

interface Props {
  name: string;
  visit: VisitInHand;
  onEnd: (named: string | null) => void;
}

/** A practice house while somebody works in it: the call, the clock, the places, what can be done there, and what was read. */
export function VisitView({ name, visit, onEnd }: Props) {
  const isWide = useWide();
  // On a phone one place at a time takes the screen, and none to begin with.
  const [picked, pick] = useState<string | null>(isWide ? "house" : null);
  const [naming, setNaming] = useState(false);
  // A danger of an earlier day is not shown again.
  const [seen, setSeen] = useState(() => visit.deeds.length);
  const [advised, setAdvised] = useState(false);
  const { shown } = visit;
  const steps = shown?.steps.length ?? 0;
  if (shown === null)
    return visit.refused === null ? (
      <p className="py-6">The house is being drawn …</p>
    ) : (
      <p role="alert" className="py-6">
        {visit.refused}
      </p>
    );
  const last = shown.steps.at(-1);
  return (
    <div data-steps={steps} className="pb-24 lg:pb-8">
      <blockquote className="border-l-[6px] border-ink bg-raised px-3 py-2 text-lg">“{shown.words}”</blockquote>
      <div className="grid gap-x-6 lg:grid-cols-[1fr_1fr_1fr]">
        <section aria-label="Places" className="mt-4 min-w-0">
          <Places visit={shown} picked={picked} onPick={pick} />
        </section>
        {isWide && picked !== null && (
          <section aria-label="What to do" className="mt-4 min-w-0">
            <h2 className="border-b-2 border-ink pb-1 text-lg">{titleOf(shown, picked)}</h2>
            <Refused why={visit.refused} />
            <AtPlace visit={shown} picked={picked} busy={visit.busy} onDo={visit.do} />
          </section>
        )}
        <section aria-label="What was read" className="mt-4 min-w-0">
          <h2 className="border-b-2 border-ink pb-1 text-lg">What was read</h2>
          {steps === 0 && <p className="py-2 text-ink-2">Nothing yet. Where do you begin?</p>}
          <ol>
            {numbered(shown.steps).map(({ step, number }) => (
              <li key={number} className="flex gap-3 border-b border-hair py-1.5">
                <span className="w-10 shrink-0 text-right tabular-nums text-ink-2">{Math.round(step.at)}</span>
                <span>
                  {step.done}
                  <b className={step.danger ? "block text-bare" : "block"}>{step.read}</b>
                </span>
              </li>
            ))}
          </ol>
          {steps > 0 && (
            <Button size="small" className="mt-2" disabled={visit.busy} onClick={visit.undo}>
              Take the last step back
            </Button>
          )}
          <details
            className="mt-4 border-t border-hair pt-2"
            open={advised}
            onToggle={(event) => {
              setAdvised(event.currentTarget.open);
              if (event.currentTarget.open && !visit.withAdvice) visit.asksAdvice();
            }}
          >
            <summary className="min-h-11 cursor-pointer py-2 font-semibold">What Trips would say</summary>
            {advised && <Advice name={name} deeds={visit.deeds} />}
          </details>
        </section>
      </div>
      <footer className="fixed inset-x-0 bottom-0 z-30 flex items-center gap-4 border-t-2 border-ink bg-raised px-4 py-2 lg:sticky lg:mt-6">
        <span className="text-2xl font-bold tabular-nums">{Math.round(shown.minutes)} min</span>
        <span className="min-w-0 truncate text-ink-2">
          {shown.open.length === 0 ? "No box open" : `Open: ${shown.open.join(", ")}`}
        </span>
        <Button tone="main" className="ml-auto min-h-12" onClick={() => setNaming(true)}>
          Name the cause
        </Button>
      </footer>
      {!isWide && picked !== null && !(last?.danger && steps > seen) && (
        <Sheet title={titleOf(shown, picked)} onClose={() => pick(null)} foot>
          <section aria-label="What to do" className="px-4 pb-4">
            <Refused why={visit.refused} />
            {last && (
              <p role="status" className="sticky top-14 border-b-2 border-ink bg-raised py-2 text-lg">
                <span className="block text-sm text-ink-2">{last.done}</span>
                <b>{last.read}</b>
              </p>
            )}
            <AtPlace visit={shown} picked={picked} busy={visit.busy} onDo={visit.do} />
          </section>
        </Sheet>
      )}
      {last?.danger && steps > seen && <DangerSheet danger={last.danger} onOn={() => setSeen(steps)} />}
      {naming && (
        <NameCause
          name={name}
          deeds={visit.deeds}
          onClose={() => setNaming(false)}
          onName={(cause) => {
            setNaming(false);
            onEnd(cause);
          }}
        />
      )}
    </div>
  );
}

function Refused({ why }: { why: string | null }) {
  return (
    why !== null && (
      <p role="alert" className="mt-2 border-l-4 border-advised bg-advised-ground px-3 py-2">
        {why}
      </p>
    )
  );
}

interface AtPlaceProps {
  visit: VisitShown;
  picked: string;
  busy: boolean;
  onDo: (deed: Deed) => void;
}

function AtPlace({ visit, picked, busy, onDo }: AtPlaceProps) {
  const [kind, id] = split(picked);
  const circuit = visit.circuits.find((one) => kind === "circuit" && one.id === id);
  const outlet = outlets(visit).find((one) => kind === "point" && one.id === id);
  const thing = visit.things.find((one) => kind === "thing" && one.id === id);
  return (
    <>
      <Offers offers={circuit?.offers ?? outlet?.offers ?? thing?.offers ?? visit.inHouse} busy={busy} onDo={onDo} />
      {outlet && <Offers title="In the box" offers={outlet.inBox} busy={busy} onDo={onDo} />}
      {outlet?.pairs.map((pair) => (
        <Offers key={pair.name} title={pair.name} offers={pair.offers} busy={busy} onDo={onDo} />
      ))}
    </>
  );
}

/** The last one first. */
function numbered(steps: VisitShown["steps"]) {
  return steps.map((step, number) => ({ step, number })).toReversed();
}

function outlets(visit: VisitShown) {
  return visit.rooms.flatMap((room) => room.outlets);
}

function split(picked: string): [string, string] {
  const at = picked.indexOf(" ");
  return at === -1 ? [picked, ""] : [picked.slice(0, at), picked.slice(at + 1)];
}

function titleOf(visit: VisitShown, picked: string): string {
  const [kind, id] = split(picked);
  const outlet = outlets(visit).find((one) => kind === "point" && one.id === id);
  return (
    (outlet && `${outlet.code} ${outlet.name}`) ??
    visit.circuits.find((one) => kind === "circuit" && one.id === id)?.name ??
    visit.things.find((one) => kind === "thing" && one.id === id)?.name ??
    "In the house"
  );
}
