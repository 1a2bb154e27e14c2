import { Suspense, useEffect, useState } from "react";
import { onAway } from "@/lib/api";
import { lazily } from "@/lib/lazily";
import { Button } from "@/ui/Button";
import type { HouseInHand } from "./useHouse";

const Refused = lazily(async () => (await import("./Refused")).Refused);

interface Props {
  house: HouseInHand;
  /** Puts a line that was refused back where it is typed. */
  onMend: (line: string) => void;
  /** Says how many wait: where the top bar that does is covered. */
  counted?: boolean;
}

/** Said only when sending did not simply work: what happened, and what to do about it. Nothing typed is lost. */
export function SavingNotice({ house, onMend, counted = false }: Props) {
  const [away, setAway] = useState(false);
  useEffect(() => onAway(setAway), []);
  const waiting = house.told.filter((one) => one.refusal === undefined).length;
  return (
    <>
      {counted && waiting > 0 && (
        <p className="bg-advised-ground px-4 py-1 text-sm font-bold text-advised">kept here, {waiting} waiting</p>
      )}
      {away && (
        <p role="alert" className="border-b-2 border-advised bg-advised-ground px-5 py-2.5 font-semibold">
          The database is away. Nothing is lost: what you do waits here, and goes on by itself.
        </p>
      )}
      {house.refused !== null && (
        <div
          role="alert"
          className="flex flex-wrap items-center gap-5 border-b-2 border-bare bg-bare-ground px-5 py-2.5"
        >
          <p className="font-semibold">{house.refused}</p>
          <Button size="small" onClick={house.dismiss}>
            Understood
          </Button>
        </div>
      )}
      <Suspense>
        {house.told
          .filter((one) => one.refusal !== undefined)
          .map((one) => (
            <Refused key={one.id} house={house} one={one} onMend={onMend} />
          ))}
      </Suspense>
    </>
  );
}
