import type { HouseInHand } from "@/features/house/useHouse";
import { cn } from "@/lib/cn";
import { useMay } from "@/lib/useMay";
import type { DraftLine } from "@/types/pages";
import { Button } from "@/ui/Button";
import { FIRST } from "./chosen";
import type { DecideInHand } from "./useDecide";

interface Props {
  house: HouseInHand;
  decide: DecideInHand;
  drafts: DraftLine[];
}

/** What was kept beside the house: looked at, carried out with one change or outlet by outlet, or dropped. */
export function Drafts({ house, decide, drafts }: Props) {
  const may = useMay();
  if (drafts.length === 0) return null;
  const codes = new Map(house.sheet.rooms.flatMap((room) => room.outlets).map((outlet) => [outlet.id, outlet.code]));
  const slots = new Map(house.sheet.live.map((breaker) => [breaker.id, `breaker ${breaker.slot}`]));
  return (
    <section aria-label="Drafts" className="mt-4 border-t-2 border-ink pt-2.5">
      <h2 className="text-base">Drafts</h2>
      <ul>
        {drafts.map((draft) => {
          const pressed = "draft" in decide.chosen && decide.chosen.draft === draft.id;
          return (
            <li key={draft.id} className="border-b border-hair py-2">
              <div className="flex flex-wrap items-center gap-2">
                <button
                  type="button"
                  aria-pressed={pressed}
                  onClick={() => decide.choose({ draft: draft.id })}
                  className={cn(
                    "min-h-11 flex-1 cursor-pointer px-2 text-left hover:bg-band max-lg:min-h-12",
                    pressed && "bg-band",
                  )}
                >
                  <span className="font-semibold">{draft.name}</span>{" "}
                  <span className="text-ink-2">
                    {draft.changes} {draft.changes === 1 ? "change" : "changes"}
                    {draft.who && `, ${draft.who}`}
                  </span>
                </button>
                {may.change && (
                  <>
                    <Button
                      size="small"
                      tone="main"
                      onClick={() => {
                        decide.choose(FIRST);
                        void house.send({ path: `drafts/${encodeURIComponent(draft.id)}/carry-out` });
                      }}
                    >
                      Carry it out
                    </Button>
                    <Button
                      size="small"
                      onClick={() => {
                        decide.choose(FIRST);
                        void house.send({ path: `drafts/${encodeURIComponent(draft.id)}/drop` });
                      }}
                    >
                      Drop it
                    </Button>
                  </>
                )}
              </div>
              {pressed && may.change && decide.plan && (
                <div className="mt-1.5 flex flex-wrap items-center gap-1.5 text-sm">
                  <span className="text-ink-2">As the work is done, box by box:</span>
                  {decide.plan.changed.map((place) => (
                    <Button
                      key={place}
                      size="small"
                      onClick={() =>
                        void house.send({
                          path: `drafts/${encodeURIComponent(draft.id)}/carry-out`,
                          places: [place],
                        })
                      }
                    >
                      <span className="code">{codes.get(place) ?? slots.get(place) ?? "new"}</span> done
                    </Button>
                  ))}
                </div>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
