import { useState } from "react";
import type { Breaker, CallShown, Room, SymptomKind, SymptomWhen } from "@/types/pages";
import type { NewCall } from "@/types/sent";

import { Button } from "@/ui/Button";
import { LabelledChoose } from "@/ui/Choose";
import { Taps } from "@/ui/Taps";
import { KINDS, WHENS } from "./words";

interface Props {
  rooms: Room[];
  live: Breaker[];
  /** What was told before, when it is told again. */
  call: CallShown | null;
  onTell: (call: NewCall) => void;
  onCancel: (() => void) | null;
}

/** A call in taps: what is wrong, where, when, what was running; and the customer's own words. */
export function CallForm({ rooms, live, call, onTell, onCancel }: Props) {
  const [kind, setKind] = useState<SymptomKind>(call?.kind ?? "trips");
  const [at, setAt] = useState(call?.at ?? "");
  const [when, setWhen] = useState<SymptomWhen>(call?.when ?? "unknown");
  const [running, setRunning] = useState<string[]>(call?.running ?? []);
  const [words, setWords] = useState(call?.words ?? "");
  const outlets = rooms.flatMap((room) => room.outlets);
  const devices = outlets.filter((outlet) => outlet.age !== null);
  const plugged = outlets.flatMap((outlet) =>
    outlet.appliances.map((one) => ({ id: one.id, name: `${one.name}, ${outlet.code}` })),
  );
  const places = [
    ...devices.map((outlet) => ({ value: outlet.id, label: `${outlet.code} ${outlet.name}, device` })),
    ...live.map((breaker) => ({ value: breaker.id, label: `Breaker ${breaker.slot} ${breaker.label}` })),
    ...outlets
      .filter((outlet) => outlet.age === null)
      .map((outlet) => ({ value: outlet.id, label: `${outlet.code} ${outlet.name}` })),
  ];
  return (
    <form
      aria-label="What the customer says"
      className="flex max-w-2xl flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (at !== "") onTell({ kind, at, when, running, words });
      }}
    >
      <Taps
        legend="What is wrong"
        options={Object.entries(KINDS) as [SymptomKind, string][]}
        chosen={[kind]}
        onTap={setKind}
      />
      <LabelledChoose
        label="Which device, breaker or outlet"
        value={at}
        options={[...(at === "" ? [{ value: "", label: "Choose it" }] : []), ...places]}
        onChange={setAt}
      />
      <Taps legend="When" options={Object.entries(WHENS) as [SymptomWhen, string][]} chosen={[when]} onTap={setWhen} />
      {plugged.length > 0 && (
        <Taps
          legend="What was running"
          options={plugged.map((one) => [one.id, one.name])}
          chosen={running}
          onTap={(id) => setRunning(running.includes(id) ? running.filter((one) => one !== id) : [...running, id])}
        />
      )}
      <label className="block">
        <span className="font-semibold narrow">In the customer's words</span>
        <textarea
          rows={2}
          value={words}
          onChange={(event) => setWords(event.target.value)}
          placeholder="Goes off now and then, mostly at night"
          className="mt-1 w-full border-[1.5px] border-edge bg-raised px-3 py-2"
        />
      </label>
      <div className="flex gap-2">
        <Button type="submit" tone="main" className="min-h-14 flex-1 text-lg" disabled={at === ""}>
          {call === null ? "Who is suspected?" : "Keep it so"}
        </Button>
        {onCancel !== null && <Button onClick={onCancel}>Leave it</Button>}
      </div>
    </form>
  );
}
