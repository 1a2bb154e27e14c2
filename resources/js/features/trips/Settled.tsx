import { useState } from "react";
import { percent } from "@/lib/number";
import type { Closing } from "@/types/pages";
import { Button } from "@/ui/Button";
import type { TripsInHand } from "./useTrips";

interface Props {
  trips: TripsInHand;
  closing: Closing;
  probability: number;
  onBox: (point: string) => void;
}

/** The end of the hunt: the cause, what it rests on, repair, proof, and a note for the householder. What is left open gets a date. */
export function Settled({ trips, closing, probability, onBox }: Props) {
  const [done, setDone] = useState<string[]>([]);
  const [note, setNote] = useState("");
  const [left, setLeft] = useState(closing.why ? `Why ${closing.why.spoken} tripped is not known.` : "");
  const [due, setDue] = useState("");
  const [copied, setCopied] = useState(false);
  const tick = (line: string) => setDone(done.includes(line) ? done.filter((one) => one !== line) : [...done, line]);
  const { point } = closing;
  return (
    <section aria-label="Settled" className="flex flex-col gap-3.5">
      <div className="border-2 border-ink">
        <p className="bg-kept px-3 py-1 text-sm font-semibold text-on-ink narrow">Settled, {percent(probability)}</p>
        <div className="px-3 py-2.5">
          <h2 className="text-2xl">{closing.name}</h2>
          {closing.same.length > 0 && (
            <p className="mt-1 text-sm text-ink-2">
              Or, mended in the same way: {closing.same.slice(0, 3).join("; ")}.
            </p>
          )}
          <p className="mt-2 text-sm font-semibold">It rests on</p>
          <ul className="list-disc pl-5 text-sm">
            {closing.for.slice(-4).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </div>
      </div>
      <Lines title="Repair" lines={closing.repair} done={done} onTick={tick} />
      {point !== null && <Button onClick={() => onBox(point)}>Open the box sheet: make it safe there</Button>}
      <Lines title="Proof that it is gone" lines={closing.proof} done={done} onTick={tick} />
      <section aria-label="Note to the householder" className="border-t-2 border-ink pt-2">
        <h3 className="text-base">To the householder</h3>
        <p className="mt-1">{closing.letter}</p>
        <Button
          size="small"
          className="mt-2"
          onClick={() => {
            void navigator.clipboard?.writeText(closing.letter).then(() => setCopied(true));
          }}
        >
          {copied ? "Copied" : "Copy it"}
        </Button>
      </section>
      <form
        aria-label="Close the call"
        className="flex flex-col gap-2 border-t-2 border-ink pt-2"
        onSubmit={(event) => {
          event.preventDefault();
          void trips.close({ note, left, due });
        }}
      >
        <h3 className="text-base">Close the call</h3>
        <Text label="What was done" value={note} onChange={setNote} />
        <Text label="Left open, with an interim state" value={left} onChange={setLeft} />
        <label className="flex items-center gap-2 text-sm">
          <span className="w-24 narrow">Until</span>
          <input
            type="date"
            value={due}
            onChange={(event) => setDue(event.target.value)}
            className="min-h-11 flex-1 border-[1.5px] border-edge bg-raised px-2 max-lg:min-h-12"
          />
        </label>
        <Button type="submit" tone="main" className="min-h-14 text-lg">
          {closing.proof.every((line) => done.includes(line)) ? "Proved: close the call" : "Close without all proofs"}
        </Button>
        {closing.why && (
          <>
            <p className="text-sm">
              That it was reset says nothing of why it tripped. Asked as a call of its own, what hangs on{" "}
              {closing.why.spoken} is suspected next.
            </p>
            <Button
              className="min-h-12"
              onClick={() => closing.why && void trips.close({ note, left: "", due: "", why: closing.why.at })}
            >
              Close it, and ask why it tripped
            </Button>
          </>
        )}
      </form>
    </section>
  );
}

function Text({ label, value, onChange }: { label: string; value: string; onChange: (text: string) => void }) {
  return (
    <label className="block text-sm">
      <span className="narrow">{label}</span>
      <input
        value={value}
        onChange={(event) => onChange(event.target.value)}
        className="min-h-11 w-full border-[1.5px] border-edge bg-raised px-2.5 text-base max-lg:min-h-12"
      />
    </label>
  );
}

interface LinesProps {
  title: string;
  lines: string[];
  done: string[];
  onTick: (line: string) => void;
}

function Lines({ title, lines, done, onTick }: LinesProps) {
  return (
    <section aria-label={title} className="border-t-2 border-ink pt-2">
      <h3 className="text-base">{title}</h3>
      <ul>
        {lines.map((line) => (
          <li key={line} className="border-t border-hair first:border-t-0">
            <label className="flex min-h-11 cursor-pointer items-center gap-3 py-1 max-lg:min-h-12">
              <input
                type="checkbox"
                checked={done.includes(line)}
                onChange={() => onTick(line)}
                className="size-6 shrink-0 accent-(--ink)"
              />
              <span className={done.includes(line) ? "text-ink-2 line-through" : undefined}>{line}</span>
            </label>
          </li>
        ))}
      </ul>
    </section>
  );
}
