import { usePage } from "@inertiajs/react";
import { useState } from "react";
import { cn } from "@/lib/cn";
import { roughLength, type Unit } from "@/lib/length";
import type { BoxPage, Land, Pair, RelandingShown } from "@/types/pages";
import type { Observation } from "@/types/sent";
import { Button } from "@/ui/Button";
import { Choose } from "@/ui/Choose";
import { ItsCable } from "./ItsCable";

interface Props {
  pair: Pair;
  box: BoxPage;
  unit: Unit;
  onObserve: (seen: Observation) => void;
  /** Lands both conductors; done now by hand, or so already. */
  onLand: (pair: Pair, land: Land) => void;
  /** What is seen of its cable, in the words of the house file. */
  onSeen: (pair: Pair, set: Record<string, unknown>) => void;
}

const SIDES: [Land, string][] = [
  ["line", "LINE"],
  ["load", "LOAD"],
  ["splice", "SPLICE"],
  ["cap", "CAP"],
];

/** One pair of the box: what was read on it, where it lands, and what happens downstream if it lands elsewhere. */
export function PairCard({ pair, box, unit, onObserve, onLand, onSeen }: Props) {
  const [tried, tryOut] = useState<Land | null>(null);
  const now = pair.landing;
  const both = now !== null && now.hot === now.neutral ? now.hot : null;
  const then = pair.cable?.if.find((one) => one.land === tried);
  // Going on, to somewhere: what happens is said in words.
  const elsewhere = pair.undrawn.find((one) => one.land === tried);
  const chosen = then ?? elsewhere;
  const title =
    pair.name !== null
      ? `Pair ${pair.name}`
      : `${pair.isFeed ? "Feed" : "Goes on"}${box.opened === null ? "" : ", as drawn: which pair is not told yet"}`;
  return (
    <section
      aria-label={title}
      className={cn("border-[1.5px] border-ink bg-sheet px-2.5 py-2", now && both === null && "border-2 border-bare")}
    >
      <div className="flex flex-wrap items-baseline gap-x-2">
        <h4 className="text-base font-bold narrow">{title}</h4>
        <p className="text-sm text-ink-2">{said(pair, unit)}</p>
      </div>
      {pair.reads.map((read) => (
        <p key={read.spoken} className="text-sm">
          {read.spoken}
          {!read.proof && <span className="text-advised">: likely, not certain</span>}
        </p>
      ))}
      {pair.tag && (
        <p className="mt-0.5 text-sm">
          Tag it: <span className="code">{pair.tag}</span>
        </p>
      )}
      {((pair.cable && box.feedsThrough) || (pair.name !== null && pair.undrawn.length > 0)) && (
        <fieldset className="mt-1.5 grid grid-cols-4 border-[1.5px] border-ink">
          <legend className="sr-only">Where {title} lands</legend>
          {SIDES.map(([land, word]) => (
            <button
              key={land}
              type="button"
              aria-pressed={(tried ?? both) === land}
              onClick={() => tryOut(land === both ? null : land)}
              className={cn(
                "min-h-9 cursor-pointer text-sm font-bold narrow hover:bg-band max-lg:min-h-12",
                both === land && "bg-ink text-on-ink",
                tried === land && "bg-band outline-2 -outline-offset-2 outline-focus",
              )}
            >
              {word}
            </button>
          ))}
        </fieldset>
      )}
      {now && both === null && (
        <p className="mt-1 text-sm font-semibold text-bare">
          Hot on {now.hot.toUpperCase()}, neutral on {now.neutral.toUpperCase()}: the device trips at every load.
        </p>
      )}
      {chosen && (
        <div className="mt-1.5" role="status">
          <p className="font-semibold">{then ? happens(then) : elsewhere?.says}</p>
          {then && then.leakageMa !== null && (
            <p className="text-sm text-ink-2">{then.leakageMa} mA of honest leakage would pass this device.</p>
          )}
          <div className="mt-1 flex flex-wrap gap-2">
            <Button
              size="small"
              tone="main"
              disabled={!box.handsOn.allowed}
              title={box.handsOn.allowed ? undefined : box.handsOn.why}
              onClick={() => {
                onLand(pair, chosen.land);
                tryOut(null);
              }}
            >
              Land it on {chosen.label}
            </Button>
            <Button
              size="small"
              onClick={() => {
                onLand(pair, chosen.land);
                tryOut(null);
              }}
            >
              It sits there already
            </Button>
          </div>
          {!box.handsOn.allowed && <p className="mt-1 text-sm text-bare">{box.handsOn.why}</p>}
        </div>
      )}
      {pair.seen && (
        <ItsCable seen={pair.seen} unit={unit} methods={box.methods} onChange={(set) => onSeen(pair, set)} />
      )}
      {pair.name !== null && <Identify pair={pair} name={pair.name} box={box} onObserve={onObserve} />}
    </section>
  );
}

