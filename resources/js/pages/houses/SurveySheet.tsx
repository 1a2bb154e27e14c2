import { grouped } from "@/features/findings/FoundList";
import { ItemLines } from "@/features/findings/Items";
import { useHere } from "@/features/house/useHere";
import { VerdictWord } from "@/features/outlet/VerdictTag";
import { MarkGlyph, MarkPatterns } from "@/features/rooms/OutletMark";
import { Paper } from "@/features/shell/Paper";
import { ThreeWorst } from "@/features/survey/ThreeWorst";
import { cn } from "@/lib/cn";
import { writtenLength } from "@/lib/length";
import type { ConcernShown, HouseHead, Judged, JudgedPage, Outlet } from "@/types/pages";
import { Button } from "@/ui/Button";

/** The survey on paper: one page that says what matters and where, then every outlet of every room on a line of its own. */
export default function SurveySheet({ sheet: sent, printed }: { sheet: JudgedPage; printed: string }) {
  const sheet = useHere(sent);
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
      <div className="print:break-after-page">
        <p className="py-2">
          {house.editionName}
          {house.jurisdiction && `, ${house.jurisdiction}`}
          {house.coreRulesOnly && ", core rules only"}, judged as {house.workName.toLowerCase()}; {printed}, change{" "}
          {house.revision}.
        </p>
        <ThreeWorst sheet={sheet} />
        <Summary sheet={sheet} />
        {sheet.granted > 0 && (
          <p className="border-t border-hair py-1.5 text-sm">
            {sheet.granted} facts are taken for granted: the verdicts rest on them, and nobody has recorded them.
          </p>
        )}
        {sheet.items.length > 0 && (
          <section className="break-inside-avoid">
            <h2 className="border-b-2 border-ink py-1 text-lg">To be closed with evidence</h2>
            <ItemLines sheet={sheet} />
          </section>
        )}
        <p className="mt-2 border-t border-hair py-2 text-xs text-ink-2">
          Clauses are named so that they can be read in the code itself. Local code and the authority having
          jurisdiction decide; this sheet supports a licensed or qualified person and replaces none.
        </p>
      </div>
      <div className="print:leading-tight">
        {sheet.rooms.map((room) => (
          <section key={room.id} className="mb-2 print:mb-1.5">
            <h2 className="break-after-avoid border-b-2 border-ink py-1 text-base print:py-0 print:text-sm">
              <span className="code text-sm text-ink-2">{room.code}</span> {room.name}{" "}
              <span className="text-sm font-normal text-ink-2">{room.kind}</span>
            </h2>
            {room.outlets.length === 0 && <p className="text-sm text-ink-2">No outlet entered.</p>}
            {room.outlets.map((outlet) => (
              <OutletLine key={outlet.id} outlet={outlet} house={house} concerns={sheet.concerns} />
            ))}
          </section>
        ))}
      </div>
    </Paper>
  );
}

/** As many lines of each are on the first page as have room there; the lines of the rooms and the screen have them all. */
const MOST: Record<ConcernShown["urgency"], number> = { danger: 12, asked: 10, advice: 3 };

/** What, where and by which clause, in the order in which it should be mended. */
function Summary({ sheet }: { sheet: JudgedPage }) {
  const codes = new Map(sheet.rooms.flatMap((room) => room.outlets).map((outlet) => [outlet.id, outlet.code]));
  const untraced = sheet.concerns.filter((concern) => concern.trace);
  return (
    <>
      {sheet.concerns.length === 0 && (
        <p className="border-t border-hair py-3">{sheet.rooms.length === 0 ? "Not begun." : "Nothing found."}</p>
      )}
      {untraced.map((concern) => (
        <p key={concern.id} className="border-b border-hair py-1 text-sm">
          {concern.what}
        </p>
      ))}
      {grouped(sheet.concerns.filter((concern) => !sheet.worst.includes(concern.id))).map(([name, concerns]) => {
        const shown = concerns.slice(0, MOST[concerns[0]?.urgency ?? "advice"]);
        return (
          <section key={name} aria-label={name} className="mb-1.5">
            <h2 className="border-b border-ink text-base">
              {name} <span className="text-ink-2">{concerns.length}</span>
            </h2>
            <ul>
              {shown.map((concern) => (
                <li
                  key={concern.id}
                  className={cn(
                    "grid break-inside-avoid grid-cols-[1fr_13rem] gap-x-3 border-b border-hair py-0.5 text-sm",
                    "max-lg:grid-cols-1 print:grid-cols-[1fr_12rem] print:text-[0.78rem] print:leading-tight",
                  )}
                >
                  <span>
                    {concern.hazard !== "none" && <b>{concern.hazardName}: </b>}
                    {concern.what}
                  </span>
                  <span className="text-ink-2">
                    <span className="code text-xs print:text-[0.7rem]">
                      {concern.points.length > NAMED
                        ? `${concern.points.length} outlets`
                        : concern.points.map((id) => codes.get(id)).join(" ")}
                    </span>{" "}
                    {concern.clause && `${sheet.house.editionName} ${concern.clause}`}
                  </span>
                </li>
              ))}
            </ul>
            {shown.length < concerns.length && (
              <p className="text-sm text-ink-2">
                And {concerns.length - shown.length} more, with their outlets and on the screen.
              </p>
            )}
          </section>
        );
      })}
    </>
  );
}

/** More outlets than this are counted and not named: the lines of the rooms name them. */
const NAMED = 6;

function OutletLine({ outlet, house, concerns }: { outlet: Outlet; house: HouseHead; concerns: ConcernShown[] }) {
  const way = outlet.distances[0];
  // Gaps stand beside it as verdicts, and advice on the screen.
  const found = concerns.filter(
    (concern) => concern.points.includes(outlet.id) && concern.urgency !== "advice" && concern.cure === null,
  );
  return (
    <div className="break-inside-avoid border-b border-hair py-0.5 text-sm print:text-[0.78rem] print:leading-tight">
      <div
        className={cn(
          "grid items-center gap-x-2 sm:grid-cols-[1.5rem_4rem_1fr_15rem_12rem]",
          "print:grid-cols-[1.1rem_3.2rem_1fr_12.5rem_10.5rem]",
        )}
      >
        <MarkGlyph
          verdict={outlet.gfci.verdict}
          device={outlet.device !== "standard" && outlet.device !== "none"}
          kind={outlet.kind}
          className="h-6 w-auto print:h-5"
        />
        <span className="code">{outlet.code}</span>
        <span>
          <b>{outlet.name}</b>
          {outlet.kind === "receptacle" ? `, ${outlet.amps} A` : `, ${outlet.kindName.toLowerCase()}`}
          {outlet.device !== "none" && `, ${outlet.deviceName}`}
          {outlet.circuit && `, breaker ${outlet.circuit.split(" ")[0]}`}
          {way && `, ${writtenLength(way.ft, house.unit)} from ${way.fixtureName.toLowerCase()} ${way.room}`}
        </span>
        <Side name="GFCI" judged={outlet.gfci} />
        <Side name="AFCI" judged={outlet.afci} />
      </div>
      {found.map((concern) => (
        <p key={concern.id} className="line-clamp-1 pl-2 text-ink-2 print:pl-[4.4rem]">
          {concern.what}
        </p>
      ))}
    </div>
  );
}

function Side({ name, judged }: { name: string; judged: Judged }) {
  return (
    <span className="min-w-0 print:truncate">
      {name} <VerdictWord verdict={judged.verdict} name={judged.verdictName} />{" "}
      <span className="text-ink-2">{judged.demands.map((demand) => demand.clause).join(", ")}</span>
    </span>
  );
}
