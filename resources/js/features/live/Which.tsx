import { useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { useAsked } from "@/lib/useAsked";
import type { BreakersPage, CandidateLine, Outlet } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Tap } from "@/ui/Taps";
import type { HuntInHand } from "./usePulse";

/** So many breakers are shown at once. */
const SHOWN = 4;

/** Which breaker it may be: what else died with it, labels and amperes, a tracer, and two phones where a light is lit in it. */
export function Which({ house, hunt, point }: { house: HouseInHand; hunt: HuntInHand; point: string }) {
  const [{ candidates, dead }, setFound] = useState<BreakersPage>({ candidates: [], dead: [] });
  const [all, showAll] = useState(false);
  // Asked anew when the house has changed: what was seen rules breakers out.
  useAsked<BreakersPage>(house.ask, `outlets/${encodeURIComponent(point)}/breakers`, house.version, setFound);
  const off = (one: CandidateLine) => {
    for (const each of [one, ...one.alike]) house.turn(each.id, false);
  };
  const traced = (one: CandidateLine) => house.change([{ in: "points", id: point, set: { circuit: one.id } }]);
  return (
    <>
      <Button tone="main" className="w-full" onClick={() => hunt.begin(point)}>
        A light is lit in it: find its breaker
      </Button>
      <DiedToo house={house} point={point} dead={dead} />
      <p className="mt-3 font-semibold">It may be on, the likeliest first:</p>
      <ul>
        {candidates.slice(0, all ? undefined : SHOWN).map((one) => (
          <li key={one.id} className="border-t border-hair py-1.5">
            <p className="flex gap-2">
              <b className="w-10 narrow">{one.slot}</b>
              <span>
                {one.label} <span className="text-sm text-ink-2">{one.reasons.join(", ")}</span>
              </span>
            </p>
            {one.alike.length > 0 && (
              <p className="text-sm font-semibold text-bare">
                Breaker {one.alike.map((other) => other.slot).join(", ")} is labelled alike: off together.
              </p>
            )}
            <div className="mt-1 flex gap-2">
              <Button size="small" className="flex-1" onClick={() => off(one)}>
                {one.alike.length === 0
                  ? `I turned ${one.slot} off`
                  : `I turned ${[one, ...one.alike].map((each) => each.slot).join(" and ")} off`}
              </Button>
              <Button size="small" className="flex-1" onClick={() => traced(one)}>
                A tracer points to it
              </Button>
            </div>
          </li>
        ))}
      </ul>
      {!all && candidates.length > SHOWN && (
        <Button size="small" tone="bare" className="underline" onClick={() => showAll(true)}>
          The other {candidates.length - SHOWN}
        </Button>
      )}
      <p className="mt-1 text-sm text-ink-2">
        Where nothing tells: every breaker it may be on off, or the main. None of it is a proof of dead.
      </p>
    </>
  );
}

/** What went dark with it: a tap each, and the breaker they share comes first. */
function DiedToo({ house, point, dead }: { house: HouseInHand; point: string; dead: string[] }) {
  const rooms = house.sheet.rooms;
  const here = rooms.find((room) => room.outlets.some((one) => one.id === point));
  const others = [...(here ? [here] : []), ...rooms.filter((room) => room !== here)]
    .flatMap((room) => room.outlets)
    .filter((one) => one.id !== point);
  if (others.length === 0) return null;
  const tap = (one: Outlet) =>
    house.record({ point: one.id, half: null, lit: dead.includes(one.id), instrument: null });
  return (
    <details className="mt-2 border-t border-hair pt-1">
      <summary className="cursor-pointer font-semibold narrow max-lg:min-h-12 max-lg:pt-3">
        It is dead: what else is?
      </summary>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {others.map((one) => (
          <Tap
            key={one.id}
            pressed={dead.includes(one.id)}
            label={`Dead too: ${one.code}`}
            onTap={() => tap(one)}
            className="px-2"
          >
            <span className="code text-xs">{one.code}</span> {one.kind === "light" ? "light" : ""}
          </Tap>
        ))}
      </div>
    </details>
  );
}
