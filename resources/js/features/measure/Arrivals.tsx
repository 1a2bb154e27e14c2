import type { HouseInHand } from "@/features/house/useHouse";
import { clock } from "@/lib/clock";
import type { Outlet } from "@/types/pages";
import type { Arrival } from "@/types/sent";
import { Button } from "@/ui/Button";
import { arrived, useArrivals } from "./useArrivals";

interface Props {
  house: HouseInHand;
  outlet: Outlet;
  /** The cable the clamp is round. */
  cable: string | null;
}

/** Readings as they arrive from a meter: a tap files one at this outlet. */
export function Arrivals({ house, outlet, cable }: Props) {
  const { waiting, taken } = useArrivals();
  if (waiting.length === 0) return null;
  const file = async (arrival: Arrival) => {
    const { volts, between, ma, trip_ms, instrument } = arrival;
    const path: `outlets/${string}/tests` = `outlets/${encodeURIComponent(outlet.id)}/tests`;
    const filed =
      trip_ms !== undefined
        ? await house.send({ path, by: "tester_button", tripped: true, trip_ms })
        : ma !== undefined && cable !== null
          ? await house.send({ path: "readings", point: outlet.id, half: null, instrument, ma, cable })
          : volts !== undefined && between !== undefined
            ? await house.send({ path: "readings", point: outlet.id, half: null, instrument, volts, between })
            : null;
    if (filed) taken(arrival);
  };
  return (
    <section
      aria-label="From the meter"
      className="border-[1.5px] border-dashed border-ink px-2.5 py-1.5"
      aria-live="polite"
    >
      <h3 className="text-base">From the meter</h3>
      {waiting.map((arrival) => (
        <div key={arrival.id} className="flex items-center gap-2 border-t border-hair py-1.5 first-of-type:border-t-0">
          <p className="flex-1">
            <b className="text-lg">{arrived(arrival)}</b>{" "}
            <span className="text-xs text-ink-2">
              {arrival.instrument}, {clock(arrival.at)}
            </span>
          </p>
          <Button size="small" tone="main" onClick={() => void file(arrival)}>
            File at {outlet.code}
          </Button>
          <Button size="small" tone="bare" className="underline" onClick={() => taken(arrival)}>
            Put away
          </Button>
        </div>
      ))}
    </section>
  );
}
