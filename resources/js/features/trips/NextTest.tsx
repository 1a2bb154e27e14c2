import type { ReactNode } from "react";
import { cn } from "@/lib/cn";
import type { StepCard } from "@/types/pages";
import type { CallReading } from "@/types/sent";
import { Button } from "@/ui/Button";
import { OutcomeEntry } from "./OutcomeEntry";
import type { TripsInHand } from "./useTrips";

interface Props {
  trips: TripsInHand;
  card: StepCard;
  /** To the box hands go into, where it is made safe; null where that is on screen. */
  onBox: ((point: string) => void) | null;
  /** Back into the list of others, when it was taken out of it. */
  onBack: (() => void) | null;
}

/** One test as one large card: what to do, whether parts are live, what each outcome would mean. */
export function NextTest({ trips, card, onBox, onBack }: Props) {
  const showed = (reading: CallReading) => {
    void trips.showed(card, reading).then((kept) => {
      if (kept) onBack?.();
    });
  };
  const barred = !card.ready;
  return (
    <section aria-label={onBack === null ? "Next test" : "Instead"} className="border-2 border-ink">
      <p className="flex justify-between bg-ink px-3 py-1 text-sm text-on-ink narrow">
        <span>{onBack === null ? "Next" : "Instead"}</span>
        {onBack !== null && (
          <button type="button" className="cursor-pointer underline" onClick={onBack}>
            put it back
          </button>
        )}
      </p>
      <div className="flex flex-col gap-2.5 px-3 py-2.5">
        <h2 className="text-2xl">{card.title}</h2>
        <p className="flex flex-wrap gap-1.5 text-sm">
          <Chip>{card.days > 0 ? `${card.days} days` : `${round(card.minutes)} min`}</Chip>
          <Chip>{card.opens ? "opens a box" : "no box opened"}</Chip>
          <Chip loud={card.live !== null}>{card.live === null ? "nothing live in hand" : "live work"}</Chip>
          <Chip>{card.splits}</Chip>
        </p>
        {card.why !== "" && <p>{card.why}</p>}
        {card.live !== null && <p className="border-l-4 border-bare bg-bare-ground px-3 py-2 text-sm">{card.live}</p>}
        <ol className="flex flex-col gap-1 empty:hidden">
          {stepsToSay(card).map((step, at) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a step may be said twice
            <li key={at} className="grid grid-cols-[1.6rem_1fr]">
              <b className="text-lg leading-tight narrow">{at + 1}</b>
              <span>{step}</span>
            </li>
          ))}
        </ol>
        {barred && card.box !== null && (
          <div className="border-l-4 border-bare pl-3">
            <p>{card.hands}</p>
            {onBox !== null && (
              <Button size="small" className="mt-1.5" onClick={() => card.box !== null && onBox(card.box)}>
                Make it safe
              </Button>
            )}
          </div>
        )}
        {card.days > 0 ? (
          <Trial trips={trips} card={card} />
        ) : (
          <OutcomeEntry key={card.title} card={card} disabled={barred} onShowed={showed} />
        )}
        {card.asks !== "choice" && card.days === 0 && <Expected card={card} />}
        {card.early.map((early) => (
          <Button key={early.label} size="small" disabled={barred} onClick={() => trips.trippedEarly(card, early)}>
            {early.label}
          </Button>
        ))}
        <div className="flex flex-wrap gap-2">
          <Button className="flex-1 border-dashed" onClick={() => trips.cannot(card.cannot, true)}>
            I cannot do that
          </Button>
          <Button
            className="flex-1 border-dashed"
            onClick={() => trips.cannot(card.cannotKind, true)}
            aria-label={`Never ${card.cannotKind.replace("_", " ")} on this call`}
          >
            Not on this call at all
          </Button>
        </div>
      </div>
    </section>
  );
}

/** One step that says what the title says needs no saying again. */
function stepsToSay(card: StepCard): string[] {
  return card.steps.length === 1 && card.steps[0] === `${card.title}.` ? [] : card.steps;
}

function Expected({ card }: { card: StepCard }) {
  return (
    <dl className="text-sm">
      {card.expected
        .filter((one) => one.chance >= 0.03)
        .map((one) => (
          <div key={one.shown} className="grid grid-cols-[9rem_1fr] gap-2 border-t border-hair py-1">
            <dt className="font-semibold">{one.shown}</dt>
            <dd className="text-ink-2">{one.means}</dd>
          </div>
        ))}
    </dl>
  );
}

/** What cannot be made to happen now is left with the householder: with a rule, so that each outcome means something. */
function Trial({ trips, card }: { trips: TripsInHand; card: StepCard }) {
  const { trial } = card;
  if (trial === null) return null;
  return (
    <div className="flex flex-col gap-2">
      <p className="font-semibold">The householder will read:</p>
      <ul className="list-disc pl-5 text-sm">
        {[...trial.page.asks, ...trial.page.not].map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {trial.stakes.map((stake) => (
        <div key={stake.text} className="border-l-4 border-bare bg-bare-ground px-3 py-2">
          <p className="text-sm">{stake.text}</p>
          <div className="mt-1.5 flex flex-wrap gap-2">
            <Button size="small" disabled={!card.ready} onClick={() => trips.leave(lasting(card, 1), trial.oneDay)}>
              One day only
            </Button>
            {stake.move && (
              <Button
                size="small"
                disabled={!card.ready}
                onClick={() => stake.move && trips.leave({ ...card, actions: stake.move.actions }, trial.rule)}
              >
                {stake.move.label}
              </Button>
            )}
          </div>
        </div>
      ))}
      <p className="font-semibold">The rule, agreed before:</p>
      <dl className="text-sm">
        {trial.rule.map((one) => (
          <div key={one.shown} className="grid grid-cols-[9rem_1fr] gap-2 border-t border-hair py-1">
            <dt className="font-semibold">{one.shown}</dt>
            <dd>{one.means}</dd>
          </div>
        ))}
      </dl>
      <Button
        tone="main"
        className="min-h-14 text-lg"
        disabled={!card.ready}
        onClick={() => trips.leave(card, trial.rule)}
      >
        Leave it with the householder
      </Button>
    </div>
  );
}

/** The same trial over another time. */
function lasting(card: StepCard, days: number): StepCard {
  return {
    ...card,
    actions: card.actions.map((one) => (one.action.do === "trial" ? { ...one, action: { ...one.action, days } } : one)),
  };
}

function Chip({ children, loud = false }: { children: ReactNode; loud?: boolean }) {
  return (
    <span className={cn("border-[1.5px] border-ink px-2 font-semibold narrow", loud && "border-bare text-bare")}>
      {children}
    </span>
  );
}

export function round(minutes: number): string {
  return Number.isInteger(minutes) ? `${minutes}` : minutes.toFixed(1);
}
