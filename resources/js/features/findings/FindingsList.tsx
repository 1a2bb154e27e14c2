import { useState } from "react";
import type { Finding, HouseSheet, Outlet } from "@/types/sheet";
import { Button } from "@/ui/Button";
import { Segments } from "@/ui/Segments";
import { bySeverity, FindingNote } from "./Findings";

type Severity = Finding["severity"];
type Grouping = "room" | "circuit";

interface Found extends Finding {
  /** The outlets it is about; of a room or circuit as a whole, those it names. */
  outlets: Outlet[];
  /** What is said once for several outlets that lack the same thing; null for what is said outlet by outlet. */
  together: string | null;
  room: string | null;
  run: string | null;
}

interface Props {
  sheet: HouseSheet;
  onSelect: (id: string) => void;
}

/** The house's gaps and faults, worst first, grouped as they would be mended; each goes to its outlet. */
export function FindingsList({ sheet, onSelect }: Props) {
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
                <FindingNote finding={one} quiet />
                <span className="flex flex-wrap max-lg:pl-3">
                  {one.outlets.map((outlet) => (
                    <Button
                      key={outlet.id}
                      size="small"
                      tone="bare"
                      className="code px-1.5 underline"
                      onClick={() => onSelect(outlet.id)}
                    >
                      {outlet.code}
                    </Button>
                  ))}
                </span>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}

/** What several outlets lack alike is one line with all of them. */
function merged(findings: Found[]): Found[] {
  const lines = new Map<string, Found>();
  for (const found of findings) {
    const key = found.together === null ? found.why : `${found.severity} ${found.together} ${found.clause}`;
    const line = lines.get(key);
    lines.set(
      key,
      line && found.together !== null
        ? { ...line, why: found.together, outlets: [...line.outlets, ...found.outlets] }
        : found,
    );
  }
  return [...lines.values()];
}

/** Findings of outlets, rooms and circuits in one list, with gaps in protection said as findings too. */
function gather(sheet: HouseSheet): Found[] {
  const placed = sheet.rooms.flatMap((room) =>
    room.outlets.map((outlet) => ({ outlet, room: `${room.code} ${room.name}` })),
  );
  const ofOutlets = placed.flatMap(({ outlet, room }) => {
    const place = { outlets: [outlet], room, run: outlet.circuit };
    return [
      ...gaps(outlet).map((gap) => ({ ...gap, ...place })),
      ...outlet.findings.map((finding) => ({ ...finding, ...place, together: alike(finding) })),
    ];
  });
  const ofWholes = sheet.findings.map((finding) => {
    const named = placed.filter(({ outlet }) => finding.points.includes(outlet.id));
    return {
      ...finding,
      outlets: named.map(({ outlet }) => outlet),
      room: named[0]?.room ?? null,
      run: named[0]?.outlet.circuit ?? null,
      together: null,
    };
  });
  return [...ofOutlets, ...ofWholes];
}

function alike(finding: Finding): string | null {
  if (finding.id === "not_tr")
    return finding.severity === "advice" ? "Tamper-resistant or not: nobody has recorded." : "Not tamper-resistant.";
  if (finding.id === "not_wr")
    return finding.severity === "advice" ? "Weather-resistant or not: nobody has recorded." : "Not weather-resistant.";
  return null;
}

function gaps(outlet: Outlet): (Finding & { together: string })[] {
  return (["gfci", "afci"] as const).flatMap((protection) => {
    const { verdict, demands } = outlet[protection];
    const demand = demands[0];
    if (!demand || (verdict !== "missing" && verdict !== "advised")) return [];
    const lacks = `No ${protection.toUpperCase()} protection.`;
    return [
      {
        id: `${protection}_${verdict}`,
        severity: verdict === "missing" ? ("error" as const) : ("advice" as const),
        clause: demands.map((d) => d.clause).join(", "),
        why: `${lacks} ${demand.fact}`,
        together: lacks,
        circuit: null,
        area: null,
        points: [outlet.id],
      },
    ];
  });
}

function count(findings: Finding[], severities: Severity[]): number {
  return findings.filter((finding) => severities.includes(finding.severity)).length;
}
