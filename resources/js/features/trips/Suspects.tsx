import { cn } from "@/lib/cn";
import { percent } from "@/lib/number";
import type { CallPage, Suspect } from "@/types/pages";
import { Button } from "@/ui/Button";

interface Props {
  sheet: CallPage;
  before: Record<string, number>;
  onSelect: (point: string) => void;
  /** What every outlet would read if one of them were it. */
  onLook: (suspect: string) => void;
}

/** Who is suspected, and how much: bars that move as facts come in, with a mark where each stood before the last one. */
export function Suspects({ sheet, before, onSelect, onLook }: Props) {
  const suspects = sheet.state?.suspects ?? [];
  const marked = suspects.some((one) => before[one.id] !== undefined);
  return (
    <section aria-label="Suspects">
      <h2 className="border-b border-ink pb-1 text-xl">Suspects</h2>
      {sheet.state?.lost === true && (
        <p className="mt-2 border-l-4 border-bare bg-bare-ground px-3 py-2 font-semibold">
          {sheet.state?.misfits !== undefined && sheet.state?.misfits.length > 0
            ? `Nothing I know fits ${spokenFacts(sheet)} together. One of them may be misread: withdraw it, or ` +
              "look for something that is not on this list."
            : "Nothing I know fits what was read. Something is not on this list, or a fact is misread."}
        </p>
      )}
      <ol>
        {suspects.map((one) => (
          <Line key={one.id} suspect={one} before={before[one.id]} onSelect={onSelect} onLook={onLook} />
        ))}
      </ol>
      {(sheet.state?.others ?? 0) >= 0.005 && (
        <p className="border-t border-hair pt-2 text-ink-2">All others together: {percent(sheet.state?.others ?? 0)}</p>
      )}
      {marked && <p className="pt-1 text-sm text-ink-2">The red mark is where it stood before the last fact.</p>}
    </section>
  );
}

interface LineProps {
  suspect: Suspect;
  before: number | undefined;
  onSelect: (point: string) => void;
  onLook: (suspect: string) => void;
}

function Line({ suspect, before, onSelect, onLook }: LineProps) {
  const { point } = suspect;
  return (
    <li className="border-t border-hair py-2 first:border-t-0">
      <div className="flex items-baseline gap-2">
        {point === null ? (
          <h3 className="text-base leading-snug">{suspect.name}</h3>
        ) : (
          <h3 className="text-base leading-snug">
            <button type="button" className="cursor-pointer text-left hover:underline" onClick={() => onSelect(point)}>
              {suspect.name}
            </button>
          </h3>
        )}
        <b className="ml-auto text-xl whitespace-nowrap narrow">{percent(suspect.probability)}</b>
      </div>
      <div className="relative my-1.5 h-3 bg-rail" aria-hidden>
        <span
          className="absolute inset-y-0 left-0 bg-ink transition-[width] duration-300 motion-reduce:transition-none"
          style={{ width: `${100 * suspect.probability}%` }}
        />
        {before !== undefined && (
          <span className="absolute -inset-y-1 w-0.5 bg-bare" style={{ left: `${100 * before}%` }} />
        )}
      </div>
      <p className="text-sm text-ink-2">
        <b className="text-ink">Before anything was read</b> {suspect.often}
      </p>
      <Said word="For" lines={suspect.for} />
      <Said word="Against" lines={suspect.against} />
      {suspect.predicts !== null && suspect.probability >= 0.02 && (
        <p className="text-sm text-ink-2">
          <b className="text-ink">If so, next</b> {suspect.predicts}
        </p>
      )}
      {suspect.looks !== null && (
        <Button size="small" tone="bare" className="-ml-2 underline" onClick={() => onLook(suspect.id)}>
          What it would look like
        </Button>
      )}
      {suspect.same.length > 0 && (
        <p className="text-sm text-ink-2">
          <b className="text-ink">Mended in the same way:</b> {suspect.same.slice(0, 3).join("; ")}
        </p>
      )}
    </li>
  );
}

/** The last few are enough; the rest are in what is known. */
function Said({ word, lines }: { word: string; lines: string[] }) {
  if (lines.length === 0) return null;
  const last = lines.slice(-2);
  return (
    <p className={cn("text-sm text-ink-2")}>
      <b className="text-ink">{word}</b> {last.join("; ")}
      {lines.length > last.length && `; and ${lines.length - last.length} before`}
    </p>
  );
}

function spokenFacts(sheet: CallPage): string {
  const numbers = (sheet.state?.misfits ?? []).map((at) => at + 1);
  return numbers.length === 1 ? `fact ${numbers[0]}` : `facts ${numbers.join(" and ")}`;
}
