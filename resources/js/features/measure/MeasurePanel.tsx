import { type ReactNode, useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { useOutletSheet } from "@/features/house/useOutletSheet";
import { Buttons } from "@/features/outlet/Buttons";
import { MarkPatterns } from "@/features/rooms/OutletMark";
import { Sweep } from "@/features/survey/Sweep";
import type { LookingAt } from "@/features/trips/looking";
import { WouldReadHere } from "@/features/trips/WhichIsIt";
import { clock } from "@/lib/clock";
import { roughLength, type Unit } from "@/lib/length";
import { numberOf } from "@/lib/number";
import type { MeasurePage, Outlet } from "@/types/pages";
import type { Instrument, Lamp } from "@/types/sent";
import { Button } from "@/ui/Button";
import { Choose } from "@/ui/Choose";
import { NotCome } from "@/ui/NotCome";
import { Arrivals } from "./Arrivals";
import { Drift } from "./Drift";
import { LeakageBudget } from "./LeakageBudget";
import { path } from "./plot";
import { TripCurve } from "./TripCurve";

/** No instrument shows more before the point. */
const DIGITS = 6;

const BETWEEN: [Lamp, string][] = [
  ["hn", "hot to neutral"],
  ["hg", "hot to ground"],
  ["ng", "neutral to ground"],
];

interface Props {
  house: HouseInHand;
  outlet: Outlet;
  instruments: Instrument[];
  /** With a call open: what it would look like if a suspect were it. */
  looking: LookingAt | null;
}

/** Instruments at one outlet: what each should show here if all is well, what it did show, and what a difference means. */
export function MeasurePanel({ house, outlet, instruments, looking }: Props) {
  const asked = useOutletSheet<MeasurePage>(house, outlet.id, "measures");
  const measure = asked.sheet;
  const [picked, pick] = useState<string | null>(null);
  if (!measure) return <NotCome what={`what ${outlet.code} should show`} asked={asked} />;
  // The clamp is round the feed unless it was put round another.
  const cable = picked ?? measure.cables[0]?.id ?? null;
  return (
    <div className="flex flex-col gap-3.5">
      <MarkPatterns />
      <header>
        <p className="code text-sm text-ink-2">{outlet.code}</p>
        <h2 className="text-2xl">{outlet.name}</h2>
        <p className="text-ink-2">
          {measure.isFed
            ? `If all is well, at ${measure.supplyVolts} V supply and with what runs now:`
            : "Its run is not known back to a breaker, so nothing can be expected of it yet: trace it first."}
        </p>
      </header>
      <dl className="grid grid-cols-3 border-[1.5px] border-ink">
        {BETWEEN.map(([between, name]) => (
          <div key={between} className="border-hair px-2 py-1.5 not-first:border-l">
            <dt className="text-xs text-ink-2 narrow">{name}</dt>
            <dd className="text-xl font-bold">{measure.volts === null ? "–" : volts(measure.volts[between])}</dd>
            {measure.volts?.[between] === null && <dd className="text-xs text-ink-2 narrow">{measure.floating}</dd>}
            {outlet.takesTester && (
              <dd className="text-xs text-ink-2 narrow">
                {measure.lamps === null ? "not known" : `lamp ${measure.lamps[between] ? "lit" : "dark"}`}
              </dd>
            )}
          </div>
        ))}
      </dl>
      {looking && <WouldReadHere looking={looking} point={outlet.id} />}
      {measure.circuit && <p className="border-t border-hair pt-2">{measure.circuit}.</p>}
      <Meter house={house} outlet={outlet} measure={measure} cable={cable} onCable={pick} />
      <Arrivals house={house} outlet={outlet} cable={cable} />
      {measure.read.length > 0 && (
        <section aria-label="What was read">
          {measure.read.map((line) => (
            <p
              key={`${line.at}${line.read}`}
              className="grid grid-cols-[1fr_auto] gap-2 border-t border-hair py-1 first:border-t-0"
            >
              <span>
                <b>{line.read}</b> {line.expected && <span className="text-ink-2">expected {line.expected}</span>}
                {line.means && <span className="block font-semibold text-bare">{line.means}</span>}
              </span>
              <span className="text-xs text-ink-2">
                {clock(line.at)} {line.who}
              </span>
            </p>
          ))}
        </section>
      )}
      {outlet.takesTester && <Sweep house={house} outlet={outlet} instruments={instruments} />}
      <Buttons house={house} outlet={outlet} instruments={instruments} />
      {measure.budgets.length > 0 && (
        <Section title="Leakage, nothing wrong">
          {measure.budgets.map((budget) => (
            <LeakageBudget key={budget.id} budget={budget} />
          ))}
        </Section>
      )}
      {measure.trips && (
        <Section title="Trip time">
          <TripCurve trips={measure.trips} />
          <Drift tests={measure.trips.tests} />
        </Section>
      )}
      {measure.profile.length > 1 && (
        <Section title="Volts along the run">
          <Profile measure={measure} unit={house.sheet.house.unit} />
        </Section>
      )}
    </div>
  );
}

function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title} className="flex flex-col gap-3 border-t-2 border-ink pt-3">
      <h3 className="text-base">{title}</h3>
      {children}
    </section>
  );
}

