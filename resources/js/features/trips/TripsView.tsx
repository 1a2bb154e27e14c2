import { useState } from "react";
import { useWide } from "@/lib/useWide";
import { Button } from "@/ui/Button";
import { NotCome } from "@/ui/NotCome";
import { Segments } from "@/ui/Segments";
import { Known } from "./Known";
import { Suspects } from "./Suspects";
import { TripsPanel } from "./TripsPanel";
import type { TripsInHand } from "./useTrips";

interface Props {
  trips: TripsInHand;
  onCall: () => void;
  onSelect: (point: string) => void;
  onBox: (point: string) => void;
  onLook: (suspect: string) => void;
  onTrace: () => void;
}

type Part = "next" | "suspects" | "known";

/**
 * The hunt: what is known beside who is suspected; the next test stands beside the drawing. On a phone one of the three at a time, the
 * next test first.
 */
export function TripsView({ trips, onCall, onSelect, onBox, onLook, onTrace }: Props) {
  const wide = useWide();
  const [part, setPart] = useState<Part>("next");
  const { sheet } = trips;
  if (!sheet) return <NotCome what="the call, every suspect followed through what is known" asked={trips} />;
  if (!sheet.call)
    return (
      <div className="border-t border-hair py-6">
        <p className="max-w-prose text-lg">
          {sheet.gone
            ? "What the open call is about is not in the house any more. Its facts are kept: undo what took it out, or take the call anew."
            : "No call is open. Begin with what the customer says: a device or a breaker, and what it does."}
        </p>
        <Button tone="main" className="mt-3 min-h-14 px-6 text-lg" onClick={onCall}>
          Take the call
        </Button>
      </div>
    );
  const known = (
    <Known
      sheet={sheet}
      onWithdraw={trips.withdraw}
      onCan={(what) => trips.cannot(what, false)}
      onTake={trips.take}
      onEnd={trips.end}
      onTrace={onTrace}
    />
  );
  const suspects = <Suspects sheet={sheet} before={trips.before} onSelect={onSelect} onLook={onLook} />;
  if (wide)
    return (
      <div className="grid grid-cols-[17rem_1fr] gap-5 border-t border-hair pt-3 pb-6">
        <div className="border-r border-hair pr-4">{known}</div>
        {suspects}
      </div>
    );
  return (
    <div className="flex flex-col gap-3 pt-3 pb-4">
      <Segments
        label="Part of the hunt"
        value={part}
        options={[
          ["next", sheet.state?.settled === true ? "Settled" : "Next test"],
          ["suspects", "Suspects"],
          ["known", "Known"],
        ]}
        onChange={setPart}
      />
      {part === "next" ? (
        <TripsPanel trips={trips} sheet={sheet} onBox={onBox} />
      ) : part === "suspects" ? (
        suspects
      ) : (
        known
      )}
    </div>
  );
}
