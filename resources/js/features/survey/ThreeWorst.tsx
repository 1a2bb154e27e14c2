import { cn } from "@/lib/cn";
import type { ConcernShown, JudgedPage } from "@/types/pages";

interface Props {
  sheet: JudgedPage;
  /** Not given on paper. */
  onOpen?: (concern: ConcernShown) => void;
  onAll?: () => void;
}

/** What comes first when there is not time for all of it: on top of the survey and of its paper. */
export function ThreeWorst({ sheet, onOpen, onAll }: Props) {
  const worst = sheet.worst.flatMap((id) => sheet.concerns.find((concern) => concern.id === id) ?? []);
  if (worst.length === 0) return null;
  return (
    <section aria-label="The three worst" className="mb-3 border-2 border-ink bg-raised">
      <h2 className="flex items-center bg-ink px-3 text-base text-on-ink">
        <span className="flex-1 py-1.5">{worst.length === 3 ? "The three worst" : "The worst"}</span>
        {onAll && (
          <button
            type="button"
            onClick={onAll}
            className="min-h-11 cursor-pointer px-1 text-sm font-semibold underline"
          >
            all {sheet.concerns.length} found
          </button>
        )}
      </h2>
      <ol>
        {worst.map((concern) => (
          <li key={concern.id} className="border-t border-hair first:border-t-0">
            {onOpen ? (
              <button
                type="button"
                onClick={() => onOpen(concern)}
                className="flex min-h-11 w-full cursor-pointer items-center px-3 py-1 text-left hover:bg-band max-lg:min-h-13"
              >
                <Worst concern={concern} />
              </button>
            ) : (
              <p className="flex items-baseline px-3 py-1.5">
                <Worst concern={concern} />
              </p>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

function Worst({ concern }: { concern: ConcernShown }) {
  return (
    <>
      <b className={cn("w-16 shrink-0 narrow", concern.urgency === "danger" ? "text-bare" : "text-ink-2")}>
        {concern.hazard === "none" ? "code" : concern.hazardName}
      </b>
      <span className="line-clamp-2 min-w-0 lg:line-clamp-1 print:line-clamp-none">
        {concern.what}
        {concern.cure && <span className="text-ink-2"> {concern.cure}</span>}
      </span>
    </>
  );
}
