import type { HouseInHand } from "@/features/house/useHouse";
import { cn } from "@/lib/cn";
import type { BoxPage, TapShown } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Tap } from "@/ui/Taps";

/** The box as it is found, in the order of the hand: what is not well is a tap, and the rest is well in one. */
export function BoxFound({ house, box }: { house: HouseInHand; box: BoxPage }) {
  const note = (tap: TapShown, value: unknown) =>
    house.change([{ in: "points", id: box.point, set: { box: { [tap.field]: value } } }]);
  return (
    <section aria-label="The box as found" className="border-t-2 border-ink pt-3">
      <h3 className="mb-1 text-base">The box as found</h3>
      {box.taps.map((tap) => (
        <fieldset key={tap.field} aria-label={tap.ask} className="border-t border-hair py-1.5 first-of-type:border-t-0">
          <p className="text-sm font-semibold">
            {tap.ask}
            {tap.said !== null && <span className="ml-2 font-normal text-ink-2">noted: {tap.said}</span>}
          </p>
          <div className="flex flex-wrap gap-1.5 pt-1">
            {tap.choices.map((choice) => (
              <Tap
                key={choice.label}
                pressed={choice.now}
                onTap={() => note(tap, choice.now ? null : choice.value)}
                className={cn(
                  "min-h-9 px-2.5 text-sm narrow",
                  choice.well === true && "aria-pressed:border-kept aria-pressed:bg-kept-ground aria-pressed:text-kept",
                  choice.well === false &&
                    "aria-pressed:border-bare aria-pressed:bg-bare-ground aria-pressed:text-bare",
                )}
              >
                {choice.label}
              </Tap>
            ))}
          </div>
        </fieldset>
      ))}
      <Button
        tone="main"
        className="mt-2 w-full"
        disabled={box.rest === 0}
        onClick={() => void house.send({ path: `outlets/${encodeURIComponent(box.point)}/well` })}
      >
        {box.rest === 0 ? "All of it is noted" : "The rest is well"}
      </Button>
    </section>
  );
}
