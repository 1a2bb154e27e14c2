import { router, usePage } from "@inertiajs/react";
import { useEffect } from "react";

/** How often it is asked whether changes are taken again. */
const ASKS_MS = 5000;

/** Said while a copy of the database answers, because the one that takes changes is away. */
export function OnlyReading() {
  const reads = usePage<{ onlyReading?: boolean }>().props.onlyReading === true;
  useEffect(() => {
    if (!reads) return;
    const asking = setInterval(() => router.reload({ only: ["onlyReading"] }), ASKS_MS);
    return () => clearInterval(asking);
  }, [reads]);
  if (!reads) return null;
  return (
    <p role="alert" className="border-b-2 border-advised bg-advised-ground px-5 py-2.5 font-semibold">
      No changes are taken just now: what you note waits on this phone. For what is off or dead go by your lock and
      tester.
    </p>
  );
}
