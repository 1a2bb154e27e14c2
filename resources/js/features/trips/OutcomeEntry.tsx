import { useState } from "react";
import { DARK, LampTaps } from "@/features/survey/LampTaps";
import { cn } from "@/lib/cn";
import { numberOf } from "@/lib/number";
import type { StepCard } from "@/types/pages";
import type { CallReading } from "@/types/sent";
import { Button } from "@/ui/Button";
import { Tap } from "@/ui/Taps";

interface Props {
  card: StepCard;
  disabled: boolean;
  onShowed: (reading: CallReading) => void;
}

/** What a test showed: outcome buttons, lamps to tap, or what a meter reads. */
export function OutcomeEntry({ card, disabled, onShowed }: Props) {
  switch (card.asks) {
    case "lamps":
      return <Lamps disabled={disabled} onShowed={onShowed} />;
    case "volts":
      return <Amount unit="V" label="Volts read" disabled={disabled} onRead={(volts) => onShowed({ volts })} />;
    case "ma":
      return <Amount unit="mA" label="Milliamperes read" disabled={disabled} onRead={(ma) => onShowed({ ma })} />;
    case "trips":
      return <Amount unit="trips" label="Trips in all" disabled={disabled} onRead={(trips) => onShowed({ trips })} />;
    case "ohms":
      return <Insulation disabled={disabled} onShowed={onShowed} />;
    case "seen":
      return (
        <Some options={card.seen} none="Nothing to see" disabled={disabled} onSome={(seen) => onShowed({ seen })} />
      );
    case "walk":
      return (
        <Some
          options={card.points.map((point) => ({ value: point.id, label: point.code }))}
          none="All live"
          disabled={disabled}
          onSome={(dead) =>
            onShowed({ dead, live: card.points.map((point) => point.id).filter((id) => !dead.includes(id)) })
          }
        />
      );
    default:
      return (
        <div className="flex flex-col gap-2">
          {card.choices.map((choice) => (
            <button
              key={choice.label}
              type="button"
              disabled={disabled}
              onClick={() => onShowed(choice.reading)}
              className={cn(
                "flex min-h-14 w-full flex-col justify-center border-2 border-ink bg-raised px-3.5 py-1.5 text-left",
                "enabled:cursor-pointer enabled:hover:bg-band disabled:border-hair disabled:text-ink-2",
              )}
            >
              <span className="text-lg font-bold narrow">{choice.label}</span>
              {choice.means !== "" && choice.chance >= 0.02 && (
                <span className="text-sm text-ink-2">Then: {choice.means}</span>
              )}
            </button>
          ))}
        </div>
      );
  }
}

function Lamps({ disabled, onShowed }: Omit<Props, "card">) {
  const [lamps, setLamps] = useState<typeof DARK | null>(null);
  return (
    <div className="flex flex-col gap-2">
      <fieldset className="flex gap-2" disabled={disabled}>
        <legend className="mb-1 text-sm text-ink-2">hot-neutral, hot-ground, neutral-ground</legend>
        <LampTaps lamps={lamps ?? DARK} onChange={setLamps} />
      </fieldset>
      <div className="flex gap-2">
        <Button className="flex-1" disabled={disabled} onClick={() => onShowed({ hn: true, hg: true, ng: false })}>
          Reads correct
        </Button>
        <Button className="flex-1" disabled={disabled} onClick={() => onShowed({ ...DARK })}>
          No lamp lit
        </Button>
        <Button
          tone="main"
          className="flex-1"
          disabled={disabled || lamps === null}
          onClick={() => onShowed({ ...lamps })}
        >
          File these lamps
        </Button>
      </div>
    </div>
  );
}

interface AmountProps {
  unit: string;
  label: string;
  disabled: boolean;
  onRead: (value: number) => void;
}

function Amount({ unit, label, disabled, onRead }: AmountProps) {
  const [text, setText] = useState("");
  const value = numberOf(text);
  return (
    <form
      className="flex items-stretch gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (value !== null) onRead(value);
      }}
    >
      <label className="flex min-h-14 flex-1 items-center gap-2 border-2 border-ink bg-raised px-3">
        <span className="sr-only">{label}</span>
        <input
          inputMode="decimal"
          value={text}
          disabled={disabled}
          onChange={(event) => setText(event.target.value)}
          className="w-full min-w-0 bg-transparent text-2xl font-bold outline-offset-4"
        />
        <span className="font-semibold text-ink-2">{unit}</span>
      </label>
      <Button type="submit" tone="main" disabled={disabled || value === null}>
        File it
      </Button>
    </form>
  );
}

function Insulation({ disabled, onShowed }: Omit<Props, "card">) {
  const [hot, setHot] = useState("");
  const [neutral, setNeutral] = useState("");
  const reads = [numberOf(hot), numberOf(neutral)];
  const line = (label: string, value: string, set: (text: string) => void) => (
    <label className="flex min-h-12 items-center gap-2 border-[1.5px] border-edge bg-raised px-3">
      <span className="w-32 text-sm narrow">{label}</span>
      <input
        inputMode="decimal"
        value={value}
        disabled={disabled}
        placeholder="over range"
        onChange={(event) => set(event.target.value)}
        className="w-full min-w-0 bg-transparent text-lg font-bold"
      />
      <span className="text-ink-2">ohm</span>
    </label>
  );
  return (
    <div className="flex flex-col gap-2">
      {line("hot to ground", hot, setHot)}
      {line("neutral to ground", neutral, setNeutral)}
      <div className="flex gap-2">
        <Button className="flex-1" disabled={disabled} onClick={() => onShowed({ hg_ohms: null, ng_ohms: null })}>
          Both over range
        </Button>
        <Button
          tone="main"
          className="flex-1"
          disabled={disabled || (reads[0] === null && reads[1] === null)}
          onClick={() => onShowed({ hg_ohms: reads[0], ng_ohms: reads[1] })}
        >
          File it
        </Button>
      </div>
    </div>
  );
}

interface SomeProps {
  options: { value: string; label: string }[];
  none: string;
  disabled: boolean;
  onSome: (values: string[]) => void;
}

/** Any of a few, or none. */
function Some({ options, none, disabled, onSome }: SomeProps) {
  const [some, setSome] = useState<string[]>([]);
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap gap-1.5">
        {options.map((option) => (
          <Tap
            key={option.value}
            pressed={some.includes(option.value)}
            disabled={disabled}
            onTap={() =>
              setSome(
                some.includes(option.value) ? some.filter((one) => one !== option.value) : [...some, option.value],
              )
            }
          >
            {option.label}
          </Tap>
        ))}
      </div>
      <div className="flex gap-2">
        <Button className="flex-1" disabled={disabled} onClick={() => onSome([])}>
          {none}
        </Button>
        <Button tone="main" className="flex-1" disabled={disabled || some.length === 0} onClick={() => onSome(some)}>
          File these
        </Button>
      </div>
    </div>
  );
}
