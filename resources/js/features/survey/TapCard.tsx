import { useState } from "react";
import { STEP, type Unit, writtenLength } from "@/lib/length";
import type { Room } from "@/types/pages";
import type { Option } from "@/types/sent";
import { Button } from "@/ui/Button";
import { Tap } from "@/ui/Taps";
import type { Draft } from "./useTapped";

interface Props {
  room: Room;
  draft: Draft;
  /** The code it will get, and whether another waits behind it. */
  code: string;
  more: boolean;
  unit: Unit;
  devices: Option[];
  /** Sends nothing while the one before is on its way. */
  busy: boolean;
  onChange: (some: Partial<Draft>) => void;
  onRight: () => void;
  onStrike: () => void;
  onClose: () => void;
}

/** Where a length begins that nobody has guessed. */
const FIRST_FT = 3;

/** The devices that are met with every day; the others are behind "more". */
const COMMON = ["standard", "gfci"];

/** One outlet by taps: how far, what rating, which device; or not there. What was true of the one before goes without a tap. */
export function TapCard(props: Props) {
  const { room, draft, code, more, unit, devices, busy, onChange } = props;
  const [all, showAll] = useState(false);
  const water = room.fixtures.find((one) => one.id === draft.fixture) ?? room.fixtures[0];
  const kind = draft.kind ?? draft.usualKind;
  const isReceptacle = kind === "receptacle";
  const by = unit === "m" ? "ten centimetres" : "half a foot";
  const step = (way: 1 | -1) => {
    if (!water) return;
    const ft = draft.ft === null ? FIRST_FT : Math.max(0, Math.round((draft.ft + way * STEP[unit]) * 1000) / 1000);
    onChange({ fixture: water.id, ft });
  };
  const shown = all
    ? devices.filter((device) => device.value !== "none")
    : devices.filter((device) => COMMON.includes(device.value));
  return (
    <section
      aria-label={`${code} by taps`}
      className="my-2 border-2 border-focus bg-raised p-3 max-lg:mx-0 lg:ml-[9.5rem] lg:max-w-xl"
    >
      <p className="mb-2 text-lg font-bold narrow">
        <span className="code text-base">{code}</span> {draft.name}
        {water && draft.ft !== null && (
          <span className="font-normal text-ink-2">
            , {writtenLength(draft.ft, unit)} from the {water.label.toLowerCase()}
          </span>
        )}
      </p>
      <div className="grid grid-cols-4 gap-1.5">
        {water && (
          <>
            <Tap pressed={false} label={`Nearer by ${by}`} onTap={() => step(-1)}>
              − {unit === "m" ? "10 cm" : "½′"}
            </Tap>
            <Tap pressed={false} label={`Farther by ${by}`} onTap={() => step(1)}>
              + {unit === "m" ? "10 cm" : "½′"}
            </Tap>
          </>
        )}
        {isReceptacle &&
          draft.ratings.map((amps) => (
            <Tap key={amps} pressed={draft.amps === amps} onTap={() => onChange({ amps })}>
              {amps} A
            </Tap>
          ))}
        {isReceptacle &&
          shown.map((device) => (
            <Tap
              key={device.value}
              pressed={draft.device === device.value}
              onTap={() => onChange({ device: device.value })}
            >
              {device.value === "standard" ? "Plain" : device.label}
            </Tap>
          ))}
        {draft.usual && (
          <Tap pressed={false} disabled={busy} onTap={props.onStrike}>
            Not there
          </Tap>
        )}
        <Tap pressed={all} onTap={() => showAll(!all)}>
          More
        </Tap>
        {all && (
          <>
            <Tap pressed={isReceptacle} className="col-span-2" onTap={() => onChange({ kind: "receptacle" })}>
              Receptacle
            </Tap>
            <Tap pressed={kind === "hardwired"} className="col-span-2" onTap={() => onChange({ kind: "hardwired" })}>
              Hard-wired
            </Tap>
            <Tap pressed={kind === "light"} className="col-span-2" onTap={() => onChange({ kind: "light" })}>
              Light
            </Tap>
            <Tap pressed={false} className="col-span-2" onTap={props.onClose}>
              Leave it
            </Tap>
          </>
        )}
      </div>
      <Button tone="main" className="mt-2 min-h-13 w-full text-base" disabled={busy} onClick={props.onRight}>
        {more ? "Right: the next" : "Right: done"}
      </Button>
    </section>
  );
}
