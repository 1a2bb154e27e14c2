import { percent } from "@/lib/number";
import type { CallPage } from "@/types/pages";
import { Instead } from "./Instead";
import { NextTest, round } from "./NextTest";
import { OpenBoxes } from "./OpenBoxes";
import { Settled } from "./Settled";
import type { TripsInHand } from "./useTrips";

interface Props {
  trips: TripsInHand;
  sheet: CallPage;
  onBox: (point: string) => void;
}

/** The one next test, what else could be done instead, and the likely way on; or, once it is settled, what to put right. */
export function TripsPanel({ trips, sheet, onBox }: Props) {
  if (!sheet.call) return null;
  const top = sheet.state?.suspects?.[0];
  const alternatives = sheet.state?.alternatives ?? [];
  const card = sheet.state?.next ?? null;
  return (
    <div className="flex flex-col gap-3.5">
      {sheet.state?.closing ? (
        <Settled trips={trips} closing={sheet.state?.closing} probability={sheet.state?.sure ?? 0} onBox={onBox} />
      ) : card ? (
        <NextTest key={card.title} trips={trips} card={card} onBox={onBox} onBack={null} />
      ) : (
        <section aria-label="Nothing more to tell" className="flex flex-col gap-2 border-2 border-ink px-3 py-3">
          <p>
            Nothing that can be done now would tell more. {top && `${top.name} stands at ${percent(top.probability)}.`}{" "}
            Withdraw what may be misread, say that something can be done after all, or leave it with an open item.
          </p>
          {sheet.state?.leftover && (
            <>
              <p className="font-semibold">
                One repair covers {percent(sheet.state.leftover.covers)} of what is left, as for:{" "}
                {sheet.state.leftover.name}
              </p>
              <ol className="list-decimal pl-5 text-sm">
                {sheet.state.leftover.repair.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ol>
            </>
          )}
        </section>
      )}
      {(sheet.state?.corrections ?? []).map((line) => (
        <p key={line} className="border-l-4 border-advised bg-advised-ground px-3 py-2">
          {line}
        </p>
      ))}
      {!sheet.state?.closing && <Instead trips={trips} cards={alternatives} onBox={onBox} />}
      <OpenBoxes boxes={sheet.state?.boxes ?? []} onBox={onBox} />
      {!sheet.state?.closing && (sheet.state?.plan ?? []).length > 1 && (
        <section aria-label="The likely way on">
          <h3 className="border-b border-ink pb-1 text-base">The likely way on</h3>
          <ol className="list-decimal pl-5 text-sm">
            {(sheet.state?.plan ?? []).map((step) => (
              <li key={step.title} className="py-0.5">
                {step.title} <span className="text-ink-2">{round(step.minutes)} min</span>
              </li>
            ))}
          </ol>
        </section>
      )}
      <p className="text-xs text-ink-2">
        For licensed or qualified people. Local code and the authority having jurisdiction decide; treat as live until
        it is proved dead.
      </p>
    </div>
  );
}