/** Which pair is the feed, by any of the ways of the trade, each as reliable as it is. */
function Identify({
  pair,
  name,
  box,
  onObserve,
}: {
  pair: Pair;
  name: string;
  box: BoxPage;
  onObserve: Props["onObserve"];
}) {
  const { user } = usePage<{ user: { feedMark: string | null } | null }>().props;
  const offered = box.means.filter((one) => box.liveWork || !one.live);
  const [by, setBy] = useState(offered[0]?.value ?? "mark");
  const means = box.means.find((one) => one.value === by);
  const question = pair.asks[by];
  const see = (live: boolean) => onObserve({ kind: "pair", point: box.point, pair: name, live, by });
  return (
    <details className="mt-1.5 border-t border-hair pt-1">
      <summary className="cursor-pointer text-sm font-semibold narrow max-lg:min-h-12 max-lg:pt-3">
        {pair.isFeed === null ? "Is it the feed?" : "Read it again"}
      </summary>
      <div className="mt-1.5 flex flex-col gap-1.5">
        <Choose
          label={`How pair ${name} is told`}
          value={by}
          options={offered.map((one) => ({ value: one.value, label: one.label }))}
          onChange={(value) => setBy(offered.find((one) => one.value === value)?.value ?? by)}
        />
        <p className="font-semibold">{question?.ask}</p>
        {question?.answers.map((answer) => (
          <button
            key={answer.say}
            type="button"
            onClick={() => see(answer.feed)}
            className={cn(
              "flex min-h-12 cursor-pointer flex-col justify-center border-[1.5px] border-ink bg-raised px-3 py-1 text-left",
              "hover:bg-band",
            )}
          >
            <span className="font-bold narrow">{answer.say}</span>
            <span className="text-sm text-ink-2">{answer.means}</span>
          </button>
        ))}
      </div>
      <p className="mt-1 text-sm text-ink-2">
        {by === "mark" && user?.feedMark && <>Your crew marks the feed so: {user.feedMark}. </>}
        {means?.proof ? "" : "Weak evidence: it counts as likely, never as certain. "}
        {means?.live && (
          <>
            <b className="text-bare">Live work.</b> All pairs apart and capped, read at test ports with rated gloves,
            glasses and insulated tools; nobody else at the panel. Then off and proved dead again.
          </>
        )}
      </p>
    </details>
  );
}

function said(pair: Pair, unit: Unit): string {
  const { seen } = pair;
  return [
    pair.name === null ? null : pair.isFeed === null ? "not told yet" : pair.isFeed ? "the feed" : "goes on",
    seen?.awg ? `${seen.awg} AWG` : null,
    seen?.ft ? roughLength(seen.ft, unit) : null,
    seen?.hot || seen?.neutral ? `${seen.hot ?? "?"} hot, ${seen.neutral ?? "?"} neutral` : null,
  ]
    .filter((part) => part !== null)
    .join(", ");
}

/** What happens downstream, in one sentence. */
export function happens(then: RelandingShown): string {
  const parts = [
    then.gains.length > 0 ? `${list(then.gains)} ${then.gains.length === 1 ? "becomes" : "become"} protected` : null,
    then.loses.length > 0 ? `${list(then.loses)} ${then.loses.length === 1 ? "loses" : "lose"} protection` : null,
    then.dark.length > 0 ? `${list(then.dark)} ${then.dark.length === 1 ? "has" : "have"} no power` : null,
  ].filter((part) => part !== null);
  return parts.length === 0 ? `On ${then.label} nothing else changes.` : `On ${then.label}: ${parts.join("; ")}.`;
}

function list(codes: string[]): string {
  return codes.length > 4 ? `${codes.slice(0, 3).join(", ")} and ${codes.length - 3} more` : codes.join(", ");
}
