import { useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { Segments } from "@/ui/Segments";
import { bySeverity, FindingNote } from "./Findings";
import { GrantedList } from "./GrantedList";
import { count, type Found, gather, merged, type Severity } from "./gather";
import { Items } from "./Items";
import { OutletCode } from "./OutletCode";

type Grouping = "room" | "circuit";

interface Props {
  house: HouseInHand;
  onSelect: (id: string) => void;
}

/** The house's gaps and faults, worst first, grouped as they would be mended; each goes to its outlet. */
export function FindingsList({ house, onSelect }: Props) {
  const { sheet } = house;
  const [grouping, setGrouping] = useState<Grouping>("room");
  const [least, setLeast] = useState<Severity>("warning");
  const all = gather(sheet);
  const shown = bySeverity(all).filter(
    (found) => least === "advice" || found.severity === "error" || least === found.severity,
  );
  const groups = new Map<string, Found[]>();
  for (const found of shown) {
    const group =
      (grouping === "room" ? found.room : found.run) ??
      (grouping === "room" ? "Circuits as a whole" : "No circuit known");
    groups.set(group, [...(groups.get(group) ?? []), found]);
  }
  return (
    <div className="pb-8">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2 pb-3">
        <Segments
          label="Grouped by"
          value={grouping}
          options={[
            ["room", "by room"],
            ["circuit", "by circuit"],
          ]}
          onChange={setGrouping}
        />
        <Segments
          label="How bad at least"
          value={least}
          options={[
            ["error", `wrong ${count(all, ["error"])}`],
            ["warning", `and to look at ${count(all, ["error", "warning"])}`],
            ["advice", `and advice ${all.length}`],
          ]}
          onChange={setLeast}
        />
      </div>
      {shown.length === 0 && <p className="border-t border-hair py-6 text-lg">Nothing found of this kind.</p>}
      {[...groups].map(([group, found]) => (
        <section key={group} aria-label={group} className="border-t-2 border-ink pt-2 pb-4">
          <h2 className="mb-2 text-lg">{group}</h2>
          <ul>
            {merged(found).map((one) => (
              <li
                key={one.id + one.why}
                className="grid items-start gap-x-3 border-t border-hair py-1 lg:grid-cols-[1fr_13rem]"
              >
                <FindingNote finding={one} edition={sheet.house.editionName} quiet />
                <span className="flex flex-wrap max-lg:pl-3">
                  {one.outlets.map((outlet) => (
                    <OutletCode key={outlet.id} outlet={outlet} onSelect={onSelect} />
                  ))}
                </span>
              </li>
            ))}
          </ul>
        </section>
      ))}
      <GrantedList sheet={sheet} onSelect={onSelect} />
      <Items house={house} onSelect={onSelect} />
    </div>
  );
}
