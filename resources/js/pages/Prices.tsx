import { router } from "@inertiajs/react";
import { useState } from "react";
import { May } from "@/features/account/May";
import { OwnNumber } from "@/features/account/OwnNumber";
import { Paper } from "@/features/shell/Paper";
import { cn } from "@/lib/cn";
import { Button } from "@/ui/Button";
import { TakeFile } from "@/ui/TakeFile";

interface PriceLine {
  name: string;
  label: string;
  value: number;
  /** Whether it is the crew's own, not ours. */
  isOwn: boolean;
}

interface Props {
  parts: PriceLine[];
  minutes: PriceLine[];
  rate: { value: number; isOwn: boolean };
  licence: string | null;
  /** The day it was last said. */
  since: string | null;
}

/** What parts and time cost a crew: what plans, scopes and offers are priced by. */
export default function Prices({ parts, minutes, rate, licence, since }: Props) {
  const [wrong, setWrong] = useState<string | null>(null);
  const [number, setNumber] = useState(licence ?? "");
  return (
    <Paper title="Prices and minutes" back={{ href: "/houses", name: "Houses" }}>
      <p className="max-w-prose py-4 text-ink-2">
        Plans, scopes and offers are priced by these.{" "}
        {since === null ? "They are ours: round figures." : `Said on ${since}.`} An offer keeps the prices of the day it
        was made.
      </p>
      <May what="settle">
        <div className="flex flex-wrap items-end gap-3 pb-4">
          <a
            href="/prices.csv"
            className={cn(
              "inline-flex min-h-11 items-center border-[1.5px] border-ink px-3.5 font-semibold narrow",
              "hover:bg-band max-lg:min-h-12",
            )}
          >
            Out as a table
          </a>
          <TakeFile
            label="In from a table"
            accept=".csv,text/csv"
            onFile={(table) =>
              router.post(
                "/prices/csv",
                { table },
                {
                  forceFormData: true,
                  preserveScroll: true,
                  preserveState: "errors",
                  onError: (errors) => setWrong(errors.table ?? "The table could not be read."),
                },
              )
            }
          />
          <label className="flex flex-col font-semibold narrow">
            Licence number, as offers name it
            <span className="flex gap-2">
              <input
                value={number}
                onChange={(event) => setNumber(event.target.value)}
                className="min-h-11 border-[1.5px] border-edge bg-raised px-2 max-lg:min-h-12"
              />
              <Button
                disabled={number === (licence ?? "")}
                onClick={() => router.put("/prices", { licence: number }, { preserveScroll: true })}
              >
                Keep
              </Button>
            </span>
          </label>
        </div>
        {wrong && (
          <p role="alert" className="pb-3 font-semibold text-bare">
            {wrong}
          </p>
        )}
        <div className="grid gap-8 lg:grid-cols-2">
          <Table title="Parts, each" list="prices" lines={parts} />
          <div>
            <Table title="Minutes" list="minutes" lines={minutes} />
            <Table title="An hour" list="rate_per_hour" lines={[{ name: "rate", label: "An hour of work", ...rate }]} />
          </div>
        </div>
      </May>
    </Paper>
  );
}

function Table({ title, list, lines }: { title: string; list: string; lines: PriceLine[] }) {
  return (
    <section aria-label={title} className="mb-6">
      <h2 className="border-b-2 border-ink pb-1 text-lg">{title}</h2>
      <ul>
        {lines.map((line) => (
          <OwnNumber
            key={`${line.name} ${line.value}`}
            label={line.label}
            value={line.value}
            own={line.isOwn ? "your own" : null}
            path="/prices"
            body={{ [list]: list === "rate_per_hour" ? true : line.name }}
          />
        ))}
      </ul>
    </section>
  );
}
