import { useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import type { Outlet, TesterReading } from "@/types/pages";
import type { Instrument, Lamp } from "@/types/sent";
import { Button } from "@/ui/Button";
import { Choose } from "@/ui/Choose";
import { Segments } from "@/ui/Segments";
import { CouldRead } from "./CouldRead";
import { DARK, LAMPS, LampGlyph, LampTaps } from "./LampTaps";

interface Props {
  house: HouseInHand;
  outlet: Outlet;
  instruments: Instrument[];
}

/** The test sweep at one outlet: tap the lamps as they stand on the tester in your hand, and it says what they mean. */
export function Sweep({ house, outlet, instruments }: Props) {
  const [instrumentId, setInstrument] = useState(instruments[0]?.id ?? "");
  const [half, setHalf] = useState<"top" | "bottom">("top");
  const [lamps, setLamps] = useState(DARK);
  // A row nobody touched says nothing: that no lamp lit is a tap of its own.
  const [touched, setTouched] = useState(false);
  const [volts, setVolts] = useState("");
  const instrument = instruments.find((one) => one.id === instrumentId);
  const file = (shown: Record<Lamp, boolean>) => {
    house.record({
      point: outlet.id,
      half,
      lamps: shown,
      volts: volts.trim() === "" ? null : Number(volts.replace(",", ".")),
      instrument: instrument?.name ?? null,
    });
    setLamps(DARK);
    setTouched(false);
    setVolts("");
    setHalf(half === "top" ? "bottom" : "top");
  };
  const wrongVolts = volts.trim() !== "" && !/^\d{1,3}([.,]\d+)?$/.test(volts.trim());
  return (
    <section className="border-t-2 border-ink pt-3">
      <h3 className="mb-2 text-base">Tester</h3>
      {outlet.readings.map((reading) => (
        <ReadingLine key={reading.half ?? ""} reading={reading} />
      ))}
      {outlet.findings.some((finding) => finding.id === "reads_wrong") && (
        <CouldRead key={house.version} house={house} outlet={outlet} />
      )}
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <Segments
          label="Half"
          value={half}
          options={[
            ["top", "top"],
            ["bottom", "bottom"],
          ]}
          onChange={setHalf}
        />
        {instruments.length > 1 && (
          <Choose
            label="Tester"
            value={instrumentId}
            options={instruments.map((one) => ({ value: one.id, label: one.name }))}
            onChange={setInstrument}
          />
        )}
      </div>
      <fieldset className="mt-2 flex gap-2">
        <legend className="sr-only">Lamps, as they stand on the tester</legend>
        <LampTaps
          order={instrument?.lamps}
          lamps={lamps}
          onChange={(tapped) => {
            setLamps(tapped);
            setTouched(true);
          }}
        />
        <input
          aria-label="Volts"
          aria-invalid={wrongVolts}
          inputMode="decimal"
          placeholder="V"
          value={volts}
          onChange={(event) => setVolts(event.target.value)}
          className="min-h-14 w-16 border-[1.5px] border-edge bg-raised px-2 text-base font-bold aria-invalid:border-bare"
        />
      </fieldset>
      <div className="mt-2 flex gap-2">
        <Button className="flex-1" disabled={wrongVolts} onClick={() => file({ hn: true, hg: true, ng: false })}>
          Reads correct
        </Button>
        <Button className="flex-1" disabled={wrongVolts} onClick={() => file(DARK)}>
          No lamp lit
        </Button>
        <Button tone="main" className="flex-1" disabled={wrongVolts || !touched} onClick={() => file(lamps)}>
          File these lamps
        </Button>
      </div>
    </section>
  );
}

function ReadingLine({ reading }: { reading: TesterReading }) {
  return (
    <div className="border-t border-hair py-1.5 first-of-type:border-t-0">
      <p className="flex flex-wrap items-center gap-x-2">
        {LAMPS.map((lamp) => (
          <LampGlyph key={lamp} lit={reading.lamps[lamp]} />
        ))}
        <b className={reading.isCorrect ? undefined : "text-bare"}>
          {reading.half ? `${reading.half}: ` : ""}
          {reading.means}
        </b>
        {reading.volts !== null && <span className="font-semibold">{reading.volts} V</span>}
      </p>
      {reading.voltsSay && <p className="text-sm font-semibold">{reading.voltsSay}</p>}
      {reading.cannotShow && <p className="text-sm text-ink-2">{reading.cannotShow}</p>}
    </div>
  );
}
