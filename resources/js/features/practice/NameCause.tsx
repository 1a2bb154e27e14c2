import { useEffect, useState } from "react";
import type { CauseToName } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { Tap } from "@/ui/Taps";
import { practise } from "./ask";
import type { Deed } from "./kept";

interface Props {
  name: string;
  deeds: Deed[];
  onName: (cause: string | null) => void;
  onClose: () => void;
}

/** The cause named: first where it is, then what. Whoever does not know says so. */
export function NameCause({ name, deeds, onName, onClose }: Props) {
  const [causes, setCauses] = useState<CauseToName[] | null>(null);
  const [place, setPlace] = useState<string | null>(null);
  useEffect(() => {
    void practise<CauseToName[]>("causes", { case: name, deeds }).then((said) => {
      if (said !== null && "answer" in said) setCauses(said.answer);
    });
  }, [name, deeds]);
  const places = [...new Set((causes ?? []).map((one) => one.place))];
  return (
    <Sheet title="What is it?" onClose={onClose}>
      <div className="px-4 pt-3 pb-5">
        <h3 className="text-base">Where</h3>
        {causes === null && <p className="text-ink-2">One moment …</p>}
        <div className="mt-1 flex flex-wrap gap-1.5">
          {places.map((one) => (
            <Tap key={one} pressed={place === one} onTap={() => setPlace(one)}>
              {one}
            </Tap>
          ))}
        </div>
        {place !== null && (
          <>
            <h3 className="mt-4 text-base">What</h3>
            <ul className="mt-1">
              {(causes ?? [])
                .filter((one) => one.place === place)
                .map((one) => (
                  <li key={one.id} className="border-b border-hair">
                    <button
                      type="button"
                      onClick={() => onName(one.id)}
                      className="min-h-12 w-full cursor-pointer py-2 text-left font-semibold hover:bg-band"
                    >
                      {one.name}
                    </button>
                  </li>
                ))}
            </ul>
          </>
        )}
        <Button className="mt-5" onClick={() => onName(null)}>
          I do not know: show me
        </Button>
      </div>
    </Sheet>
  );
}
