import type { HouseInHand } from "@/features/house/useHouse";
import { counted } from "@/features/shell/jobs";
import type { ConcernShown, JudgedPage } from "@/types/pages";
import { Button } from "@/ui/Button";
import { NotBegun } from "@/ui/NotBegun";
import { GrantedList } from "./GrantedList";
import { Items } from "./Items";
import { OutletCode } from "./OutletCode";

interface Props {
  house: HouseInHand;
  onSelect: (id: string) => void;
  onTrace: () => void;
  onSurvey: () => void;
}

/** Everything found, by what can hurt first and by what mends it: one line for one concern; each goes to its outlets. */
export function FoundList({ house, onSelect, onTrace, onSurvey }: Props) {
  const { sheet } = house;
  const untraced = sheet.concerns.filter((concern) => concern.trace);
  return (
    <div className="pb-8">
      {sheet.rooms.length === 0 && (
        <NotBegun step="To the survey" onStep={onSurvey}>
          What can hurt, and what the code asks, is found as the outlets are entered: survey a room first.
        </NotBegun>
      )}
      {sheet.rooms.length > 0 && sheet.concerns.length === 0 && (
        <p className="border-t border-hair py-6 text-lg">Nothing found in what is entered.</p>
      )}
      {untraced.map((concern) => (
        <p
          key={concern.id}
          className="mb-3 flex flex-wrap items-center gap-3 border-l-[6px] border-ink bg-band px-3 py-2"
        >
          <span className="flex-1">{concern.what}</span>
          <Button size="small" onClick={onTrace}>
            Trace
          </Button>
        </p>
      ))}
      {grouped(sheet.concerns).map(([name, concerns]) => (
        <section key={name} aria-label={name} className="border-t-2 border-ink pt-2 pb-4">
          <h2 className="mb-1 text-lg">
            {name} <span className="text-ink-2">{concerns.length}</span>
          </h2>
          <ul>
            {concerns.map((concern) => (
              <Line key={concern.id} concern={concern} sheet={sheet} onSelect={onSelect} />
            ))}
          </ul>
        </section>
      ))}
      <GrantedList sheet={sheet} onSelect={onSelect} />
      <Items house={house} onSelect={onSelect} />
    </div>
  );
}

/** Most are read without their outlets: those of one are named, of many shown by a tap. */
const NAMED = 8;

function Line({
  concern,
  sheet,
  onSelect,
}: {
  concern: ConcernShown;
  sheet: JudgedPage;
  onSelect: (id: string) => void;
}) {
  const outlets = sheet.rooms.flatMap((room) => room.outlets).filter((outlet) => concern.points.includes(outlet.id));
  const codes = outlets.map((outlet) => <OutletCode key={outlet.id} outlet={outlet} onSelect={onSelect} />);
  return (
    <li className="grid items-start gap-x-3 border-t border-hair py-2 lg:grid-cols-[4.5rem_1fr_13rem]">
      <b className={concern.urgency === "danger" ? "text-bare narrow" : "text-ink-2 narrow"}>
        {concern.hazard === "none" ? "" : concern.hazardName}
      </b>
      <div>
        <p>{concern.what}</p>
        {concern.cure && <p className="text-ink-2">{concern.cure}</p>}
        {concern.clause && (
          <p className="text-sm text-ink-2">
            {sheet.house.editionName} {concern.clause}
          </p>
        )}
      </div>
      {outlets.length <= NAMED ? (
        <span className="flex flex-wrap">{codes}</span>
      ) : (
        <details>
          <summary className="min-h-11 cursor-pointer py-2.5 font-semibold narrow max-lg:min-h-12">
            {counted(outlets.length, "outlet")}
          </summary>
          <span className="flex flex-wrap">{codes}</span>
        </details>
      )}
    </li>
  );
}

/** What is mended by tracing has its own line above. */
export function grouped(concerns: ConcernShown[]): [string, ConcernShown[]][] {
  const groups = new Map<string, ConcernShown[]>();
  for (const concern of concerns.filter((one) => !one.trace))
    groups.set(concern.urgencyName, [...(groups.get(concern.urgencyName) ?? []), concern]);
  return [...groups];
}
