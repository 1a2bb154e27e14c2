import { router } from "@inertiajs/react";
import { useState } from "react";
import { useMe } from "@/lib/useMay";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";

/** Leaves; asks first where something told here waits to be sent. The houses go from the phone, what waits stays on it. */
export function SignOut({ bare = true }: { bare?: boolean }) {
  const user = useMe()?.id ?? "";
  const [waiting, setWaiting] = useState(0);
  const leave = async () => {
    const [{ forgotten }, { hide }] = await Promise.all([import("@/data/houses"), import("@/data/install")]);
    await forgotten(user).catch(console.warn);
    hide();
    router.post("/sign-out");
  };
  const ask = async () => {
    const journal = await import("@/data/journal");
    const left = (await journal.ofUser(user)).length;
    if (left === 0) await leave();
    else setWaiting(left);
  };
  return (
    <>
      <Button
        tone={bare ? "bare" : undefined}
        size={bare ? "small" : undefined}
        className={bare ? "underline" : undefined}
        onClick={() => void ask()}
      >
        Sign out
      </Button>
      {waiting > 0 && (
        <Sheet title="Not everything is sent" onClose={() => setWaiting(0)}>
          <p className="px-4 py-3">
            {waiting === 1 ? "One change waits" : `${waiting} changes wait`} on this phone. Signed out,{" "}
            {waiting === 1 ? "it stays" : "they stay"} here unseen, and {waiting === 1 ? "goes" : "go"} on when you sign
            in here again.
          </p>
          <div className="flex gap-3 px-4 pb-4">
            <Button tone="main" onClick={() => setWaiting(0)}>
              Stay
            </Button>
            <Button onClick={() => void leave()}>Sign out</Button>
          </div>
        </Sheet>
      )}
    </>
  );
}