/** What floats reads nothing certain. */
function volts(expected: number | null): string {
  return expected === null ? "floats" : `${expected.toFixed(1)} V`;
}

interface MeterProps {
  house: HouseInHand;
  outlet: Outlet;
  measure: MeasurePage;
  cable: string | null;
  onCable: (cable: string) => void;
}

/** A meter or clamp in hand: what it shows is entered where it was held. */
function Meter({ house, outlet, measure, cable, onCable }: MeterProps) {
  const [between, setBetween] = useState<Lamp>("hn");
  const [volts, setVolts] = useState("");
  const [ma, setMa] = useState("");
  const file = (reading: { volts?: number; between?: Lamp; ma?: number; cable?: string }) =>
    void house.send({ path: "readings", point: outlet.id, half: null, instrument: null, ...reading });
  const chosen = measure.cables.find((one) => one.id === cable);
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-2">
        <Choose
          label="Meter between"
          value={between}
          options={BETWEEN.map(([value, label]) => ({ value, label }))}
          onChange={(value) => setBetween(value as Lamp)}
        />
        <Amount label="Volts read" unit="V" value={volts} onChange={setVolts} />
        <Button
          size="small"
          disabled={numberOf(volts, DIGITS) === null}
          onClick={() => {
            file({ volts: numberOf(volts, DIGITS) ?? 0, between });
            setVolts("");
          }}
        >
          File it
        </Button>
      </div>
      {chosen && (
        <div className="flex flex-wrap items-center gap-2">
          <Choose
            label="Clamp round the cable"
            value={chosen.id}
            options={measure.cables.map((one) => ({ value: one.id, label: one.spoken }))}
            onChange={onCable}
          />
          <Amount label="Milliamperes read" unit="mA" value={ma} onChange={setMa} />
          <Button
            size="small"
            disabled={numberOf(ma, DIGITS) === null}
            onClick={() => {
              file({ ma: numberOf(ma, DIGITS) ?? 0, cable: chosen.id });
              setMa("");
            }}
          >
            File it
          </Button>
          <p className="w-full text-sm text-ink-2">
            Clamp hot and neutral together: {chosen.ma.toFixed(2)} mA expected, hot alone{" "}
            {chosen.hotMa < 1000 ? `${chosen.hotMa.toFixed(1)} mA` : `${(chosen.hotMa / 1000).toFixed(1)} A`}.{" "}
            <b className="text-bare">Live work:</b> box open, rated gloves and glasses.
          </p>
        </div>
      )}
    </div>
  );
}

interface AmountProps {
  label: string;
  unit: string;
  value: string;
  onChange: (value: string) => void;
}

function Amount({ label, unit, value, onChange }: AmountProps) {
  return (
    <span className="flex items-center gap-1">
      <input
        aria-label={label}
        aria-invalid={value !== "" && numberOf(value, DIGITS) === null}
        inputMode="decimal"
        value={value}
        onChange={(event) => onChange(event.target.value)}
        className="min-h-9 w-20 border-[1.5px] border-edge bg-raised px-2 text-right font-bold aria-invalid:border-bare max-lg:min-h-12"
      />
      <span className="text-sm text-ink-2">{unit}</span>
    </span>
  );
}

/** Volts falling along the run, by the length from the panel. */
function Profile({ measure: { profile, supplyVolts }, unit }: { measure: MeasurePage; unit: Unit }) {
  const most = Math.max(1, ...profile.map((at) => at.ft));
  const least = Math.min(...profile.map((at) => at.volts), supplyVolts - 1);
  const x = (ft: number) => 8 + (ft / most) * 270;
  const y = (volts: number) => 12 + ((supplyVolts - volts) / (supplyVolts - least)) * 44;
  const last = profile.at(-1);
  const drop = last ? (100 * (supplyVolts - last.volts)) / supplyVolts : 0;
  return (
    <figure>
      <svg
        viewBox="0 0 300 84"
        className="block w-full"
        role="img"
        aria-label={`${last?.volts.toFixed(1)} V at ${last?.code}, ${drop.toFixed(1)} % below the supply`}
      >
        <path
          d={path([{ x: x(0), y: y(supplyVolts) }, ...profile.map((at) => ({ x: x(at.ft), y: y(at.volts) }))])}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
        />
        {profile.map((at) => (
          <g key={at.code}>
            <circle cx={x(at.ft)} cy={y(at.volts)} r={3.5} fill="var(--ink)" />
            <text x={x(at.ft)} y={80} textAnchor="middle" fontSize={10} className="code" fill="var(--ink-2)">
              {at.code.split("-").pop()}
            </text>
          </g>
        ))}
      </svg>
      <figcaption className="text-sm text-ink-2">
        {last?.volts.toFixed(1)} V after {roughLength(most, unit)}, {drop.toFixed(1)} % below the supply with what runs
        now.
      </figcaption>
    </figure>
  );
}
