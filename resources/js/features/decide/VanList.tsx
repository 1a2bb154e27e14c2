import { useState } from "react";
import { cn } from "@/lib/cn";
import type { PartLine } from "@/types/pages";
import { toTheCent } from "./chosen";

interface Props {
  house: string;
  parts: PartLine[];
  /** What the open call may take. */
  forCall: { part: string; for: string }[];
}

function kept(key: string): string[] {
  try {
    return JSON.parse(localStorage.getItem(key) ?? "[]") as string[];
  } catch {
    return [];
  }
}

/** Parts for the van, by kind and colour: what is on it already is struck out, and stays so on this phone. */
export function VanList({ house, parts, forCall }: Props) {
  const key = `bouclier-van-${house}`;
  const [there, setThere] = useState(() => kept(key));
  const turn = (part: string) => {
    const next = there.includes(part) ? there.filter((one) => one !== part) : [...there, part];
    localStorage.setItem(key, JSON.stringify(next));
    setThere(next);
  };
  return (
    <ul>
      {parts.map((part) => (
        <Part
          key={`${part.item} ${part.finish}`}
          count={Math.ceil(part.count)}
          name={[part.name, part.finish].filter(Boolean).join(", ")}
          beside={toTheCent(part.each)}
          there={there}
          onTurn={turn}
        />
      ))}
      {forCall.map((one) => (
        <Part key={one.part} count={1} name={one.part} beside={`the call: ${one.for}`} there={there} onTurn={turn} />
      ))}
    </ul>
  );
}

interface PartProps {
  count: number;
  name: string;
  beside: string;
  there: string[];
  onTurn: (name: string) => void;
}

function Part({ count, name, beside, there, onTurn }: PartProps) {
  const isThere = there.includes(name);
  return (
    <li className="border-t border-hair">
      <button
        type="button"
        aria-pressed={isThere}
        aria-label={`${count} ${name}: ${isThere ? "on the van" : "to be bought"}`}
        onClick={() => onTurn(name)}
        className={cn(
          "flex min-h-9 w-full cursor-pointer items-center gap-2 text-left hover:bg-band max-lg:min-h-12",
          isThere && "text-ink-2 line-through",
        )}
      >
        <span className="w-10 text-right font-bold">{count}</span>
        <span className="flex-1">{name}</span>
        <span className="text-ink-2">{beside}</span>
      </button>
    </li>
  );
}
