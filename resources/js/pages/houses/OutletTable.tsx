import { router } from "@inertiajs/react";
import { useState } from "react";
import { Paper } from "@/features/shell/Paper";
import { post } from "@/lib/api";
import { Button } from "@/ui/Button";
import { Choose } from "@/ui/Choose";
import { TakeFile } from "@/ui/TakeFile";

interface Props {
  house: { id: string; name: string; revision: number };
  columns: string[];
}

interface Reading {
  headings: string[];
  columns: (string | null)[];
  ready: number;
  rows: number;
  faults: { row: number; column: string; message: string }[];
}

const NOT_TAKEN = "-";

/** Outlets to a spreadsheet and back: the table is read first, and says row by row what it could not make out. */
export default function OutletTable({ house, columns }: Props) {
  const [csv, setCsv] = useState<string | null>(null);
  const [mapping, setMapping] = useState<Record<number, string>>({});
  const [reading, setReading] = useState<Reading | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const url = `/houses/${house.id}/outlets`;

  const read = async (text: string, columnsOf: Record<number, string>) => {
    setCsv(text);
    setMapping(columnsOf);
    setSaid(null);
    const reply = await post<Reading>(`${url}/read`, { csv: text, mapping: columnsOf });
    if (reply.kind === "done") setReading(reply.body);
    else setSaid(reply.kind === "refused" ? reply.message : "The server cannot be reached.");
  };
  const take = async (skipBadRows: boolean) => {
    const reply = await post(url, { csv, mapping, revision: house.revision, skip_bad_rows: skipBadRows });
    if (reply.kind === "done") router.visit(`/houses/${house.id}`);
    else if (reply.kind === "refused") setSaid(reply.message);
    else
      setSaid(
        "Nothing was taken in: the house was changed meanwhile, or the server cannot be reached. Reload and try again.",
      );
  };
  const options = [
    { value: NOT_TAKEN, label: "not taken" },
    ...columns.map((column) => ({ value: column, label: column })),
  ];
  return (
    <Paper
      title="Outlets as a table"
      back={{ href: `/houses/${house.id}`, name: house.name }}
      tools={
        <a
          href={`${url}.csv`}
          download
          className="flex min-h-11 items-center border-[1.5px] border-ink bg-raised px-3.5 font-semibold narrow hover:bg-band"
        >
          Save as CSV
        </a>
      }
    >
      <TakeFile
        className="mt-4"
        label="Take in a CSV"
        accept=".csv,text/csv"
        onFile={async (file) => await read(await file.text(), {})}
      />
      <p className="py-2 text-sm text-ink-2">
        A row whose code is there changes that outlet; a new code adds one. An empty cell says nothing. Nothing is
        stored before you say so.
      </p>
      {said && (
        <p role="alert" className="border-l-[6px] border-bare bg-bare-ground px-3 py-2 font-semibold">
          {said}
        </p>
      )}
      {reading && csv !== null && (
        <>
          <h2 className="mt-3 mb-1 text-xl">Columns</h2>
          <ul className="grid gap-x-6 gap-y-1 sm:grid-cols-2 lg:grid-cols-3">
            {reading.headings.map((heading, place) => (
              <li key={`${heading} ${columnKey(reading, place)}`} className="grid grid-cols-2 items-center gap-2">
                <span className="truncate">{heading}</span>
                <Choose
                  label={`Column ${heading}`}
                  value={reading.columns[place] ?? NOT_TAKEN}
                  options={options}
                  onChange={(column) => void read(csv, { ...mapping, [place]: column })}
                />
              </li>
            ))}
          </ul>
          <p role="status" className="mt-4 text-lg font-bold">
            {reading.ready} of {reading.rows} rows can be read.
          </p>
          {reading.faults.length > 0 && (
            <ul className="my-2 border-l-[6px] border-bare pl-3 text-sm">
              {reading.faults.map((fault) => (
                <li key={`${fault.row} ${fault.column} ${fault.message}`}>
                  <b>
                    Row {fault.row}
                    {fault.column && `, ${fault.column}`}
                  </b>{" "}
                  {fault.message}
                </li>
              ))}
            </ul>
          )}
          <div className="flex flex-wrap gap-3 py-2">
            <Button
              tone="main"
              disabled={reading.faults.length > 0 || reading.ready === 0}
              onClick={() => void take(false)}
            >
              Take in all {reading.rows} rows
            </Button>
            {reading.faults.length > 0 && reading.ready > 0 && (
              <Button onClick={() => void take(true)}>Take in the {reading.ready} that can be read</Button>
            )}
          </div>
        </>
      )}
    </Paper>
  );
}

/** Headings may stand twice: the place tells them apart. */
function columnKey(reading: Reading, place: number): string {
  return `${reading.columns[place] ?? ""} ${place}`;
}
