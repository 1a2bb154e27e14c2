import { cn } from "@/lib/cn";
import type { JudgedPage } from "@/types/pages";

/** The drawings and lists a house is looked at by. */
export type View = "call" | "rooms" | "runs" | "trips" | "findings";

interface Props {
  sheet: JudgedPage;
  view: View;
  onView: (view: View) => void;
}

/** The order of the job. Only stages that exist are shown; each says what is still open in it. */
export function WorkRail({ sheet, view, onView }: Props) {
  const outlets = sheet.rooms.flatMap((room) => room.outlets);
  const gaps = outlets.filter((o) =>
    [o.gfci, o.afci].some((judged) => judged.verdict === "missing" || judged.verdict === "advised"),
  ).length;
  const { call } = sheet.house;
  const untraced = outlets.filter((o) => !o.traced).length;
  return (
    <nav
      aria-label="Stages of the job"
      className="border-ink bg-rail max-lg:order-last max-lg:border-t-2 lg:border-r-2 print:hidden"
    >
      <ul className="flex lg:flex-col lg:pt-2.5">
        <Stage
          name="Call"
          open={call === null ? "none open" : "open"}
          current={view === "call"}
          onGo={() => onView("call")}
        />
        <Stage
          name="Survey"
          open={gaps === 0 ? "no gaps" : `${gaps} ${gaps === 1 ? "gap" : "gaps"} open`}
          current={view === "rooms" || view === "findings"}
          onGo={() => onView("rooms")}
        />
        <Stage
          name="Trace"
          open={untraced === 0 ? "all traced" : `${untraced} not traced`}
          current={view === "runs"}
          onGo={() => onView("runs")}
        />
        <Stage
          name="Trips"
          open={call === null ? "no call" : call.tests === 0 ? "not begun" : `${call.tests} tests`}
          current={view === "trips"}
          onGo={() => onView("trips")}
        />
      </ul>
    </nav>
  );
}

interface StageProps {
  name: string;
  /** What is still open in it. */
  open: string;
  current: boolean;
  onGo: () => void;
}

function Stage({ name, open, current, onGo }: StageProps) {
  return (
    <li className="max-lg:flex-1">
      <button
        type="button"
        onClick={onGo}
        aria-current={current ? "step" : undefined}
        className={cn(
          "relative flex min-h-14 w-full cursor-pointer flex-col justify-center px-3.5 text-left narrow max-lg:items-center",
          current ? "bg-ink text-on-ink" : "hover:bg-band",
        )}
      >
        <span className="text-[0.95rem] font-semibold">{name}</span>
        <span className={cn("text-xs", current ? "text-on-ink-2" : "text-ink-2")}>{open}</span>
        {current && (
          <span
            aria-hidden
            className="absolute top-0 -right-[11px] z-10 hidden border-y-[28px] border-l-[11px] border-y-transparent border-l-ink lg:block"
          />
        )}
      </button>
    </li>
  );
}
