import { useState } from "react";
import { type Asking, tapped } from "@/features/trace/asking";
import { TracePanel } from "@/features/trace/TracePanel";
import type { LookingAt } from "@/features/trips/looking";
import { WhichIsIt, WouldRead } from "@/features/trips/WhichIsIt";
import { useWide } from "@/lib/useWide";
import type { JudgedPage } from "@/types/pages";
import type { Protection } from "@/types/sent";
import { Button } from "@/ui/Button";
import { NotBegun } from "@/ui/NotBegun";
import { NotCome } from "@/ui/NotCome";
import { Segments } from "@/ui/Segments";
import { saveSvg } from "./exportSvg";
import { RUNS_SVG, RunsDrawing, type Seen } from "./RunsDrawing";
import { useOpened } from "./useOpened";
import type { RunsInHand } from "./useRuns";

interface Props {
  house: JudgedPage;
  runs: RunsInHand;
  protection: Protection;
  selected: string | null;
  onSelect: (id: string) => void;
  onTurn: (circuit: string, on: boolean) => void;
  asking: Asking | null;
  onAsking: (asking: Asking | null) => void;
  onBox: (point: string) => void;
  /** The survey comes before the trace. */
  onSurvey: () => void;
  /** With a call open: what it would look like if a suspect were it. */
  looking: LookingAt | null;
}

/** The runs; on a phone the trace comes first, one question at a time, and the drawing is a tap away. */
export function RunsView({
  house,
  runs,
  protection,
  selected,
  onSelect,
  onTurn,
  asking,
  onAsking,
  onBox,
  onSurvey,
  looking,
}: Props) {
  const wide = useWide();
  const [shown, show] = useState<"steps" | "drawing">(selected === null && !looking?.isAsked ? "steps" : "drawing");
  const { opened, toggle, all } = useOpened(runs.sheet, selected);
  const { sheet } = runs;
  if (house.rooms.every((room) => room.outlets.length === 0))
    return (
      <NotBegun step="To the survey" onStep={onSurvey}>
        The runs are drawn from the outlets and the breakers: survey a room first.
      </NotBegun>
    );
  if (!sheet) return <NotCome what="the runs" asked={runs} />;
  const walking = asking !== null && asking.at !== null && asking.kind !== "open" && asking.kind !== "button";
  const drawing = (
    <RunsDrawing
      sheet={sheet}
      rooms={house.rooms}
      unit={house.house.unit}
      protection={protection}
      selected={selected}
      onSelect={(id) => (walking ? onAsking(tapped(asking, id)) : onSelect(id))}
      seen={walking ? seenIn(asking) : null}
      looks={walking || !looking?.suspect ? null : looking.at}
      opened={opened}
      onOpen={toggle}
    />
  );
  const which = looking && <WhichIsIt looking={looking} />;
  const would = looking && (
    <WouldRead looking={looking} outlets={house.rooms.flatMap((room) => room.outlets)} onSelect={onSelect} />
  );
  const tools = (
    <div className="flex flex-wrap gap-1 print:hidden">
      <Button size="small" tone="bare" className="underline" onClick={all}>
        {opened === "all" ? "Close the runs" : "Open every run"}
      </Button>
      <Button
        size="small"
        tone="bare"
        className="underline"
        onClick={() => {
          const svg = document.getElementById(RUNS_SVG);
          if (svg instanceof SVGSVGElement) saveSvg(svg, house.house.name);
        }}
      >
        Save as SVG
      </Button>
      <Button size="small" tone="bare" className="underline" onClick={() => print()}>
        Print
      </Button>
    </div>
  );
  if (wide) {
    return (
      <>
        {which}
        {drawing}
        {would}
        {tools}
      </>
    );
  }
  return (
    <>
      {!asking && (
        <div className="mb-3">
          <Segments
            label="Trace by"
            value={shown}
            options={[
              ["steps", "Next step"],
              ["drawing", "The runs"],
            ]}
            onChange={show}
          />
        </div>
      )}
      {shown === "drawing" && !asking ? (
        <>
          {which}
          {would}
          {drawing}
          {tools}
        </>
      ) : (
        <TracePanel
          runs={runs}
          sheet={sheet}
          rooms={house.rooms}
          live={house.live}
          onTurn={onTurn}
          asking={asking}
          onAsking={onAsking}
          onBox={onBox}
        />
      )}
    </>
  );
}

function seenIn(asking: Asking): Map<string, Seen> {
  const dead = asking.stage === "before" ? asking.before : asking.stage === "back" ? asking.notBack : asking.dead;
  return new Map(dead.map((id): [string, Seen] => [id, "dead"]));
}
