/** Everything that was found in a house as lines to be read: pure, no drawing. */

import type { FindingShown, JudgedPage, Outlet } from "@/types/pages";

export type Severity = FindingShown["severity"];

export interface Found extends FindingShown {
  /** The outlets it is about; of a room or circuit as a whole, those it names. */
  outlets: Outlet[];
  /** What is said once for several outlets that lack the same thing; null for what is said outlet by outlet. */
  together: string | null;
  room: string | null;
  run: string | null;
}

/** What several outlets lack alike is one line with all of them. */
export function merged(findings: Found[]): Found[] {
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
export function gather(sheet: JudgedPage): Found[] {
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

function alike(finding: FindingShown): string | null {
  if (finding.id === "not_tr")
    return finding.severity === "advice" ? "Tamper-resistant or not: nobody has recorded." : "Not tamper-resistant.";
  if (finding.id === "not_wr")
    return finding.severity === "advice" ? "Weather-resistant or not: nobody has recorded." : "Not weather-resistant.";
  return null;
}

function gaps(outlet: Outlet): (FindingShown & { together: string })[] {
  return (["gfci", "afci"] as const).flatMap((protection) => {
    const { verdict, hazard, hazardName, demands } = outlet[protection];
    const demand = demands[0];
    if (!demand || (verdict !== "missing" && verdict !== "advised")) return [];
    const lacks = `No ${protection.toUpperCase()} protection.`;
    return [
      {
        id: `${protection}_${verdict}`,
        severity: verdict === "missing" ? ("error" as const) : ("advice" as const),
        hazard,
        hazardName,
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

export function count(findings: FindingShown[], severities: Severity[]): number {
  return findings.filter((finding) => severities.includes(finding.severity)).length;
}
