import { useReach } from "@/data/reach";
import type { HouseInHand } from "@/features/house/useHouse";
import { clock } from "@/lib/clock";
import { cn } from "@/lib/cn";
import { Sheet } from "@/ui/Sheet";

/** What is kept on this phone and the server does not have. */
export function Waiting({ house, onClose }: { house: HouseInHand; onClose: () => void }) {
  const { answers } = useReach();
  return (
    <Sheet title="What this phone keeps" onClose={onClose}>
      <p className="px-4 py-3 text-ink-2">
        {house.told.length === 0
          ? "The server has everything that was told here."
          : answers
            ? "Kept on this phone until the server has it, and sent in this order."
            : "There is no signal. Everything here is kept on this phone, and sent in this order when there is."}
        {house.here ? " This phone works everything out by itself." : " This phone asks the server for everything."}
        {house.heardAt !== null && ` Nothing was heard of the others since ${clock(house.heardAt)}.`}
      </p>
      <ol className="border-t border-hair">
        {house.told.map((one) => (
          <li key={one.id} className="flex items-baseline gap-3 border-b border-hair px-4 py-2">
            <span className="text-sm whitespace-nowrap text-ink-2">{clock(one.at)}</span>
            <span className={cn("flex-1", one.path === "entry" && "code")}>{one.name}</span>
            <span className={cn("text-sm", one.refusal ? "font-bold text-bare" : "text-ink-2")}>
              {one.refusal ? "refused" : "waits"}
            </span>
          </li>
        ))}
      </ol>
    </Sheet>
  );
}
