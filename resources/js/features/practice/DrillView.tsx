import { useEffect, useMemo, useState } from "react";
import { newId } from "@/data/ahead";
import type { DrillAnswered, DrillItemShown, DrillRound } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Tap } from "@/ui/Taps";
import { practise } from "./ask";
import { Kept } from "./kept";

interface Props {
  kind: string;
  seed: number;
  user: string;
  onAgain: () => void;
  onLeave: () => void;
}

const MS = 1000;

/** A round of ten boxes: one at a time, answered, told why, and the next. */
export function DrillView({ kind, seed, user, onAgain, onLeave }: Props) {
  const kept = useMemo(() => new Kept(user), [user]);
  const [round, setRound] = useState<DrillRound | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [at, setAt] = useState(0);
  const [answers, setAnswers] = useState<Record<string, string>>({});
  const [said, setSaid] = useState<DrillAnswered | null>(null);
  const [boxes, setBoxes] = useState<{ answers: Record<string, string>; right: boolean }[]>([]);
  const [began] = useState(() => Date.now());
  const [seconds, setSeconds] = useState(0);

  useEffect(() => {
    void practise<DrillRound>("drill", { kind, seed }).then((answer) => {
      if (answer !== null && "answer" in answer) setRound(answer.answer);
      else
        setRefused(
          answer === null
            ? "Nobody answers: there is no signal, and practice is not on this phone yet."
            : answer.refused,
        );
    });
  }, [kind, seed]);
  const isOver = round !== null && boxes.length === round.boxes.length;
  useEffect(() => {
    if (isOver) return;
    const timer = window.setInterval(() => setSeconds(Math.round((Date.now() - began) / MS)), MS);
    return () => clearInterval(timer);
  }, [began, isOver]);

  if (round === null)
    return (
      <p role={refused === null ? "status" : "alert"} className="py-6">
        {refused ?? "The boxes are being drawn …"}
      </p>
    );
  const right = boxes.filter((one) => one.right).length;
  if (isOver && at >= round.boxes.length)
    return (
      <div className="py-6">
        <h2 className="text-2xl">
          {right} of {round.boxes.length} boxes right, in {Math.floor(seconds / 60)} min {seconds % 60} s
        </h2>
        <div className="mt-4 flex flex-wrap gap-3">
          <Button tone="main" className="min-h-12" onClick={onAgain}>
            Ten others
          </Button>
          <Button className="min-h-12" onClick={onLeave}>
            All drills
          </Button>
        </div>
      </div>
    );
  const box = round.boxes[at];
  if (box === undefined) return null;
  const isAnswered = box.items.every((item) => answers[item.id] !== undefined);

  const check = async () => {
    const answer = await practise<DrillAnswered>("drill/answer", { kind, seed, number: at + 1, answers });
    if (answer === null || "refused" in answer) return;
    setSaid(answer.answer);
    const all = [...boxes, { answers, right: answer.answer.right }];
    setBoxes(all);
    if (all.length < round.boxes.length) return;
    kept.ends({
      kind: "drills",
      body: {
        id: newId(),
        kind,
        seed,
        boxes: all.map((one) => ({ answers: one.answers })),
        seconds: Math.round((Date.now() - began) / MS),
      },
    });
    void kept.send();
  };
  const next = () => {
    setAt(at + 1);
    setAnswers({});
    setSaid(null);
    scrollTo(0, 0);
  };

  return (
    <div className="pb-24 lg:max-w-3xl">
      <p className="mt-3 flex gap-4 text-ink-2 tabular-nums">
        <span>
          Box {at + 1} of {round.boxes.length}
        </span>
        <span>{right} right</span>
        <span className="ml-auto">
          {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, "0")}
        </span>
      </p>
      <p className="mt-1 text-lg font-semibold">{box.prompt}</p>
      {box.items.map((item) => (
        <Item
          key={item.id}
          item={item}
          options={box.options}
          answer={answers[item.id]}
          said={said?.items.find((one) => one.id === item.id)}
          onAnswer={(answer) => setAnswers((before) => ({ ...before, [item.id]: answer }))}
        />
      ))}
      <footer className="fixed inset-x-0 bottom-0 z-30 flex items-center gap-4 border-t-2 border-ink bg-raised px-4 py-2 lg:sticky lg:mt-6">
        {said !== null && (
          <b role="status" className={said.right ? "text-xl text-kept" : "text-xl text-bare"}>
            {said.right ? "Right" : "Not so"}
          </b>
        )}
        {said === null ? (
          <Button tone="main" className="ml-auto min-h-12" disabled={!isAnswered} onClick={() => void check()}>
            That is it
          </Button>
        ) : (
          <Button tone="main" className="ml-auto min-h-12" onClick={next}>
            {at + 1 === round.boxes.length ? "How it went" : "Next box"}
          </Button>
        )}
      </footer>
    </div>
  );
}

interface ItemProps {
  item: DrillItemShown;
  options: string[];
  answer: string | undefined;
  said: DrillAnswered["items"][number] | undefined;
  onAnswer: (answer: string) => void;
}

const LAMPS = ["hot to neutral", "hot to ground", "neutral to ground"];

function Item({ item, options, answer, said, onAnswer }: ItemProps) {
  const [read, setRead] = useState<string[]>([]);
  return (
    <section aria-label={item.label} className="mt-4 border-2 border-ink bg-raised px-3 py-2">
      <h3 className="text-lg">{item.label}</h3>
      {item.seen.map((one) => (
        <p key={one} className="text-ink-2">
          {one}
        </p>
      ))}
      {item.lamps && (
        <p className="my-2 flex gap-4">
          {LAMPS.map((lamp, place) => (
            <span key={lamp} className="flex items-center gap-1.5">
              <span
                aria-hidden
                className={
                  item.lamps?.[place]
                    ? "size-5 rounded-full border-2 border-ink bg-[var(--brass)]"
                    : "size-5 rounded-full border-2 border-edge"
                }
              />
              <span className="text-sm">
                {lamp} {item.lamps?.[place] ? "lit" : "dark"}
              </span>
            </span>
          ))}
        </p>
      )}
      {item.reads.length > 0 && (
        <div className="mt-1 flex flex-wrap gap-1.5">
          {item.reads.map((one) =>
            read.includes(one.do) ? (
              <span key={one.do} className="flex min-h-11 items-center border-b-2 border-ink px-2">
                {one.do}: <b className="ml-1 tabular-nums">{one.shows}</b>
              </span>
            ) : (
              <Button key={one.do} size="small" onClick={() => setRead((before) => [...before, one.do])}>
                {one.do}
              </Button>
            ),
          )}
        </div>
      )}
      <div className="mt-2 flex flex-wrap gap-1.5">
        {options.map((option) => (
          <Tap key={option} pressed={answer === option} disabled={said !== undefined} onTap={() => onAnswer(option)}>
            {option}
          </Tap>
        ))}
      </div>
      {said && (
        <p className={said.right ? "mt-2 text-kept" : "mt-2 text-bare"}>
          <b>{said.right ? "Right." : `It is: ${said.answer}.`}</b> <span className="text-ink">{said.why}</span>
        </p>
      )}
    </section>
  );
}
