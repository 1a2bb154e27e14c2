import { useState } from "react";
import { LAMPS, LampGlyph } from "@/features/survey/LampTaps";
import type { RoundGroup, RoundPage, RoundStepShown } from "@/types/pages";
import { Button } from "@/ui/Button";
import { FromMeter } from "./FromMeter";
import { Otherwise } from "./Otherwise";
import { ProofMark } from "./ProofMark";
import { asExpected, type RoundInHand } from "./useRound";

interface Props {
  group: RoundGroup;
  page: RoundPage;
  round: RoundInHand;
  onBox: (id: string) => void;
}

/** What is looked at now. On a phone it stands at the thumb. */
export function RoundQuestion({ group, page, round, onBox }: Props) {
  const [single, setSingle] = useState<string | null>(null);
  const step = group.routine ? group.steps.find((one) => one.key === single) : group.steps[0];
  return (
    <section
      aria-label="The question"
      className="mt-3 border-2 border-ink bg-raised px-3.5 py-3 max-lg:sticky max-lg:bottom-0 max-lg:z-10 max-lg:order-last max-lg:mt-auto"
    >
      {step ? (
        <OneStep
          key={step.key}
          step={step}
          page={page}
          round={round}
          onBox={onBox}
          onBack={group.routine ? () => setSingle(null) : null}
        />
      ) : (
        <Room group={group} round={round} onPick={setSingle} />
      )}
    </section>
  );
}

/** All outlets of a room: what each should show, and all of it seen so with one tap. */
function Room({ group, round, onPick }: { group: RoundGroup; round: RoundInHand; onPick: (key: string) => void }) {
  const open = group.steps.filter((step) => step.state === "open");
  return (
    <>
      <h2 className="text-lg">{group.title}: power</h2>
      <ul className="mt-1 max-lg:max-h-[38dvh] max-lg:overflow-y-auto">
        {group.steps.map((step) => (
          <li key={step.key}>
            <button
              type="button"
              onClick={() => onPick(step.key)}
              className="flex min-h-12 w-full cursor-pointer items-center gap-2.5 border-b border-hair text-left hover:bg-band"
            >
              <ProofMark state={step.state} />
              <span className="font-mono font-semibold">{step.spoken}</span>
              <span className="min-w-0 flex-1 truncate text-sm text-ink-2">{step.half ?? step.name}</span>
              <Expected step={step} />
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-1.5 text-sm text-ink-2">One that is otherwise: tap it.</p>
      <Button
        tone="main"
        className="mt-1.5 w-full"
        disabled={open.length === 0}
        onClick={() => void round.answer(open.map((step) => asExpected(step)))}
      >
        {open.length === 0
          ? "All seen"
          : open.length === 1
            ? "As it should be"
            : `All ${open.length} as they should be`}
      </Button>
    </>
  );
}

/** The lamps and volts that should be read, as they stand on the tester. */
function Expected({ step }: { step: RoundStepShown }) {
  const { lamps } = step;
  if (lamps === null) return <span className="text-sm">{step.expects}</span>;
  return (
    <span className="flex items-center gap-1">
      {LAMPS.map((lamp) => (
        <LampGlyph key={lamp} lit={lamps[lamp]} />
      ))}
      {step.volts !== null && <b className="ml-1 w-14 text-right tabular-nums">{step.volts.toFixed(0)} V</b>}
    </span>
  );
}

interface StepProps {
  step: RoundStepShown;
  page: RoundPage;
  round: RoundInHand;
  onBox: (id: string) => void;
  onBack: (() => void) | null;
}

function OneStep({ step, page, round, onBox, onBack }: StepProps) {
  const [other, setOther] = useState(false);
  const [ms, setMs] = useState("");
  const wrongMs = ms.trim() !== "" && !/^\d{1,5}$/.test(ms.trim());
  return (
    <>
      <p className="flex items-baseline gap-2">
        <span className="font-mono text-lg font-bold">{step.spoken}</span>
        <span className="min-w-0 flex-1 truncate text-ink-2">{step.name}</span>
        {onBack && (
          <Button size="small" onClick={onBack}>
            Back to the room
          </Button>
        )}
      </p>
      <p className="text-xl font-bold">{step.do}</p>
      <p className="flex flex-wrap items-center gap-x-2">
        {step.lamps && <Expected step={step} />}
        <span>{step.expects}</span>
      </p>
      {step.why && <p className="mt-1 text-sm text-ink-2">{step.why}</p>}
      {step.state === "failed" && <p className="mt-1 font-semibold text-bare">Last time it was not: {step.means}</p>}
      {step.step === "button" && !other && (
        <label className="mt-2 flex items-center gap-2">
          <span className="narrow font-semibold">Time, where your meter reads it</span>
          <input
            inputMode="numeric"
            value={ms}
            aria-invalid={wrongMs}
            onChange={(event) => setMs(event.target.value)}
            className="min-h-12 w-20 border-[1.5px] border-edge bg-sheet px-2 text-right text-lg font-bold aria-invalid:border-bare"
          />
          ms
        </label>
      )}
      {!other && (
        <FromMeter
          step={step}
          onAnswer={async (read) => {
            const filed = await round.answer([asExpected(step, read)]);
            if (filed) onBack?.();
            return filed;
          }}
        />
      )}
      {other ? (
        <Otherwise step={step} page={page} round={round} onBox={onBox} onBack={() => setOther(false)} />
      ) : (
        <div className="mt-2.5 flex gap-2">
          <Button
            tone="main"
            className="flex-[2]"
            disabled={wrongMs}
            onClick={() =>
              void round.answer([asExpected(step, ms.trim() === "" ? {} : { ms: Number(ms.trim()) })]).then(onBack)
            }
          >
            As it should be
          </Button>
          <Button className="flex-1" onClick={() => setOther(true)}>
            Otherwise
          </Button>
        </div>
      )}
    </>
  );
}
