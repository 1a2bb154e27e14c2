import { useState } from "react";
import type { NewReading } from "@/features/house/requests";
import type { HouseInHand } from "@/features/house/useHouse";
import type { BoxPage } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Volts } from "./Volts";
import { isVolts, volts } from "./volts";

interface Props {
  house: HouseInHand;
  box: BoxPage;
  code: string;
  isOff: boolean;
}

/** That the outlet was live before its breaker went off: without it 0 V proves nothing. */
export function ReadLive({ house, box, code, isOff }: Props) {
  const [read, setRead] = useState<Record<string, string>>({});
  const file = async (readings: Omit<NewReading, "point" | "instrument">[]) => {
    for (const reading of readings)
      await house.send({ path: "readings", point: box.point, instrument: null, ...reading });
  };
  if (isOff) {
    return (
      <p className="text-sm">
        Nothing is filed that shows {code} live before. Turn it on again and read it, or take one of the other ways in
        step 3.
      </p>
    );
  }
  const filled = box.halves.filter((half) => isVolts(read[half ?? ""] ?? ""));
  return (
    <div className="flex flex-col gap-2">
      <p className="text-sm text-ink-2">
        A tripped device upstream reads 0 V whether the breaker is off or on. Only live, then off, then dead is a proof.
        Hot to neutral:
      </p>
      <div className="flex flex-wrap items-end gap-2">
        {box.halves.map((half) => (
          <div key={half ?? ""} className="w-24">
            <span aria-hidden className="text-xs text-ink-2 narrow">
              {half === null ? "at the device" : `${half} half`}
            </span>
            <Volts
              label={`${half === null ? "" : `${half} half, `}with the breaker on`}
              value={read[half ?? ""] ?? ""}
              onChange={(value) => setRead({ ...read, [half ?? ""]: value })}
            />
          </div>
        ))}
        <Button
          tone="main"
          disabled={filled.length === 0}
          onClick={() =>
            void file(filled.map((half) => ({ half, volts: volts(read[half ?? ""] ?? ""), between: "hn" as const })))
          }
        >
          File it
        </Button>
      </div>
      <Button size="small" onClick={() => void file([{ half: null, lit: true }])}>
        A light or tester in it is lit
      </Button>
      <Button
        size="small"
        onClick={() => void file(box.halves.map((half) => ({ half, volts: 0, between: "hn" as const })))}
      >
        It reads nothing already, with the breaker on
      </Button>
      {box.ways.some((one) => one.way === "line_terminals") && box.liveWork && <AtLine house={house} box={box} />}
    </div>
  );
}

/** A device that has tripped or failed is live behind its face: read at its LINE terminals. */
function AtLine({ house, box }: Pick<Props, "house" | "box">) {
  const [read, setRead] = useState("");
  return (
    <details className="border-t border-hair pt-1">
      <summary className="cursor-pointer text-sm font-semibold narrow max-lg:min-h-12 max-lg:pt-3">
        Its face is dead: read LINE
      </summary>
      <p className="my-1 border-l-4 border-bare bg-bare-ground px-2 py-1 text-sm">
        <b className="text-bare">Live work.</b> Plate off, the device still in. Finger-safe probes on the LINE screws,
        rated gloves, glasses, one hand; nothing is pulled out.
      </p>
      <div className="flex items-end gap-2">
        <div className="w-28">
          <Volts label="LINE terminals, with the breaker on" value={read} onChange={setRead} />
        </div>
        <Button
          size="small"
          disabled={!isVolts(read)}
          onClick={() =>
            void house.send({
              path: "readings",
              point: box.point,
              half: null,
              instrument: null,
              volts: volts(read),
              between: box.grounded ? "hg" : "hn",
              terminals: "line",
            })
          }
        >
          File LINE
        </Button>
      </div>
    </details>
  );
}
