import { useState } from "react";
import { cn } from "@/lib/cn";
import type { PartLine } from "@/types/pages";
import { toTheCent } from "./chosen";

/** Parts for the van, by kind and colour: what is on it already is struck out, and stays so on this phone. */
export function VanList({ house, parts }: { house: string; parts: PartLine[] }) {
  const key = `bouclier-van-${house}`;
  const [there, setThere] = useState<string[]>(() => JSON.parse(localStorage.getItem(key) ?? "[]") as string[]);
  const turn = (part: string) => {
    const next = there.includes(part) ? there.filter((one) => one !== part) : [...there, part];
    localStorage.setItem(key, JSON.stringify(next));
    setThere(next);
  };
  return (
    <ul>
      {parts.map((part) => {
        const name = [part.name, part.finish].filter(Boolean).join(", ");
        const isThere = there.includes(name);
        return (
          <li key={name} className="border-t border-hair">
            <button
              type="button"
              aria-pressed={isThere}
              aria-label={`${Math.ceil(part.count)} ${name}: ${isThere ? "on the van" : "to be bought"}`}
              onClick={() => turn(name)}
              className={cn(
                "flex min-h-9 w-full cursor-pointer items-center gap-2 text-left hover:bg-band max-lg:min-h-12",
                isThere && "text-ink-2 line-through",
              )}
            >
              <span className="w-10 text-right font-bold">{Math.ceil(part.count)}</span>
              <span className="flex-1">{name}</span>
              <span>{toTheCent(part.each)}</span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
