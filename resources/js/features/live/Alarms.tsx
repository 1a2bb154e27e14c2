import type { HouseInHand } from "@/features/house/useHouse";
import { cn } from "@/lib/cn";
import type { Alarm } from "@/types/pages";
import { Button } from "@/ui/Button";

interface Props {
  house: HouseInHand;
}

/** Power on a box that is open, said on every phone until the breaker is off or the box is made up. */
export function Alarms({ house }: Props) {
  const { alarms } = house.sheet;
  if (alarms.length === 0) return null;
  return (
    <section aria-label="Live and open" role="alert" className="border-b-2 border-ink">
      {alarms.map((alarm) => (
        <div
          key={alarm.point}
          className={cn(
            "flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2 font-semibold",
            alarm.loud ? "bg-bare text-on-ink" : "border-l-[6px] border-bare bg-bare-ground",
          )}
        >
          <p className="min-w-0 flex-1">
            {alarm.loud && <b>Keep off. </b>}
            {alarm.text}.
          </p>
          <MadeUp house={house} alarm={alarm} />
        </div>
      ))}
    </section>
  );
}

function MadeUp({ house, alarm }: { house: HouseInHand; alarm: Alarm }) {
  const path: `outlets/${string}/box` = `outlets/${encodeURIComponent(alarm.point)}/box`;
  return (
    <Button size="small" className="text-ink" onClick={() => void house.send({ path, state: "made_up" })}>
      It is made up
    </Button>
  );
}
