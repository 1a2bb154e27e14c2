import type { HouseInHand } from "@/features/house/useHouse";
import { counted } from "@/features/shell/jobs";
import type { CauseShown, JudgedPage } from "@/types/pages";
import { Button } from "@/ui/Button";
import { GrantedList } from "./GrantedList";
import { Items } from "./Items";
import { OutletCode } from "./OutletCode";

interface Props {
  house: HouseInHand;
  onSelect: (id: string) => void;
  onTrace: () => void;
}

/** Everything found, by what can hurt first and by what mends it: one line for one cause; each goes to its outlets. */
export function FoundList({ house, onSelect, onTrace }: Props) {
  const { sheet } = house;
  const untraced = sheet.causes.filter((cause) => cause.trace);
  return (
    <div className="pb-8">
      {sheet.causes.length === 0 && (
        <p className="border-t border-hair py-6 text-lg">
          {sheet.rooms.length === 0 ? "Nothing is surveyed yet: begin with a room." : "Nothing found."}
        </p>
      )}
      {untraced.map((cause) => (
        <p
          key={cause.id}
          className="mb-3 flex flex-wrap items-center gap-3 border-l-[6px] border-ink bg-band px-3 py-2"
        >
          <span className="flex-1">{cause.what}</span>
          <Button size="small" onClick={onTrace}>
            Trace
          </Button>
        </p>
      ))}
      {grouped(sheet.causes).map(([name, causes]) => (
        <section key={name} aria-label={name} className="border-t-2 border-ink pt-2 pb-4">
          <h2 className="mb-1 text-lg">
            {name} <span className="text-ink-2">{causes.length}</span>
          </h2>
          <ul>
            {causes.map((cause) => (
              <Line key={cause.id} cause={cause} sheet={sheet} onSelect={onSelect} />
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

function Line({ cause, sheet, onSelect }: { cause: CauseShown; sheet: JudgedPage; onSelect: (id: string) => void }) {
  const outlets = sheet.rooms.flatMap((room) => room.outlets).filter((outlet) => cause.points.includes(outlet.id));
  const codes = outlets.map((outlet) => <OutletCode key={outlet.id} outlet={outlet} onSelect={onSelect} />);
  return (
    <li className="grid items-start gap-x-3 border-t border-hair py-2 lg:grid-cols-[4.5rem_1fr_13rem]">
      <b className={cause.urgency === "danger" ? "text-bare narrow" : "text-ink-2 narrow"}>
        {cause.hazard === "none" ? "" : cause.hazardName}
      </b>
      <div>
        <p>{cause.what}</p>
        {cause.cure && <p className="text-ink-2">{cause.cure}</p>}
        {cause.clause && (
          <p className="text-sm text-ink-2">
            {sheet.house.editionName} {cause.clause}
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
export function grouped(causes: CauseShown[]): [string, CauseShown[]][] {
  const groups = new Map<string, CauseShown[]>();
  for (const cause of causes.filter((one) => !one.trace))
    groups.set(cause.urgencyName, [...(groups.get(cause.urgencyName) ?? []), cause]);
  return [...groups];
}
