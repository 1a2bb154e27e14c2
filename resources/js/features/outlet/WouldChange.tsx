import { useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { useAsked } from "@/lib/useAsked";
import type { AlternativeLine, Outlet } from "@/types/pages";
import { NotCome } from "@/ui/NotCome";
import { VerdictWord } from "./VerdictTag";

/** What would change each verdict: worked out for this outlet alone, once it is looked at. */
export function WouldChange({ house, outlet }: { house: HouseInHand; outlet: Outlet }) {
  const [found, setFound] = useState<AlternativeLine[]>([]);
  const path = `outlets/${encodeURIComponent(outlet.id)}/alternatives`;
  const asked = useAsked<AlternativeLine[]>(house.ask, path, house.version, setFound);
  if (asked.failed) return <NotCome what="what would change it" asked={asked} />;
  const kinds = [...new Set(found.map((other) => other.of))];
  return kinds.map((kind) => (
    <section key={kind} className="border-t border-hair pt-3">
      <h3 className="mb-1 text-base">What would change {kind} here</h3>
      <ul className="text-sm">
        {found
          .filter((other) => other.of === kind)
          .map((other) => (
            <li
              key={other.text}
              className="grid grid-cols-[1fr_auto] gap-x-3 border-t border-hair py-1.5 first:border-t-0"
            >
              <span>
                {other.text}
                {other.also.length > 0 && (
                  <span className="block text-ink-2">
                    Also covers <span className="code text-xs">{other.also.join(", ")}</span>
                  </span>
                )}
              </span>
              <VerdictWord verdict={other.verdict} name={other.verdictName} />
            </li>
          ))}
      </ul>
    </section>
  ));
}
