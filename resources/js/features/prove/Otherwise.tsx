import { useState } from "react";
import { Volts } from "@/features/live/Volts";
import { isVolts } from "@/features/live/volts";
import { DARK, LampTaps } from "@/features/survey/LampTaps";
import type { RoundPage, RoundStepShown } from "@/types/pages";
import type { Lamp, RoundAnswer } from "@/types/sent";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { Tap, Taps } from "@/ui/Taps";
import { asExpected, type RoundInHand } from "./useRound";

interface Props {
  step: RoundStepShown;
  page: RoundPage;
  round: RoundInHand;
  onBox: (id: string) => void;
  onBack: () => void;
}

/** What was seen instead, what that means, and what holds until it is mended. */
export function Otherwise({ step, page, round, onBox, onBack }: Props) {
  const [lamps, setLamps] = useState<Record<Lamp, boolean> | null>(null);
  const [volts, setVolts] = useState("");
  const [live, setLive] = useState<string[]>([]);
  const [nothing, setNothing] = useState(false);
  const [text, setText] = useState("");
  const [interim, setInterim] = useState<string | null>(null);
  const [due, setDue] = useState("");
  const beyond = step.dead.filter((one) => one.id !== step.at);
  const isRead = step.step === "lamps";
  const opens = step.step === "test" || step.step === "button";
  const said: Partial<RoundAnswer> = {
    as_expected: false,
    ...(lamps ? { lamps } : {}),
    ...(volts === "" ? {} : { volts: Number(volts.replace(",", ".")) }),
    ...(live.length > 0 ? { stayed_live: live } : {}),
    ...(nothing ? { tripped: false } : {}),
    ...(text.trim() === "" ? {} : { text: text.trim() }),
    ...(interim ? { interim } : {}),
    ...(due === "" ? {} : { due }),
  };
  const isReady = !isRead || lamps !== null || text.trim() !== "";
  return (
    <div className="mt-2 space-y-2.5 border-t border-hair pt-2.5">
      {isRead && step.lamps !== null && (
        <fieldset className="flex gap-2">
          <legend className="mb-1 font-semibold narrow">What it showed: tap the lamps that were lit</legend>
          <LampTaps lamps={lamps ?? DARK} onChange={setLamps} />
          <span className="w-24 self-center">
            <Volts label="hot to neutral" value={volts} onChange={setVolts} />
          </span>
        </fieldset>
      )}
      {isRead && step.lamps !== null && lamps === null && (
        <Button size="small" onClick={() => setLamps(DARK)}>
          No lamp was lit
        </Button>
      )}
      {opens && (
        <Tap pressed={nothing} onTap={() => setNothing(!nothing)}>
          Nothing tripped
        </Tap>
      )}
      {step.step === "test" && !nothing && beyond.length > 0 && (
        <Taps
          legend="What stayed live?"
          options={beyond.map((one): [string, string] => [one.id, one.code])}
          chosen={live}
          onTap={(id) => setLive(live.includes(id) ? live.filter((one) => one !== id) : [...live, id])}
        />
      )}
      <Field label="In your words" value={text} onChange={(event) => setText(event.target.value)} maxLength={300} />
      <p className="border-l-[6px] border-bare bg-bare-ground px-2.5 py-1.5 text-sm">{step.means}</p>
      <Taps
        legend="Until it is mended"
        options={page.interims.map((one): [string, string] => [one, one])}
        chosen={interim === null ? [] : [interim]}
        onTap={(one) => setInterim(one === interim ? null : one)}
      />
      <Field label="By when" type="date" value={due} onChange={(event) => setDue(event.target.value)} />
      <div className="flex flex-wrap gap-2">
        <Button
          tone="main"
          className="flex-[2]"
          disabled={!isReady || (volts !== "" && !isVolts(volts))}
          onClick={() => void round.answer([asExpected(step, said)])}
        >
          File it
        </Button>
        {step.point !== null && <Button onClick={() => onBox(step.point ?? "")}>Box {step.spoken}</Button>}
        <Button onClick={onBack}>Back</Button>
      </div>
    </div>
  );
}
