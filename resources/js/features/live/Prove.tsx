import { useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import type { BoxPage, Place, Way } from "@/types/pages";

import { Button } from "@/ui/Button";
import { Segments } from "@/ui/Segments";
import { Glows } from "./Glows";
import { Volts } from "./Volts";
import { isVolts, volts } from "./volts";

const LOW = "low";
const WAYS: Record<Way["way"], string> = {
  seen_live: "It was read live before",
  line_terminals: "Its LINE was read live before",
  reference: "It can not be seen live",
};
const CONDUCTORS: Record<Place["between"], string> = {
  hn: "hot to neutral",
  hg: "hot to ground",
  ng: "neutral to ground",
  hr: "hot to lead",
  nr: "neutral to lead",
};

interface Props {
  house: HouseInHand;
  box: BoxPage;
  code: string;
}

/** The readings of a proof, by the way that makes them one. What was typed stays until it is taken. */
export function Prove({ house, box, code }: Props) {
  const open = box.ways.find((one) => one.nothing === null) ?? box.ways[0];
  const [chosen, choose] = useState<Way["way"] | null>(null);
  const way = box.ways.find((one) => one.way === chosen) ?? open;
  if (!way) return null;
  return (
    <div>
      {box.seenLive === null && (
        <Segments
          label="What makes it a proof"
          value={way.way}
          options={box.ways.map((one) => [one.way, WAYS[one.way]])}
          onChange={choose}
        />
      )}
      {way.nothing === null ? (
        <Readings key={way.way} house={house} box={box} way={way} />
      ) : (
        <NoProof house={house} box={box} way={way} code={code} />
      )}
      <Glows house={house} point={box.point} />
    </div>
  );
}

/** Why readings would prove nothing now, and what does. */
function NoProof({ house, box, way, code }: Props & { way: Way }) {
  const waits = house.sheet.live.filter((one) => box.breakers.some((breaker) => breaker.id === one.id && one.waits));
  return (
    <div className="mt-2 border-l-4 border-bare bg-bare-ground px-3 py-2">
      <p className="font-semibold">{way.nothing}.</p>
      {way.way !== "reference" && waits.length === 0 && (
        <div className="mt-1.5 flex flex-wrap gap-2">
          {box.breakers
            .filter((breaker) => breaker.off)
            .map((breaker) => (
              <Button key={breaker.id} size="small" onClick={() => house.turn(breaker.id, true)}>
                I turned {breaker.spoken} on again, to read {code} live
              </Button>
            ))}
        </div>
      )}
      {way.way === "reference" && (
        <p className="mt-1 text-sm">Turn them off in the live bar above, or the main, and come back here.</p>
      )}
    </div>
  );
}

function Readings({ house, box, way }: { house: HouseInHand; box: BoxPage; way: Way }) {
  const [before, setBefore] = useState("");
  const [after, setAfter] = useState("");
  const [meter, setMeter] = useState<"low" | "high">(LOW);
  const [read, setRead] = useState<Record<string, string>>({});
  const all = way.toRead.every((place) => isVolts(read[place.spoken] ?? ""));
  const ready = isVolts(before) && isVolts(after) && all;
  const known = way.reference ? "A known live point, hot to the reference lead" : "A known live point";
  const again = way.reference ? "The same again, hot to the reference lead" : "The known live point again";
  const send = () =>
    void house.send({
      path: "proofs",
      point: box.point,
      way: way.way,
      reference: way.reference,
      live_before: volts(before),
      live_after: volts(after),
      low_z: meter === LOW,
      readings: way.toRead.map((place) => ({
        half: place.half,
        pair: place.pair,
        terminals: place.terminals,
        between: place.between,
        volts: volts(read[place.spoken] ?? "") ?? 0,
      })),
    });
  return (
    <div className="mt-2">
      {way.reference && (
        <p className="mb-2 text-sm">
          Bring a grounded lead from outside this box, and prove it on a live point first: hot to neutral alone says
          nothing where the neutral may be open.
        </p>
      )}
      <Segments
        label="Meter"
        value={meter}
        options={[
          ["low", "low impedance"],
          ["high", "high impedance"],
        ]}
        onChange={setMeter}
      />
      <ol className="mt-2 flex flex-col gap-2">
        <KnownLive label={known} value={before} onChange={setBefore} />
        {places(way.toRead).map(([where, inPlace]) => (
          <li key={where} className="border-t border-hair pt-1">
            <p className="narrow">{where}</p>
            <div className="grid grid-cols-3 gap-1.5">
              {inPlace.map((place) => (
                <div key={place.between} className="flex flex-col text-xs text-ink-2 narrow">
                  <span aria-hidden>{CONDUCTORS[place.between]}</span>
                  <Volts
                    label={place.spoken}
                    value={read[place.spoken] ?? ""}
                    onChange={(value) => setRead({ ...read, [place.spoken]: value })}
                  />
                </div>
              ))}
            </div>
          </li>
        ))}
        <KnownLive label={again} value={after} onChange={setAfter} />
      </ol>
      <div className="mt-2 flex flex-wrap gap-2">
        {!all && (
          <Button
            onClick={() =>
              setRead(Object.fromEntries(way.toRead.map((place) => [place.spoken, read[place.spoken] || "0"])))
            }
          >
            The rest read 0
          </Button>
        )}
        <Button tone="main" className="flex-1" disabled={!ready} onClick={send}>
          File these readings
        </Button>
      </div>
    </div>
  );
}

/** By half, terminals or pair: the meter stays where it is for all three. */
function places(toRead: Place[]): [string, Place[]][] {
  const found = new Map<string, Place[]>();
  for (const place of toRead) {
    const where = place.half
      ? `${place.half} half`
      : place.pair
        ? `pair ${place.pair}`
        : place.terminals
          ? `${place.terminals.toUpperCase()} terminals`
          : "at the device";
    found.set(where, [...(found.get(where) ?? []), place]);
  }
  return [...found];
}

function KnownLive({ label, value, onChange }: { label: string; value: string; onChange: (value: string) => void }) {
  return (
    <li className="flex items-center gap-2 border-t border-hair pt-1 first:border-t-0">
      <span className="flex-1 narrow">{label}</span>
      <div className="w-24">
        <Volts label={label} value={value} onChange={onChange} />
      </div>
    </li>
  );
}
