import { useState } from "react";
import type { Patch } from "@/features/house/requests";
import type { PluggedIn as Appliance, Outlet } from "@/types/pages";
import type { Option } from "@/types/sent";
import { Button } from "@/ui/Button";
import { Choose } from "@/ui/Choose";

interface Props {
  appliances: Outlet["appliances"];
  /** What is usually plugged in here: one tap each. */
  usual: Outlet["usual"];
  onPlugIn: (name: string) => void;
  classes: Option[];
  onChange: (changes: Patch[]) => void;
}

/** What hangs on the outlet: on or off, pulled with one tap, and what is usual there plugged in with one. */
export function PluggedIn({ appliances, usual, onPlugIn, classes, onChange }: Props) {
  const set = (id: string, fields: Record<string, unknown>) => onChange([{ in: "appliances", id, set: fields }]);
  return (
    <>
      {appliances.length > 0 && (
        <ul aria-label="Plugged in" className="mt-3 border-t border-hair">
          {appliances.map((appliance) => (
            <li key={appliance.id} className="flex flex-wrap items-center gap-x-2 border-b border-hair py-1">
              <span className="min-w-0 flex-1">
                <b>{appliance.name}</b>
                <span className="text-sm text-ink-2">
                  {appliance.watts !== null && ` ${appliance.watts} W`}
                  {appliance.critical && ", spoils something"}
                </span>
              </span>
              <Button
                size="small"
                tone={appliance.on ? "main" : "plain"}
                aria-pressed={appliance.on}
                aria-label={`${appliance.name} on`}
                onClick={() => set(appliance.id, { on: !appliance.on })}
              >
                {appliance.on ? "on" : "off"}
              </Button>
              <Button size="small" tone="bare" className="underline" onClick={() => set(appliance.id, { at: null })}>
                Unplug
              </Button>
              <details className="w-full">
                <summary className="cursor-pointer text-sm text-ink-2 max-lg:min-h-12 max-lg:pt-3">
                  Leaks {appliance.leakMa.toFixed(2)} mA{" "}
                  {appliance.measured ? "as clamped" : appliance.class === null ? "" : "as its kind does"}
                </summary>
                <Leakage appliance={appliance} classes={classes} onSet={(fields) => set(appliance.id, fields)} />
              </details>
            </li>
          ))}
        </ul>
      )}
      <div className="mt-2 flex flex-wrap items-center gap-1.5">
        <span className="w-full text-sm text-ink-2">Plugged in here? What it usually draws is taken.</span>
        {usual.map((one) => (
          <Button key={one.name} size="small" onClick={() => onPlugIn(one.name)}>
            + {one.name}
          </Button>
        ))}
      </div>
    </>
  );
}

interface LeakageProps {
  appliance: Appliance;
  classes: Option[];
  onSet: (fields: Record<string, unknown>) => void;
}

const UNKNOWN = "";

/** What kind it is, or what a leakage clamp showed. A clamp tells no phase: it counts as in phase, which is the worse. */
function Leakage({ appliance, classes, onSet }: LeakageProps) {
  const [ma, setMa] = useState("");
  const good = /^\d{1,2}([.,]\d+)?$/.test(ma.trim());
  return (
    <div className="flex flex-wrap items-center gap-2 pb-1.5">
      <Choose
        label={`Kind of ${appliance.name}`}
        value={appliance.class ?? UNKNOWN}
        options={[{ value: UNKNOWN, label: "kind not said" }, ...classes]}
        onChange={(value) => onSet({ class: value === UNKNOWN ? null : value })}
      />
      <input
        aria-label={`Clamped leakage of ${appliance.name}`}
        aria-invalid={ma !== "" && !good}
        inputMode="decimal"
        placeholder="mA"
        value={ma}
        onChange={(event) => setMa(event.target.value)}
        className="min-h-9 w-16 border-[1.5px] border-edge bg-raised px-2 text-right aria-invalid:border-bare max-lg:min-h-12"
      />
      <Button
        size="small"
        disabled={!good}
        onClick={() => {
          onSet({ leakage: { resistive_ma: Number(ma.trim().replace(",", ".")), capacitive_ma: 0 }, measured: true });
          setMa("");
        }}
      >
        Clamped
      </Button>
      {appliance.measured && (
        <Button size="small" tone="bare" className="underline" onClick={() => onSet({ leakage: null, measured: null })}>
          As its kind
        </Button>
      )}
    </div>
  );
}
