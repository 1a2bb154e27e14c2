import { useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { percent } from "@/lib/number";
import { useAsked } from "@/lib/useAsked";
import type { Outlet, ReadsPage } from "@/types/pages";
import { Button } from "@/ui/Button";
import { NotCome } from "@/ui/NotCome";

/** What could make the outlet read as it does, by the electrical model, and the next look: worked out when it is asked for. */
export function CouldRead({ house, outlet }: { house: HouseInHand; outlet: Outlet }) {
  const [wanted, want] = useState(false);
  const [found, setFound] = useState<ReadsPage | null>(null);
  const path = `outlets/${encodeURIComponent(outlet.id)}/reads`;
  const asked = useAsked<ReadsPage>(house.ask, path, wanted ? house.version : null, setFound);
  if (!wanted)
    return (
      <Button size="small" className="my-1" onClick={() => want(true)}>
        What could read so here?
      </Button>
    );
  if (asked.failed) return <NotCome what="what could read so here" asked={asked} />;
  if (found === null) return <p className="text-sm text-ink-2">Working it out…</p>;
  return (
    <section aria-label="What could read so here" className="my-1 border-l-4 border-ink bg-band px-3 py-2">
      <ul className="text-sm">
        {found.causes.map((cause) => (
          <li key={cause.name} className="flex justify-between gap-3">
            <span>{cause.name}</span>
            <b className="whitespace-nowrap">{percent(cause.probability)}</b>
          </li>
        ))}
      </ul>
      {found.next && (
        <p className="mt-1">
          <b>Look next: {found.next}.</b> {found.why}
        </p>
      )}
    </section>
  );
}
