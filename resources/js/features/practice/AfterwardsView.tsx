import { cn } from "@/lib/cn";
import type { AfterwardsShown, RoadShown } from "@/types/pages";
import { Button } from "@/ui/Button";

interface Props {
  went: AfterwardsShown;
  onAgain: (name: string) => void;
  onLeave: () => void;
}

/** How it went: what it was, the road that was gone beside the best one, where they parted, and what was believed that is not so. */
export function AfterwardsView({ went, onAgain, onLeave }: Props) {
  return (
    <div className="pb-10">
      <h2 className={cn("mt-4 text-2xl", went.right ? "text-kept" : "text-bare")}>
        {went.right ? "Right" : went.named === null ? "Not found" : "Not that"}: {went.cause}
      </h2>
      {!went.right && went.named !== null && <p>You named: {went.named}.</p>}
      {went.dangers.map((danger) => (
        <p key={danger} className="mt-2 border-l-[6px] border-bare bg-bare-ground px-3 py-2 font-semibold">
          {danger}
        </p>
      ))}
      <dl className="mt-4 grid grid-cols-[auto_1fr_1fr] gap-x-6 border-y-2 border-ink py-2 text-lg sm:max-w-xl">
        <dt />
        <dd className="text-base text-ink-2">Your road</dd>
        <dd className="text-base text-ink-2">The best next tests</dd>
        <Figure name="Minutes" gone={went.gone.minutes} best={went.best.minutes} />
        <Figure name="Boxes" gone={went.gone.boxes} best={went.best.boxes} />
        <Figure name="Bits learned" gone={went.gone.bits} best={went.best.bits} digits={1} />
      </dl>
      <p className="mt-2 text-ink-2">
        {went.levelLabel}:{" "}
        {Math.round(went.lookAlikes) > 1
          ? `from the call alone ${Math.round(went.lookAlikes)} causes looked about as likely.`
          : "the call and what is recorded of the house tell it, before anything is measured."}
      </p>
      {went.parting !== null && (
        <section aria-label="Where they parted" className="mt-4 border-2 border-ink bg-raised px-4 py-3">
          <h3 className="text-lg">
            Step {went.parting.step + 1} is where they parted: {went.parting.gone}
          </h3>
          <p>
            {went.parting.couldTell < 0.05
              ? "It could tell next to nothing then."
              : `It could tell ${went.parting.couldTell.toFixed(1)} bits then, for ${Math.round(went.parting.minutes ?? 0)} min.`}{" "}
            {went.parting.between.length > 1 && `It could not tell these apart: ${went.parting.between.join("; or ")}.`}
          </p>
          <p className="mt-1">
            Better: <b>{went.parting.better}</b>, {went.parting.wouldTell.toFixed(1)} bits for{" "}
            {Math.round(went.parting.betterMinutes)} min.
          </p>
        </section>
      )}
      {went.beliefs.length > 0 && (
        <section aria-label="What was believed" className="mt-4">
          <h3 className="text-lg">What was believed, and is not so</h3>
          <ul>
            {went.beliefs.map((one) => (
              <li key={one} className="border-l-4 border-advised py-1 pl-3">
                {one}
              </li>
            ))}
          </ul>
        </section>
      )}
      <div className="mt-5 grid gap-6 lg:grid-cols-2">
        <RoadList title="Your road" road={went.gone} parted={went.parting?.step ?? null} />
        <RoadList title="The road of the best next tests" road={went.best} parted={null} />
      </div>
      <section className="mt-5">
        <h3 className="text-lg">How it is put right</h3>
        <ol className="list-decimal pl-6">
          {went.repair.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
        <h3 className="mt-2 text-lg">What proves it</h3>
        <ul className="list-disc pl-6">
          {went.proof.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ul>
      </section>
      <div className="mt-6 flex flex-wrap gap-3">
        <Button tone="main" className="min-h-12" onClick={() => onAgain(went.again)}>
          The same once more, in another house
        </Button>
        <Button className="min-h-12" onClick={onLeave}>
          All cases
        </Button>
      </div>
    </div>
  );
}

function Figure({ name, gone, best, digits = 0 }: { name: string; gone: number; best: number; digits?: number }) {
  return (
    <>
      <dt>{name}</dt>
      <dd className="font-bold tabular-nums">{gone.toFixed(digits)}</dd>
      <dd className="font-bold tabular-nums">{best.toFixed(digits)}</dd>
    </>
  );
}

function RoadList({ title, road, parted }: { title: string; road: RoadShown; parted: number | null }) {
  return (
    <section aria-label={title} className="min-w-0">
      <h3 className="border-b-2 border-ink pb-1 text-lg">{title}</h3>
      {road.steps.length === 0 && <p className="py-2 text-ink-2">No step.</p>}
      <ol>
        {road.steps.map((step, place) => (
          <li
            // biome-ignore lint/suspicious/noArrayIndexKey: a road is read, and never changes
            key={place}
            className={cn(
              "flex gap-3 border-b border-hair py-1.5",
              place === parted && "border-l-4 border-l-bare pl-2",
            )}
          >
            <span className="w-9 shrink-0 text-right tabular-nums text-ink-2">{Math.round(step.at)}</span>
            <span className="min-w-0">
              {step.done}: <b className={step.danger ? "text-bare" : undefined}>{step.read}</b>
              {step.open.length > 0 && (
                <span className="code block text-sm text-ink-2">open {step.open.join(", ")}</span>
              )}
            </span>
            <span className="ml-auto shrink-0 tabular-nums">
              {step.bits === null ? "" : `${step.bits.toFixed(1)} bits`}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
