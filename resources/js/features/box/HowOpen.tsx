import type { HouseInHand } from "@/features/house/useHouse";
import { cn } from "@/lib/cn";
import type { BoxPage } from "@/types/pages";

interface Props {
  house: HouseInHand;
  box: BoxPage;
}

/** How far the box is taken apart: until it is made up, power that comes to it is live work. */
export function HowOpen({ house, box }: Props) {
  if (box.state === null && box.opened === null) return null;
  const path: `outlets/${string}/box` = `outlets/${encodeURIComponent(box.point)}/box`;
  const now = box.state ?? "made_up";
  return (
    <fieldset>
      <legend className="mb-1 font-semibold narrow">This box is</legend>
      <div className="grid grid-cols-2 gap-1.5">
        {box.states.map((state) => (
          <button
            key={state.value}
            type="button"
            aria-pressed={now === state.value}
            onClick={() => void house.send({ path, state: state.value })}
            className={cn(
              "min-h-12 cursor-pointer border-[1.5px] border-edge bg-raised px-2.5 text-left text-sm font-semibold hover:border-ink",
              now === state.value && "border-ink bg-ink text-on-ink",
            )}
          >
            {state.label}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
