import { Link } from "@inertiajs/react";
import { Moon, Redo2, Search, Sun, Undo2 } from "lucide-react";
import { type ReactNode, useEffect, useRef } from "react";
import { SavingNotice } from "@/features/house/SavingNotice";
import type { HouseInHand } from "@/features/house/useHouse";
import { Alarms } from "@/features/live/Alarms";
import { HuntBar } from "@/features/live/HuntBar";
import type { HuntInHand } from "@/features/live/usePulse";
import type { Job } from "@/features/workspace/address";
import { cn } from "@/lib/cn";
import { useTheme } from "@/lib/theme";
import { useMay } from "@/lib/useMay";
import { Button } from "@/ui/Button";
import { HouseMenu } from "./HouseMenu";
import { JobRail } from "./JobRail";
import { JobStrip, type StripTool } from "./JobStrip";
import { LiveBar } from "./LiveBar";
import { OnlyReading } from "./OnlyReading";
import { SaveState } from "./SaveState";
import { SessionEnded } from "./SessionEnded";

/** Everything around a view of a house: which house, what is live, the stages of the job, undo, and whether it is saved. */
interface Props {
  house: HouseInHand;
  hunt: HuntInHand;
  job: Job;
  onJob: (job: Job) => void;
  onSearch: () => void;
  /** Puts a line back where it is typed. */
  onMend: (line: string) => void;
  /** On a phone, what belongs to the job beside it. */
  tools: StripTool[];
  children: ReactNode;
}

export function HouseShell({ house, hunt, job, onJob, onSearch, onMend, tools, children }: Props) {
  const { sheet } = house;
  const head = sheet.house;
  const may = useMay();
  useUndoKeys(house);
  return (
    <div data-engine={house.here} className="flex h-dvh flex-col overflow-hidden print:h-auto print:overflow-visible">
      <header className="flex items-stretch border-b-2 border-ink max-lg:flex-wrap lg:h-13">
        <Link
          href="/houses"
          className={cn(
            "flex w-26 items-center justify-center border-r-2 border-ink text-[1.2rem] font-extrabold",
            "[font-stretch:70%] hover:bg-band max-lg:hidden",
          )}
          aria-label="bouclier, all houses"
        >
          bouclier
        </Link>
        <div className="flex min-w-0 flex-col justify-center px-4 py-1.5 max-lg:flex-1 lg:min-w-60">
          <p className="truncate text-base leading-tight font-bold">{head.name}</p>
          <p className="truncate text-xs text-ink-2">
            {head.jurisdiction ? `${head.jurisdiction}, ` : ""}
            {head.editionName}
            {head.amendments > 0 && `, ${head.amendments} local ${head.amendments === 1 ? "amendment" : "amendments"}`},{" "}
            {head.workName.toLowerCase()}
          </p>
        </div>
        <div className="flex items-center lg:order-last lg:px-1 print:hidden">
          <SaveState house={house} />
          <IconButton label="Find a room, outlet, breaker or finding" hint="Ctrl K" onTap={onSearch}>
            <Search size={18} aria-hidden />
          </IconButton>
          <IconButton
            label={head.undo === null ? "Undo" : `Undo: ${head.undo}`}
            hint={head.undo === null ? "Nothing to undo" : `Undo: ${head.undo}`}
            disabled={head.undo === null || !may.change}
            onTap={house.undo}
          >
            <Undo2 size={18} aria-hidden />
          </IconButton>
          <IconButton
            label={head.redo === null ? "Redo" : `Redo: ${head.redo}`}
            hint={head.redo === null ? "Nothing to redo" : `Redo: ${head.redo}`}
            disabled={head.redo === null || !may.change}
            onTap={house.redo}
            className="max-lg:hidden"
          >
            <Redo2 size={18} aria-hidden />
          </IconButton>
          <ThemeButton />
          <HouseMenu house={house} />
        </div>
        <div className="flex min-w-0 max-lg:w-full lg:flex-1 print:hidden">
          <LiveBar house={house} />
        </div>
      </header>
      <Alarms house={house} />
      <OnlyReading />
      <SavingNotice house={house} onMend={onMend} />
      <HuntBar hunt={hunt} />
      <div className="flex min-h-0 flex-1 flex-col lg:grid lg:grid-cols-[6.5rem_1fr] print:block">
        <JobRail sheet={sheet} job={job} onGo={onJob} />
        {children}
      </div>
      <JobStrip sheet={sheet} job={job} onGo={onJob} tools={tools} />
      <SessionEnded house={house} />
    </div>
  );
}

function ThemeButton() {
  const { theme, other, turn } = useTheme();
  return (
    <IconButton
      label={other === "dark" ? "Dark, for crawl spaces" : "Light, for daylight"}
      onTap={turn}
      className="max-lg:hidden"
    >
      {theme === "dark" ? <Sun size={18} aria-hidden /> : <Moon size={18} aria-hidden />}
    </IconButton>
  );
}

interface IconProps {
  label: string;
  hint?: string;
  disabled?: boolean;
  onTap: () => void;
  className?: string;
  children: ReactNode;
}

function IconButton({ label, hint, disabled = false, onTap, className, children }: IconProps) {
  return (
    <Button
      tone="bare"
      className={cn("size-11 px-0 max-lg:size-12", className)}
      disabled={disabled}
      onClick={onTap}
      aria-label={label}
      title={hint}
    >
      {children}
    </Button>
  );
}

function useUndoKeys(house: HouseInHand) {
  // What a key does is what stands on the screen when it is pressed.
  const now = useRef(house);
  now.current = house;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== "z") return;
      if (event.target instanceof HTMLInputElement) return;
      event.preventDefault();
      const { undo, redo, sheet } = now.current;
      if (event.shiftKey) {
        if (sheet.house.redo !== null) redo();
      } else if (sheet.house.undo !== null) undo();
    };
    addEventListener("keydown", onKey);
    return () => removeEventListener("keydown", onKey);
  }, []);
}
