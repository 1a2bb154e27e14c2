import { useEffect, useState } from "react";
import { onAway } from "@/lib/api";
import { Button } from "@/ui/Button";
import type { HouseInHand } from "./useHouse";

/** Said only when saving did not simply work: what happened, and what to do about it. Nothing typed is lost. */
export function SavingNotice({ house }: { house: HouseInHand }) {
  const { saving } = house;
  const [away, setAway] = useState(false);
  useEffect(() => onAway(setAway), []);
  if (away)
    return (
      <p role="alert" className="border-b-2 border-advised bg-advised-ground px-5 py-2.5 font-semibold">
        The database is away. Nothing is lost: what you do waits here, and goes on by itself.
      </p>
    );
  if (saving.state === "saved" || saving.state === "saving") return null;
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-x-5 gap-y-2 border-b-2 border-bare bg-bare-ground px-5 py-2.5"
    >
      {saving.state === "refused" && (
        <>
          <p className="font-semibold">{saving.message}</p>
          <Button size="small" onClick={house.dismiss}>
            Understood
          </Button>
        </>
      )}
      {saving.state === "unreached" && (
        <>
          <p className="font-semibold">Not saved: the server cannot be reached. Your change is kept here.</p>
          <Button size="small" tone="main" onClick={house.again}>
            Send it again
          </Button>
        </>
      )}
      {saving.state === "stale" && (
        <>
          <div>
            <p className="font-semibold">
              This house was changed elsewhere. You now see it as it is; yours is not in it yet.
            </p>
            <ul className="text-sm">
              {saving.since.map((revision) => (
                <li key={revision.number}>
                  {revision.who ?? "Somebody"}: {revision.summary}
                </li>
              ))}
            </ul>
          </div>
          <Button size="small" tone="main" onClick={house.again}>
            Put mine on top
          </Button>
          <Button size="small" onClick={house.dismiss}>
            Leave it
          </Button>
        </>
      )}
    </div>
  );
}
