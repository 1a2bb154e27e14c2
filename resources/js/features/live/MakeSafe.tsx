import type { ReactNode } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { cn } from "@/lib/cn";
import type { BoxPage } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Glows } from "./Glows";
import { LockOut } from "./LockOut";
import { Prove } from "./Prove";
import { ReadLive } from "./ReadLive";
import type { HuntInHand } from "./usePulse";
import { Which } from "./Which";

interface Props {
  house: HouseInHand;
  hunt: HuntInHand;
  box: BoxPage;
  code: string;
}

/** Read live, breaker off and locked, then proved dead at this point: known live, every half or pair, known live again. */
export function MakeSafe({ house, hunt, box, code }: Props) {
  const known = box.breakers.length > 0;
  const off = known && box.breakers.every((breaker) => breaker.off);
  const anyOff = house.sheet.live.some((breaker) => breaker.off);
  if (box.handsOn.allowed) {
    return (
      <section className="border-l-4 border-kept bg-kept-ground px-3 py-2">
        <p className="font-semibold">{box.handsOn.why}</p>
        <p className="text-sm">
          It holds at this point only, for {box.holdsHours} hours, while the breaker stays off and nothing here reads
          live.
        </p>
        <Glows house={house} point={box.point} />
      </section>
    );
  }
  return (
    <section aria-label={`Make ${code} safe`} className="border-l-4 border-bare px-3 py-1">
      <h3 className="text-base">Make it safe</h3>
      <p className="mb-1">{box.handsOn.why}</p>
      <Step number={1} title="Read it live, with the breaker on" done={box.seenLive}>
        <ReadLive key={`${box.point}${box.seenLive}`} house={house} box={box} code={code} isOff={off} />
      </Step>
      <Step number={2} title="Breaker off" done={null}>
        {known ? (
          <div className="flex flex-col gap-2">
            {box.breakers.map((breaker) =>
              breaker.off ? (
                <LockOut key={breaker.id} house={house} breaker={breaker} />
              ) : (
                <Button key={breaker.id} tone="main" onClick={() => house.turn(breaker.id, false)}>
                  I turned {breaker.spoken} off
                </Button>
              ),
            )}
          </div>
        ) : (
          <Which house={house} hunt={hunt} point={box.point} />
        )}
      </Step>
      {(off || (!known && anyOff)) && (
        <Step number={3} title={`Prove ${code} dead, below ${box.limitVolts} V`} done={null}>
          <Prove house={house} box={box} code={code} />
        </Step>
      )}
      {off && (
        <details className="mt-2 border-t border-hair pt-1">
          <summary className="cursor-pointer font-semibold narrow max-lg:min-h-12 max-lg:pt-3">
            It still reads live with that breaker off
          </summary>
          <p className="my-1 text-sm">Then it is on another one, or on two. Treat it as live and find it.</p>
          <Which house={house} hunt={hunt} point={box.point} />
        </details>
      )}
    </section>
  );
}

interface StepProps {
  number: number;
  title: string;
  /** What was found, once it is done. */
  done: string | null;
  children: ReactNode;
}

function Step({ number, title, done, children }: StepProps) {
  return (
    <section aria-label={title} className="border-t border-hair py-2">
      <h4 className="mb-1 flex items-baseline gap-2 font-bold narrow">
        <span
          className={cn(
            "inline-flex size-6 shrink-0 items-center justify-center border-[1.5px] border-ink text-sm",
            done !== null && "bg-kept text-on-ink",
          )}
        >
          {number}
        </span>
        {title}
      </h4>
      {done !== null && <p className="text-sm font-semibold text-kept">{done}</p>}
      {done === null && children}
    </section>
  );
}
