import { Head, Link, router } from "@inertiajs/react";
import { ArrowLeft } from "lucide-react";
import { useEffect, useState } from "react";
import { idle } from "@/data/ahead";
import { engine } from "@/data/engine";
import { CaseList, seed } from "@/features/practice/CaseList";
import { CaseView } from "@/features/practice/CaseView";
import { DrillView } from "@/features/practice/DrillView";
import { Kept } from "@/features/practice/kept";
import { usePlace } from "@/features/practice/usePlace";
import { OnlyReading } from "@/features/shell/OnlyReading";
import { cn } from "@/lib/cn";
import { useMe } from "@/lib/useMay";
import type { PracticePageShown } from "@/types/pages";

const BACK = "flex min-h-11 items-center gap-1.5 bg-raised px-2 font-semibold narrow hover:underline max-lg:min-h-12";

/** Houses that are nobody's, with a fault nobody tells: to learn on. */
export default function Practice(page: PracticePageShown) {
  const user = useMe()?.id ?? "";
  const [place, go] = usePlace();
  const [hasEngine, setHasEngine] = useState(false);
  // What ended without a signal is sent, and the engine comes onto this phone, so that practice goes on where there is none.
  useEffect(() => {
    const kept = new Kept(user);
    if (kept.waiting().length > 0) void kept.send().then((sent) => sent && router.reload());
    void idle().then(async (may) => setHasEngine(may && (await engine()) !== null));
  }, [user]);
  // All of the page has its own tint, what is laid over it too.
  useEffect(() => {
    document.documentElement.dataset.practice = "true";
    return () => void delete document.documentElement.dataset.practice;
  }, []);
  const leave = () => {
    go({});
    router.reload();
  };
  const [drill, number] = (place.drill ?? "").split(".");
  return (
    <div data-engine={hasEngine}>
      <Head title="Practice" />
      <OnlyReading />
      <header className="practice-bar flex flex-wrap items-center gap-x-4 border-b-2 border-ink px-5 py-1">
        {place.case === null && place.drill === null ? (
          <Link href="/houses" className={BACK}>
            <ArrowLeft size={16} aria-hidden /> Houses
          </Link>
        ) : (
          <button type="button" onClick={leave} className={cn(BACK, "cursor-pointer")}>
            <ArrowLeft size={16} aria-hidden /> Leave it for now
          </button>
        )}
        <h1 className="bg-raised px-2 text-2xl">Practice</h1>
        <p className={cn("bg-raised px-2", (place.case ?? place.drill) !== null && "max-lg:hidden")}>
          No house of yours. Nothing here is real but what you learn.
        </p>
      </header>
      <main className="mx-auto max-w-6xl px-5">
        {place.case !== null ? (
          <CaseView
            key={place.case}
            name={place.case}
            user={user}
            onAgain={(name) => go({ case: name })}
            onLeave={leave}
          />
        ) : drill !== undefined && drill !== "" ? (
          <DrillView
            key={place.drill}
            kind={drill}
            seed={Number(number)}
            user={user}
            onAgain={() => go({ drill: `${drill}.${seed()}` })}
            onLeave={leave}
          />
        ) : (
          <CaseList
            page={page}
            user={user}
            onCase={(name) => go({ case: name })}
            onDrill={(name) => go({ drill: name })}
          />
        )}
      </main>
    </div>
  );
}
