import type { HouseInHand } from "@/features/house/useHouse";
import type { Outlet } from "@/types/pages";
import type { Instrument } from "@/types/sent";
import { Button } from "@/ui/Button";
import { TripTime, useTripTime } from "./TripTime";

interface Props {
  house: HouseInHand;
  outlet: Outlet;
  /** The crew's testers: where none has a button, none is pressed. */
  instruments: Instrument[];
}

/** The button of the tester that is in the outlet, and the outlet's own TEST: what opened is one tap. */
export function Buttons({ house, outlet, instruments }: Props) {
  const time = useTripTime();
  const path: `outlets/${string}/tests` = `outlets/${encodeURIComponent(outlet.id)}/tests`;
  const test = (by: "tester_button" | "device_button", tripped: boolean) => {
    void house.send({ path, by, tripped, trip_ms: tripped ? time.ms : null });
    time.clear();
  };
  const opened = ({ id, self }: { id: string; self: boolean }) => {
    if (!self) void house.send({ path: "observations", kind: "button", point: outlet.id, tripped: [id] });
    if (self || time.ms !== null) test("tester_button", true);
  };
  const isProtective = outlet.age !== null;
  return (
    <section aria-label="Buttons" className="flex flex-col gap-2 border-t border-hair pt-3">
      {outlet.mayOpen.length > 0 && (instruments.length === 0 || instruments.some((one) => one.has_button)) && (
        <>
          <div className="flex flex-wrap items-center gap-2">
            <h3 className="text-base">The tester's button</h3>
            <TripTime time={time} />
          </div>
          <div className="flex flex-wrap gap-2">
            {outlet.mayOpen.map((one) => (
              <Button key={one.id} className="flex-1" disabled={time.wrong} onClick={() => opened(one)}>
                {one.self ? "It opened itself" : `It opened ${one.spoken}`}
              </Button>
            ))}
            <Button className="flex-1" onClick={() => test("tester_button", false)}>
              Nothing opened
            </Button>
          </div>
          {!outlet.buttonReaches && (
            <p className="text-sm text-ink-2">
              Without a ground the tester's button leaks into nothing: that nothing opens proves nothing. Press the TEST
              of what protects it.
            </p>
          )}
        </>
      )}
      {isProtective && (
        <>
          <h3 className="text-base">Its own TEST</h3>
          <div className="flex gap-2">
            <Button className="flex-1" onClick={() => test("device_button", true)}>
              It opened
            </Button>
            <Button className="flex-1" onClick={() => test("device_button", false)}>
              Nothing happened
            </Button>
          </div>
          {outlet.ownTestAlone && (
            <p className="text-sm text-ink-2">
              An arc-fault device is proved by its own TEST alone: a tester's button leaks a current it need not see.
            </p>
          )}
        </>
      )}
    </section>
  );
}
