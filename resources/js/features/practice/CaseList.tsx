import { useMemo, useState } from "react";
import type { PracticePageShown } from "@/types/pages";
import { Button } from "@/ui/Button";
import { LabelledChoose } from "@/ui/Choose";
import { Field } from "@/ui/Field";
import { drawn } from "./ask";
import { Kept } from "./kept";
import { Progress } from "./Progress";

interface Props {
  page: PracticePageShown;
  user: string;
  onCase: (name: string) => void;
  onDrill: (name: string) => void;
}

const SEEDS = 1_000_000;
const USUAL = 6;
const ANY = "any";
const AS_IT_COMES = "as_it_comes";

/** What there is to practise: what is under way, written cases, drawn ones, drills; and how it has gone. */
export function CaseList({ page, user, onCase, onDrill }: Props) {
  const underWay = useMemo(() => new Kept(user).underWay(), [user]);
  return (
    <div className="grid gap-x-8 pb-8 lg:grid-cols-[3fr_2fr]">
      <div className="min-w-0">
        {underWay.length > 0 && (
          <section aria-label="Under way" className="mt-4">
            <h2 className="border-b-2 border-ink pb-1 text-lg">Under way</h2>
            {underWay.map((one) => (
              <button
                key={one.name}
                type="button"
                onClick={() => onCase(one.name)}
                className="block min-h-12 w-full cursor-pointer border-b border-hair py-2 text-left hover:bg-band"
              >
                <b>{page.choices.written.find((written) => written.name === one.name)?.title ?? one.name}</b>
                <span className="text-ink-2">, {one.deeds.length} steps so far</span>
              </button>
            ))}
          </section>
        )}
        <Draw page={page} onCase={onCase} />
        <section aria-label="Written cases" className="mt-6">
          <h2 className="border-b-2 border-ink pb-1 text-lg">Calls that were written down</h2>
          {page.choices.written.map((one) => (
            <button
              key={one.name}
              type="button"
              onClick={() => onCase(one.name)}
              className="block min-h-12 w-full cursor-pointer border-b border-hair py-2 text-left hover:bg-band"
            >
              <b>{one.title}</b> {page.solved.includes(one.name) && <span className="text-kept">found</span>}
              <span className="block text-ink-2">“{one.words}”</span>
            </button>
          ))}
        </section>
      </div>
      <div className="min-w-0">
        <section aria-label="Box drills" className="mt-4">
          <h2 className="border-b-2 border-ink pb-1 text-lg">Box drills, ten at a time</h2>
          {page.choices.drills.map((drill) => (
            <button
              key={drill.name}
              type="button"
              onClick={() => onDrill(`${drill.name}.${seed()}`)}
              className="block min-h-12 w-full cursor-pointer border-b border-hair py-2 text-left hover:bg-band"
            >
              <b>{drill.label}</b>
              <span className="block text-ink-2">{drill.means}</span>
            </button>
          ))}
        </section>
        <Progress page={page} />
      </div>
    </div>
  );
}

export function seed(): number {
  return Math.floor(Math.random() * SEEDS);
}

function Draw({ page, onCase }: { page: PracticePageShown; onCase: (name: string) => void }) {
  const { choices } = page;
  const [kind, setKind] = useState(ANY);
  const [outlets, setOutlets] = useState(String(USUAL));
  const [number, setNumber] = useState("");
  const [level, setLevel] = useState(AS_IT_COMES);
  const [state, setState] = useState<"idle" | "drawing" | "none">("idle");
  const draw = async () => {
    const chosen = number === "" ? seed() : Number(number);
    if (level === AS_IT_COMES) return onCase(`${kind}.${outlets}.${chosen}`);
    setState("drawing");
    const name = await drawn({ kind: kind === ANY ? null : kind, outlets: Number(outlets), level, seed: chosen });
    setState(name === null ? "none" : "idle");
    if (name !== null) onCase(name);
  };
  const sizes = Array.from({ length: choices.most - choices.least + 1 }, (_, more) => String(choices.least + more));
  return (
    <section aria-label="Draw a case" className="mt-4">
      <h2 className="border-b-2 border-ink pb-1 text-lg">Draw a case</h2>
      <div className="mt-2 grid gap-3 sm:grid-cols-2">
        <LabelledChoose
          label="About"
          value={kind}
          options={[{ value: ANY, label: "Not told" }, ...choices.kinds]}
          onChange={setKind}
        />
        <LabelledChoose
          label="Outlets"
          value={outlets}
          options={sizes.map((value) => ({ value, label: value }))}
          onChange={setOutlets}
        />
        <LabelledChoose
          label="How hard"
          value={level}
          options={[{ value: AS_IT_COMES, label: "As it comes" }, ...choices.levels]}
          onChange={setLevel}
        />
        <Field
          label="Number, where a class works on one"
          inputMode="numeric"
          value={number}
          onChange={(event) => setNumber(event.target.value.replace(/\D/g, "").slice(0, 9))}
        />
      </div>
      <Button tone="main" className="mt-3 min-h-12" disabled={state === "drawing"} onClick={() => void draw()}>
        {state === "drawing" ? "Drawing: how hard each is has to be worked out …" : "Draw it"}
      </Button>
      {state === "none" && (
        <p role="alert" className="mt-2">
          None like that could be drawn here. Take another size, or as it comes.
        </p>
      )}
    </section>
  );
}
