import type { Job } from "@/features/workspace/address";
import { cn } from "@/lib/cn";
import type { JudgedPage } from "@/types/pages";
import { jobsOf } from "./jobs";

interface Props {
  sheet: JudgedPage;
  job: Job;
  onGo: (job: Job) => void;
}

/** At a desk: the jobs in their order, the only way from one to another. Each says what is still open in it. */
export function JobRail({ sheet, job, onGo }: Props) {
  return (
    <nav aria-label="The job" className="border-r-2 border-ink bg-rail pt-2.5 max-lg:hidden print:hidden">
      <ul>
        {jobsOf(sheet).map((line) => {
          const current = line.job === job;
          return (
            <li key={line.job}>
              <button
                type="button"
                onClick={() => onGo(line.job)}
                aria-current={current ? "step" : undefined}
                className={cn(
                  "relative flex min-h-14 w-full cursor-pointer flex-col justify-center px-3.5 py-1.5 text-left narrow",
                  current ? "bg-ink text-on-ink" : "hover:bg-band",
                )}
              >
                <span className="text-[0.95rem] font-semibold">{line.name}</span>
                <span className={cn("text-xs leading-tight", current ? "text-on-ink-2" : "text-ink-2")}>
                  {line.open}
                </span>
                {current && (
                  <span
                    aria-hidden
                    className={cn(
                      "absolute top-1/2 -right-[11px] z-10 -translate-y-1/2 border-y-[14px] border-l-[11px]",
                      "border-y-transparent border-l-ink",
                    )}
                  />
                )}
              </button>
            </li>
          );
        })}
      </ul>
    </nav>
  );
}
