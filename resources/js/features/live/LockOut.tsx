import { usePage } from "@inertiajs/react";
import { useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import type { BoxPage } from "@/types/pages";
import { Button } from "@/ui/Button";

interface Props {
  house: HouseInHand;
  breaker: BoxPage["breakers"][number];
}

/** A breaker that is off stays off: a lock or a tag, and who holds the key. */
export function LockOut({ house, breaker }: Props) {
  const { user } = usePage<{ user: { name: string } | null }>().props;
  const [key, setKey] = useState(user?.name ?? "");
  const lock = (how: "locked" | "tagged") => void house.send({ path: "locks", circuit: breaker.id, how, key });
  if (breaker.lock !== null) {
    return (
      <p>
        <b>{breaker.spoken}</b> is off, {breaker.lock.how}, key with {breaker.lock.key}.
      </p>
    );
  }
  return (
    <div>
      <p>
        <b>{breaker.spoken}</b> is off. Lock or tag it, so that nobody turns it on.
      </p>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <label className="flex items-center gap-1.5 text-sm">
          <span className="narrow">key with</span>
          <input
            value={key}
            maxLength={120}
            onChange={(event) => setKey(event.target.value)}
            className="min-h-10 w-32 border-[1.5px] border-edge bg-raised px-2 font-semibold max-lg:min-h-12"
          />
        </label>
        <Button size="small" disabled={key.trim() === ""} onClick={() => lock("locked")}>
          Locked
        </Button>
        <Button size="small" disabled={key.trim() === ""} onClick={() => lock("tagged")}>
          Tagged
        </Button>
      </div>
    </div>
  );
}
