import { bySeverity, FindingNote } from "@/features/findings/Findings";
import { ItemLines } from "@/features/findings/Items";
import { VerdictWord } from "@/features/outlet/VerdictTag";
import { MarkGlyph, MarkPatterns } from "@/features/rooms/OutletMark";
import { Paper } from "@/features/shell/Paper";
import { cn } from "@/lib/cn";
import { writtenLength } from "@/lib/length";
import type { HouseHead, Judged, JudgedPage, Outlet } from "@/types/pages";
import { Button } from "@/ui/Button";

/** The survey on paper: every outlet with what is there, what is asked and why, and what was found. */
export default function SurveySheet({ sheet, printed }: { sheet: JudgedPage; printed: string }) {
  const { house } = sheet;
  return (
    <Paper
      title={`Survey of ${house.name}`}
      back={{ href: `/houses/${house.id}`, name: house.name }}
      tools={
        <Button tone="main" className="print:hidden" onClick={() => print()}>
          Print
        </Button>
      }
    >
      <MarkPatterns />
      <p className="py-2">
        {house.editionName}
        {house.jurisdiction && `, ${house.jurisdiction}`}
        {house.coreRulesOnly && ", core rules only"}, judged as {house.workName.toLowerCase()}; {printed}, change{" "}
        {house.revision}.
      </p>
      {sheet.rooms.map((room) => (
        <section key={room.id} className="mb-4">
          <h2 className="border-b-2 border-ink py-1 text-lg">
            <span className="code text-sm text-ink-2">{room.code}</span> {room.name}{" "}
            <span className="text-sm font-normal text-ink-2">{room.kind}</span>
          </h2>
          {room.outlets.map((outlet) => (
            <OutletLine key={outlet.id} outlet={outlet} house={house} />
          ))}
        </section>
      ))}
      {sheet.granted > 0 && (
        <p className="border-y border-hair py-2">
          {sheet.granted} facts are taken for granted: the verdicts rest on them, and nobody has recorded them. They are
          marked with each outlet.
        </p>
      )}
      {sheet.findings.length > 0 && (
        <section className="break-inside-avoid">
          <h2 className="border-b-2 border-ink py-1 text-lg">Circuits and rooms as a whole</h2>
          {bySeverity(sheet.findings).map((finding) => (
            <FindingNote key={finding.id + finding.why} finding={finding} edition={house.editionName} quiet />
          ))}
        </section>
      )}
      {sheet.items.length > 0 && (
        <section className="break-inside-avoid">
          <h2 className="border-b-2 border-ink py-1 text-lg">To be closed with evidence</h2>
          <ItemLines sheet={sheet} />
        </section>
      )}
      <p className="mt-6 border-t border-hair py-3 text-sm text-ink-2">
        Clauses are named so that they can be read in the code itself. Local code and the authority having jurisdiction
        decide; this sheet supports a licensed or qualified person and replaces none.
      </p>
    </Paper>
  );
}

function OutletLine({ outlet, house }: { outlet: Outlet; house: HouseHead }) {
  const way = outlet.distances[0];
  const worth = outlet.findings.filter((finding) => finding.severity !== "advice");
  return (
    <div className="break-inside-avoid border-b border-hair py-1 text-sm">
      <div
        className={cn(
          "grid items-start gap-x-3",
          "sm:grid-cols-[2.5rem_4.5rem_1fr_14rem_14rem] print:grid-cols-[2.5rem_4.5rem_1fr_13rem_13rem]",
        )}
      >
        <MarkGlyph
          verdict={outlet.gfci.verdict}
          device={outlet.device !== "standard" && outlet.device !== "none"}
          kind={outlet.kind}
          className="h-8 w-auto"
        />
        <span className="code">{outlet.code}</span>
        <span>
          <b>{outlet.name}</b>, {outlet.kindName.toLowerCase()}
          {outlet.kind === "receptacle" && ` ${outlet.amps} A`}, {outlet.deviceName}
          {outlet.circuit && `, circuit ${outlet.circuit}`}
          {way && `, ${writtenLength(way.ft, house.unit)} from ${way.fixtureName.toLowerCase()} ${way.room}`}
        </span>
        <Side name="GFCI" judged={outlet.gfci} />
        <Side name="AFCI" judged={outlet.afci} />
      </div>
      {outlet.granted.length > 0 && <p className="text-ink-2">{outlet.granted.map((fact) => fact.text).join(" ")}</p>}
      {bySeverity(worth).map((finding) => (
        <FindingNote key={finding.id + finding.why} finding={finding} edition={house.editionName} quiet />
      ))}
    </div>
  );
}

function Side({ name, judged }: { name: string; judged: Judged }) {
  return (
    <span>
      {name} <VerdictWord verdict={judged.verdict} name={judged.verdictName} />
      <span className="block text-ink-2">
        {judged.demands.map((demand) => (
          <span key={demand.clause} className="mr-2 inline-block whitespace-nowrap">
            {demand.clause}
          </span>
        ))}
      </span>
    </span>
  );
}
