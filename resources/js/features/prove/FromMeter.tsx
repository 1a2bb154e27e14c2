import { arrived, useArrivals } from "@/features/measure/useArrivals";
import type { RoundStepShown } from "@/types/pages";
import type { Arrival, RoundAnswer } from "@/types/sent";
import { Button } from "@/ui/Button";

interface Props {
  step: RoundStepShown;
  /** Files what the meter read as the answer. */
  onAnswer: (read: Partial<RoundAnswer>) => Promise<boolean>;
}

/** What a meter has just read of the step that is on: one tap files it, and whether it is as it should be is worked out of it. */
export function FromMeter({ step, onAnswer }: Props) {
  const { waiting, taken } = useArrivals(step.step === "button" || step.step === "lamps");
  const read = waiting.flatMap((arrival) => {
    const said = readOf(step, arrival);
    return said === null ? [] : [{ arrival, said }];
  });
  if (read.length === 0) return null;
  return (
    <ul aria-label="From the meter" className="mt-2 border-[1.5px] border-dashed border-ink px-2.5" aria-live="polite">
      {read.map(({ arrival, said }) => (
        <li key={arrival.id} className="flex items-center gap-2 py-1.5">
          <span className="flex-1">
            <b className="text-lg">{arrived(arrival)}</b>{" "}
            <span className="text-xs text-ink-2">{arrival.instrument}</span>
          </span>
          <Button tone="main" onClick={() => void onAnswer(said).then((filed) => (filed ? taken(arrival) : undefined))}>
            File it
          </Button>
        </li>
      ))}
    </ul>
  );
}

function readOf(step: RoundStepShown, { volts, between, trip_ms, instrument }: Arrival): Partial<RoundAnswer> | null {
  if (step.step === "button") return trip_ms === undefined ? null : { ms: trip_ms };
  return step.step === "lamps" && volts !== undefined && between === "hn" ? { volts, instrument } : null;
}
