import { useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import type { Item, JudgedPage } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Choose } from "@/ui/Choose";
import { Field } from "@/ui/Field";
import { TakeFile } from "@/ui/TakeFile";
import { OutletCode } from "./OutletCode";

interface Props {
  house: HouseInHand;
  onSelect: (id: string) => void;
}

/** What an inspector wrote, or somebody left for later: each stays open until it is closed with evidence. */
export function Items({ house, onSelect }: Props) {
  const { items } = house.sheet;
  return (
    <section aria-label="To be closed with evidence" className="border-t-2 border-ink pt-2">
      <h2 className="mb-2 text-lg">To be closed with evidence</h2>
      {items.length === 0 && (
        <p className="mb-3 max-w-prose text-ink-2">
          What an inspector wrote down, or what is left for another day, is entered here. It stays open until somebody
          says what shows that it is done.
        </p>
      )}
      <ul>
        {items.map((item) => (
          <li key={item.id} className="border-t border-hair py-2">
            <ItemLine item={item} sheet={house.sheet} onSelect={onSelect} />
            {item.closedAt === null && (
              <Evidence house={house} item={item} onClose={(evidence) => house.closeItem(item.id, evidence)} />
            )}
          </li>
        ))}
      </ul>
      <NewItemForm house={house} />
      <FromTable house={house} />
    </section>
  );
}

/** An inspector's report as a table: its columns are finding, outlet, clause and due. */
function FromTable({ house }: { house: HouseInHand }) {
  const [said, say] = useState<string | null>(null);
  const take = async (file: File) => {
    const taken = await house.send({ path: "items/table", table: await file.text(), source: file.name });
    say(taken === null ? null : `${file.name}: taken`);
  };
  return (
    <div className="mt-3">
      <TakeFile label="An inspection report as a table" accept=".csv,text/csv" onFile={(file) => void take(file)} />
      <p aria-live="polite" className="mt-1 text-sm text-ink-2">
        {said ?? "CSV, a row a finding. Its first row names the columns: finding, outlet, clause, due."}
      </p>
    </div>
  );
}

/** The items as lines to be read, on paper. */
export function ItemLines({ sheet }: { sheet: JudgedPage }) {
  return sheet.items.map((item) => (
    <div key={item.id} className="border-b border-hair py-1 text-sm">
      <ItemLine item={item} sheet={sheet} />
    </div>
  ));
}

function ItemLine({ item, sheet, onSelect }: { item: Item; sheet: JudgedPage; onSelect?: (id: string) => void }) {
  const outlet = sheet.rooms.flatMap((room) => room.outlets).find((one) => one.id === item.point);
  const said = [item.source, item.clause, item.due && `due ${item.due}`, item.who && `entered by ${item.who}`].filter(
    Boolean,
  );
  return (
    <>
      <p className="flex flex-wrap items-baseline gap-x-2">
        <b>{item.closedAt === null ? "Open" : "Closed"}</b>
        <span className={item.closedAt === null ? "" : "text-ink-2"}>{item.text}</span>
        {outlet &&
          (onSelect ? (
            <OutletCode outlet={outlet} onSelect={onSelect} />
          ) : (
            <span className="code text-xs">{outlet.code}</span>
          ))}
      </p>
      {said.length > 0 && <p className="text-sm text-ink-2">{said.join(", ")}</p>}
      {item.closedAt !== null && (
        <p className="text-sm">
          {item.evidence}{" "}
          <span className="text-ink-2">({[item.closedBy, day(item.closedAt)].filter(Boolean).join(", ")})</span>
        </p>
      )}
    </>
  );
}

function day(time: string): string {
  return time.slice(0, 10);
}

interface EvidenceProps {
  house: HouseInHand;
  item: Item;
  onClose: (evidence: string) => void;
}

function Evidence({ house, item, onClose }: EvidenceProps) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState("");
  if (!open) {
    return (
      <Button size="small" className="mt-1" onClick={() => setOpen(true)}>
        Close it
      </Button>
    );
  }
  return (
    <form
      className="mt-1 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() !== "") onClose(text.trim());
      }}
    >
      <div className="min-w-60 flex-1">
        <Field
          label="What shows that it is done"
          value={text}
          autoFocus
          maxLength={1000}
          placeholder="a reading, a photograph, what was put in"
          onChange={(event) => setText(event.target.value)}
        />
      </div>
      {item.point !== null && (
        <>
          <PhotoOf house={house} point={item.point} when="before" />
          <PhotoOf house={house} point={item.point} when="after" />
        </>
      )}
      <Button type="submit" tone="main" disabled={text.trim() === ""}>
        Closed
      </Button>
    </form>
  );
}

/** A photograph of the outlet, noted to be of before or after: both stand in the report. */
function PhotoOf({ house, point, when }: { house: HouseInHand; point: string; when: "before" | "after" }) {
  const [taken, take] = useState(false);
  return (
    <TakeFile
      label={taken ? `Photo ${when}: kept` : `Photo ${when}`}
      accept="image/jpeg,image/png,image/webp"
      className="max-w-60"
      onFile={(file) => void house.photograph(point, file, when).then(() => take(true))}
    />
  );
}

const NOWHERE = "";

function NewItemForm({ house }: { house: HouseInHand }) {
  const [text, setText] = useState("");
  const [source, setSource] = useState("");
  const [point, setPoint] = useState(NOWHERE);
  const [clause, setClause] = useState("");
  const [due, setDue] = useState("");
  const outlets = house.sheet.rooms.flatMap((room) => room.outlets);
  return (
    <form
      className="mt-3 grid items-end gap-2 border-t border-hair pt-3 lg:grid-cols-[1fr_11rem_9rem_8rem_9rem_auto]"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() === "") return;
        house.addItem({
          text: text.trim(),
          source: source.trim() === "" ? null : source.trim(),
          point: point === NOWHERE ? null : point,
          clause: clause.trim() === "" ? null : clause.trim(),
          due: due === "" ? null : due,
        });
        setText("");
        setClause("");
      }}
    >
      <Field
        label="What is to be done"
        value={text}
        maxLength={1000}
        onChange={(event) => setText(event.target.value)}
      />
      <Field
        label="Who asks for it"
        value={source}
        maxLength={200}
        placeholder="inspection, item 4"
        onChange={(event) => setSource(event.target.value)}
      />
      <Choose
        label="Outlet it is about"
        value={point}
        options={[
          { value: NOWHERE, label: "the whole house" },
          ...outlets.map((outlet) => ({ value: outlet.id, label: `${outlet.code} ${outlet.name}` })),
        ]}
        onChange={setPoint}
        className="min-h-12"
      />
      <Field label="Clause" value={clause} maxLength={60} onChange={(event) => setClause(event.target.value)} />
      <Field label="Due" type="date" value={due} onChange={(event) => setDue(event.target.value)} />
      <Button type="submit" className="min-h-12" disabled={text.trim() === ""}>
        Add
      </Button>
    </form>
  );
}
