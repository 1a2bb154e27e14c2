import { ChevronUp } from "lucide-react";
import { Suspense, useState } from "react";
import type { Job } from "@/features/workspace/address";
import { cn } from "@/lib/cn";
import { lazily } from "@/lib/lazily";
import type { JudgedPage } from "@/types/pages";
import { jobsOf } from "./jobs";

const Sheet = lazily(async () => (await import("@/ui/Sheet")).Sheet);

export interface StripTool {
  name: string;
  pressed?: boolean;
  onTap: () => void;
}

interface Props {
  sheet: JudgedPage;
  job: Job;
  onGo: (job: Job) => void;
  /** What belongs to the job beside it: its other drawing, the line to type. */
  tools: StripTool[];
}

/** On a phone, under the thumb: the job that is on and what is open in it, a tap lists them all; beside it what belongs to it. */
export function JobStrip({ sheet, job, onGo, tools }: Props) {
  const [all, show] = useState(false);
  const jobs = jobsOf(sheet);
  const here = jobs.find((line) => line.job === job);
  return (
    <nav aria-label="The job" className="flex border-t-2 border-ink bg-rail lg:hidden print:hidden">
      <button
        type="button"
        aria-haspopup="dialog"
        onClick={() => show(true)}
        className="flex min-h-14 min-w-0 flex-1 cursor-pointer items-center gap-2 bg-ink px-4 py-1.5 text-left text-on-ink narrow"
      >
        <span className="min-w-0 flex-1">
          <span className="block text-[0.95rem] font-semibold">{here?.name}</span>
          <span className="block truncate text-xs text-on-ink-2">{here?.open}</span>
        </span>
        <ChevronUp size={18} aria-hidden className="shrink-0" />
      </button>
      {tools.map((tool) => (
        <button
          key={tool.name}
          type="button"
          aria-pressed={tool.pressed}
          onClick={tool.onTap}
          className="min-h-14 w-19 cursor-pointer border-l border-hair font-semibold narrow aria-pressed:bg-band"
        >
          {tool.name}
        </button>
      ))}
      {all && (
        <Suspense>
          <Sheet title="The job" onClose={() => show(false)} foot>
            <ul>
              {jobs.map((line) => (
                <li key={line.job} className="border-b border-hair">
                  <button
                    type="button"
                    aria-current={line.job === job ? "step" : undefined}
                    onClick={() => {
                      show(false);
                      onGo(line.job);
                    }}
                    className={cn(
                      "flex min-h-16 w-full cursor-pointer items-baseline gap-3 px-4 py-4 text-left",
                      line.job === job ? "bg-ink text-on-ink" : "hover:bg-band",
                    )}
                  >
                    <span className="w-24 text-lg font-bold narrow">{line.name}</span>
                    <span className={line.job === job ? "text-on-ink-2" : "text-ink-2"}>{line.open}</span>
                  </button>
                </li>
              ))}
            </ul>
          </Sheet>
        </Suspense>
      )}
    </nav>
  );
}
