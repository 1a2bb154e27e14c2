import { useEffect, useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { get } from "@/lib/api";
import type { BoxSheet } from "@/types/box";
import type { Candidate, ToRead } from "@/types/live";
import { Button } from "@/ui/Button";
import { Segments } from "@/ui/Segments";
import type { HuntInHand } from "./usePulse";

interface Props {
  house: HouseInHand;
  hunt: HuntInHand;
  box: BoxSheet;
  code: string;
}

/** Breaker off, then proved dead at this point: known live, every half or pair, known live again. */
export function MakeSafe({ house, hunt, box, code }: Props) {
  const off = box.breakers.length > 0 && box.breakers.every((breaker) => breaker.off);
  const anyOff = house.sheet.live.some((breaker) => breaker.off);
  if (box.handsOn.allowed) {
    return (
      <section className="border-l-4 border-kept bg-kept-ground px-3 py-2">
        <p className="font-semibold">{box.handsOn.why}</p>
        <p className="text-sm">It holds at this point only, and only while the breaker stays off.</p>
      </section>
    );
  }
  return (
    <section aria-label={`Make ${code} safe`} className="border-l-4 border-bare px-3 py-1">
      <h3 className="text-base">Make it safe</h3>
      <p className="mb-2">{box.handsOn.why}</p>
      {box.breakers.length > 0 ? (
        <div className="flex flex-wrap gap-2">
          {box.breakers
            .filter((breaker) => !breaker.off)
            .map((breaker) => (
              <Button key={breaker.id} tone="main" onClick={() => house.turn(breaker.id, false)}>
                Breaker {breaker.spoken} is off
              </Button>
            ))}
        </div>
      ) : (
        <Which house={house} hunt={hunt} point={box.point} />
      )}
      {(off || (box.breakers.length === 0 && anyOff)) && <Prove house={house} box={box} code={code} />}
      {off && (
        <details className="mt-2 border-t border-hair pt-1">
          <summary className="cursor-pointer font-semibold narrow max-lg:min-h-12 max-lg:pt-3">
            It still reads live with that breaker off
          </summary>
          <p className="my-1 text-sm">Then it is on another one, or on two. Treat it as live and find it.</p>
          <Which house={house} hunt={hunt} point={box.point} />
        </details>
      )}
    </section>
  );
}

/** Which breaker it may be, and two phones to find it. */
function Which({ house, hunt, point }: { house: HouseInHand; hunt: HuntInHand; point: string }) {
  const [candidates, setCandidates] = useState<Candidate[]>([]);
  const { id, revision } = house.sheet.house;
  useEffect(() => {
    // Asked anew when the house has changed: what was seen rules breakers out.
    if (revision < 0) return;
    void get<Candidate[]>(`/houses/${id}/outlets/${encodeURIComponent(point)}/breakers`).then((reply) => {
      if (reply.kind === "done") setCandidates(reply.body);
    });
  }, [id, point, revision]);
  return (
    <>
      <Button tone="main" className="w-full" onClick={() => hunt.begin(point)}>
        A light is lit in it: find its breaker
      </Button>
      <ul className="mt-2">
        {candidates.slice(0, 4).map((one) => (
          <li key={one.id} className="flex gap-2 border-t border-hair py-1">
            <b className="w-10 narrow">{one.slot}</b>
            <span>
              {one.label} <span className="text-sm text-ink-2">{one.reasons.join(", ")}</span>
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}

const LOW = "low";
const CONDUCTORS = { hn: "hot to neutral", hg: "hot to ground", ng: "neutral to ground" } as const;

function Prove({ house, box, code }: { house: HouseInHand; box: BoxSheet; code: string }) {
  const [before, setBefore] = useState("");
  const [after, setAfter] = useState("");
  const [meter, setMeter] = useState<"low" | "high">(LOW);
  const [read, setRead] = useState<Record<string, string>>({});
  const all = box.toRead.every((place) => isVolts(read[place.spoken] ?? ""));
  const ready = isVolts(before) && isVolts(after) && all;
  const send = async () => {
    const taken = await house.send({
      path: "proofs",
      point: box.point,
      live_before: volts(before),
      live_after: volts(after),
      low_z: meter === LOW,
      readings: box.toRead.map((place) => ({
        half: place.half,
        pair: place.pair,
        between: place.between,
        volts: volts(read[place.spoken] ?? "") ?? 0,
      })),
    });
    // Readings that were not good enough are taken again, from the known live point on.
    if (taken === null) setRead({});
  };
  return (
    <div className="mt-3 border-t border-hair pt-2">
      <h4 className="mb-1 font-bold narrow">
        Prove {code} dead, below {box.limitVolts} V
      </h4>
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
        <KnownLive label="A known live point" value={before} onChange={setBefore} />
        {places(box.toRead).map(([where, inPlace]) => (
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
        <KnownLive label="The known live point again" value={after} onChange={setAfter} />
      </ol>
      <div className="mt-2 flex flex-wrap gap-2">
        {!all && (
          <Button
            onClick={() =>
              setRead(Object.fromEntries(box.toRead.map((place) => [place.spoken, read[place.spoken] || "0"])))
            }
          >
            The rest read 0
          </Button>
        )}
        <Button tone="main" className="flex-1" disabled={!ready} onClick={() => void send()}>
          Proved dead
        </Button>
      </div>
    </div>
  );
}

/** By half or pair: the meter stays where it is for all three. */
function places(toRead: ToRead[]): [string, ToRead[]][] {
  const found = new Map<string, ToRead[]>();
  for (const place of toRead) {
    const where = place.half ? `${place.half} half` : place.pair ? `pair ${place.pair}` : "at the device";
    found.set(where, [...(found.get(where) ?? []), place]);
  }
  return [...found];
}

interface VoltsProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
}

function KnownLive({ label, value, onChange }: VoltsProps) {
  return (
    <li className="flex items-center gap-2 border-t border-hair pt-1 first:border-t-0">
      <span className="flex-1 narrow">{label}</span>
      <div className="w-24">
        <Volts label={label} value={value} onChange={onChange} />
      </div>
    </li>
  );
}

function Volts({ label, value, onChange }: VoltsProps) {
  return (
    <span className="flex items-center gap-1">
      <input
        aria-label={`Volts, ${label}`}
        aria-invalid={value !== "" && !isVolts(value)}
        inputMode="decimal"
        value={value}
        onChange={(event) => onChange(event.target.value)}
        className="min-h-10 w-full min-w-0 border-[1.5px] border-edge bg-raised px-2 text-right text-lg font-bold text-ink aria-invalid:border-bare max-lg:min-h-12"
      />
      <span className="text-sm text-ink-2">V</span>
    </span>
  );
}

function isVolts(text: string): boolean {
  return /^\d{1,3}([.,]\d+)?$/.test(text.trim());
}

function volts(text: string): number | null {
  return isVolts(text) ? Number(text.trim().replace(",", ".")) : null;
}
