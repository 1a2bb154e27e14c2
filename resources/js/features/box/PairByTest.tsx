import { useState } from "react";
import { Button } from "@/ui/Button";
import { type Pairing, paired, spoken } from "./pairing";

interface Props {
  pairs: number;
  onNote: (text: string) => void;
}

/** Where no jacket keeps a white with its hot: which neutral reads through with which hot. */
export function PairByTest({ pairs, onNote }: Props) {
  const [pairing, setPairing] = useState<Pairing>(() => Array(pairs).fill(null));
  const all = pairing.map((_, at) => at);
  return (
    <details className="mt-2 border-t border-hair pt-1">
      <summary className="cursor-pointer font-semibold narrow max-lg:min-h-12 max-lg:pt-3">
        No jacket to tell pairs apart?
      </summary>
      <p className="my-1 text-sm text-ink-2">
        Proved dead, all conductors apart and numbered. At the next box join one hot to the white that came with it;
        here the two that read through are a pair. Colour proves nothing.
      </p>
      {all.map((hot) => (
        <fieldset key={hot} className="mt-1.5 flex items-center gap-1.5">
          <legend className="float-left mr-2 w-12 text-sm narrow">hot {hot + 1}</legend>
          {all.map((neutral) => (
            <Button
              key={neutral}
              size="small"
              className="flex-1"
              tone={pairing[hot] === neutral ? "main" : "plain"}
              aria-pressed={pairing[hot] === neutral}
              aria-label={`hot ${hot + 1} reads through with neutral ${neutral + 1}`}
              onClick={() => setPairing(paired(pairing, hot, neutral))}
            >
              {neutral + 1}
            </Button>
          ))}
        </fieldset>
      ))}
      <Button
        size="small"
        className="mt-2 w-full"
        disabled={pairing.includes(null)}
        onClick={() => onNote(spoken(pairing))}
      >
        Write it down
      </Button>
    </details>
  );
}
