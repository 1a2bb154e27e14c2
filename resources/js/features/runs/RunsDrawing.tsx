import { useLayoutEffect, useMemo, useRef, useState } from "react";
import { MarkPatterns, Plate } from "@/features/rooms/OutletMark";
import { cn } from "@/lib/cn";
import type { Unit } from "@/lib/length";
import type { LeakageLevel, LookAt, Outlet, Room, Run, RunsPage } from "@/types/pages";
import type { Protection } from "@/types/sent";

import { type Home, LABEL, layOutRuns, type Note, type Opened, type RunLayout, type Spot } from "./layout";
import { BareText, LookedAtPlate, SeenPlate } from "./plates";
import { fitting, shortened, widthOf } from "./texts";

/** What was seen of an outlet while an answer is being given. */
export type Seen = "dead" | "live";

interface Props {
  sheet: RunsPage;
  rooms: Room[];
  unit: Unit;
  protection: Protection;
  selected: string | null;
  onSelect: (id: string) => void;
  /** Marks drawn as they were seen, while that is being answered. */
  seen?: Map<string, Seen> | null;
  /** What each would read if a suspect were it, drawn in the place of the verdicts. */
  looks?: Map<string, LookAt> | null;
  /** Outlets and circuits that are other in it than they are now, marked. */
  changed?: Set<string> | null;
  opened: Opened;
  /** A breaker opens its run, and closes it again. */
  onOpen: (circuit: string) => void;
}

/** The id of the drawing, by which it is exported. */
export const RUNS_SVG = "runs-svg";

/** The house as runs: every circuit one line from its breaker, what is protected enclosed, what is only guessed dashed. */
export function RunsDrawing({
  sheet,
  unit,
  rooms,
  protection,
  selected,
  onSelect,
  seen = null,
  looks = null,
  changed = null,
  opened,
  onOpen,
}: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  useLayoutEffect(() => {
    const box = frame.current;
    if (!box) return;
    const measure = () => setWidth(box.clientWidth);
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(box);
    return () => observer.disconnect();
  }, []);
  const outlets = useMemo(() => new Map(rooms.flatMap((room) => room.outlets).map((o) => [o.id, o])), [rooms]);
  const homes = useMemo(() => homesOf(rooms), [rooms]);
  const drawing = useMemo(
    () => layOutRuns(sheet, homes, Math.max(width - 2, 340), opened, unit),
    [sheet, homes, width, opened, unit],
  );
  const spots = [
    ...drawing.runs.flatMap((run) => run.spots.map((spot) => ({ ...spot, x: spot.x + run.x, y: spot.y + run.y }))),
    ...drawing.unplaced,
  ];
  return (
    <div ref={frame} className="overflow-x-auto pb-6 print:overflow-visible">
      <MarkPatterns />
      {width > 0 && (
        <div className="relative print:h-auto! print:w-full!" style={{ width: drawing.width, height: drawing.height }}>
          <svg
            id={RUNS_SVG}
            width={drawing.width}
            height={drawing.height}
            viewBox={`0 0 ${drawing.width} ${drawing.height}`}
            aria-hidden
            focusable="false"
            className="absolute inset-0 print:static print:h-auto print:w-full"
          >
            {drawing.runs.map((run) => (
              <g key={run.run.id} transform={`translate(${run.x} ${run.y})`}>
                <RunShapes layout={run} changed={changed?.has(run.run.id) ?? false} />
              </g>
            ))}
            {drawing.unplaced.length > 0 && (
              <text
                className="label"
                x={0}
                y={drawing.unplacedAt + 16}
                fontSize={13}
                fontWeight={700}
                fill="var(--ink)"
              >
                On no known breaker yet
              </text>
            )}
            {spots.map((spot) => (
              <PlateAt
                key={spot.id}
                spot={spot}
                outlet={outlets.get(spot.id)}
                protection={protection}
                seen={seen}
                looks={looks}
                changed={changed?.has(spot.id) ?? false}
              />
            ))}
          </svg>
          {drawing.runs.map(({ run, x, y, mid, opened: open }) => (
            <button
              key={run.id}
              type="button"
              aria-expanded={open}
              aria-label={`Breaker ${run.slot} ${run.label}: ${open ? "close" : "open"} its run`}
              onClick={() => onOpen(run.id)}
              style={{ left: x, top: y + mid - LABEL.height / 2 - 3, width: LABEL.width, height: LABEL.height + 6 }}
              className="absolute cursor-pointer hover:bg-ink/10 print:hidden"
            />
          ))}
          {spots.map((spot) => {
            const outlet = outlets.get(spot.id);
            if (!outlet) return null;
            const what = seen?.get(spot.id);
            const look = looks?.get(spot.id);
            const verdict =
              look === undefined
                ? `${protection.toUpperCase()} ${outlet[protection].verdictName}`
                : `would read ${look.spoken}${look.isOther ? ", not as it should" : ""}`;
            return (
              <button
                key={spot.id}
                type="button"
                id={`mark-${spot.id}`}
                aria-pressed={seen ? what === "dead" : spot.id === selected}
                aria-label={`${outlet.code} ${outlet.name}: ${seen ? (what ?? "not looked at") : verdict}`}
                onClick={() => onSelect(spot.id)}
                style={{ left: spot.x - 20, top: spot.y - 24 }}
                className={cn(
                  "absolute h-12 w-10 cursor-pointer hover:bg-ink/10 print:hidden",
                  spot.id === selected && "outline-3 outline-focus",
                )}
              />
            );
          })}
        </div>
      )}
    </div>
  );
}

/** Where each outlet is; rooms of the same name go by their code as well. */
export function homesOf(rooms: Room[]): Map<string, Home> {
  const named = (name: string) => rooms.filter((room) => room.name === name).length;
  return new Map(
    rooms.flatMap((room) =>
      room.outlets.map((o): [string, Home] => [
        o.id,
        {
          code: o.code,
          room: named(room.name) > 1 ? `${room.code} ${room.name}` : room.name,
          roomCode: room.code,
        },
      ]),
    ),
  );
}

/** Everything of a circuit but its plates, which lie on top of all. */
function RunShapes({ layout, changed }: { layout: RunLayout; changed: boolean }) {
  const { run, mid } = layout;
  const top = mid - LABEL.height / 2;
  const after = 14 + Math.max(16, widthOf(run.slot, 16));
  return (
    <>
      {layout.stretches.map((stretch) => (
        <g key={stretch.by} fill="none" strokeLinejoin="round" strokeLinecap="round">
          <path
            d={stretch.d}
            stroke={stretch.nested ? "var(--advised)" : "var(--kept)"}
            strokeWidth={stretch.width}
            strokeDasharray={stretch.nested ? "2 4" : undefined}
            strokeLinecap={stretch.nested ? "butt" : "round"}
          />
          <path d={stretch.d} stroke="var(--kept-ground)" strokeWidth={stretch.width - (stretch.nested ? 4 : 5)} />
        </g>
      ))}
      {layout.lines.map((line) => (
        <g key={line.key}>
          <path
            d={line.d}
            fill="none"
            stroke={line.past ? "var(--bare)" : "var(--ink)"}
            strokeWidth={line.past ? 2.4 : 1.8}
            strokeDasharray={line.certain ? undefined : "5 4"}
          />
          {line.text !== null && (
            <text
              className="label"
              x={line.at.x}
              y={line.at.y}
              textAnchor="middle"
              fontSize={line.past ? 11 : 10.5}
              fontWeight={line.past ? 700 : 400}
              fill={line.past ? "var(--bare)" : "var(--ink-2)"}
              style={{ fontStretch: "78%" }}
            >
              {line.text}
            </text>
          )}
        </g>
      ))}
      <rect
        x={1}
        y={top}
        width={LABEL.width - 1}
        height={LABEL.height}
        fill={run.gfci ? "var(--kept-ground)" : "var(--raised)"}
        stroke={run.gfci ? "var(--kept)" : "var(--ink)"}
        strokeWidth={1.6}
      />
      {changed && <ChangedMark x={1} y={top} width={LABEL.width - 1} height={LABEL.height} />}
      <text
        className="label"
        x={8}
        y={mid + 6}
        fontSize={16}
        fontWeight={800}
        fill="var(--ink)"
        style={{ fontStretch: "75%" }}
      >
        {run.slot}
      </text>
      <text
        className="label"
        x={after}
        y={mid - 3}
        fontSize={12.5}
        fontWeight={700}
        fill="var(--ink)"
        style={{ fontStretch: "76%" }}
      >
        {shortened(run.label, LABEL.width - after - 4, 12.5)}
      </text>
      <text className="label" x={after} y={mid + 12} fontSize={11} fill="var(--ink-2)" style={{ fontStretch: "80%" }}>
        {fitting(ratings(run), LABEL.width - after - 4, 11)}
      </text>
      {layout.brackets.map((bracket) => (
        <g key={`${bracket.x1} ${bracket.y}`}>
          {layout.opened && (
            <path
              d={`M${bracket.x1} ${bracket.y + 4}v-5H${bracket.x2}v5`}
              fill="none"
              stroke="var(--edge)"
              strokeWidth={1.1}
            />
          )}
          <text
            className="label"
            x={bracket.x1 + 2}
            y={bracket.y - (layout.opened ? 5 : 3)}
            fontSize={layout.opened ? 11 : 10}
            fontWeight={600}
            fill="var(--ink-2)"
            style={{ fontStretch: "78%" }}
          >
            {bracket.text}
          </text>
        </g>
      ))}
      {layout.notes.map((note) => (
        <NoteText key={note.text} note={note} />
      ))}
    </>
  );
}

function NoteText({ note }: { note: Note }) {
  const fill = { bare: "var(--bare)", advised: "var(--advised)", plain: "var(--ink-2)" }[note.tone];
  return (
    <text
      className="label"
      x={note.x}
      y={note.y}
      fontSize={11.5}
      fontWeight={600}
      fill={fill}
      style={{ fontStretch: "78%" }}
    >
      {note.text}
    </text>
  );
}

interface PlateAtProps {
  spot: Spot;
  outlet: Outlet | undefined;
  protection: Protection;
  seen: Map<string, Seen> | null;
  looks: Map<string, LookAt> | null;
  changed: boolean;
}

function PlateAt({ spot, outlet, protection, seen, looks, changed }: PlateAtProps) {
  if (!outlet) return null;
  const number = outlet.code.split("-").pop() ?? "";
  const what = seen?.get(spot.id);
  const look = looks?.get(spot.id);
  return (
    <g transform={`translate(${spot.x - 20} ${spot.y - 24})`}>
      {looks && !seen ? (
        <LookedAtPlate look={look} number={number} />
      ) : seen ? (
        <SeenPlate
          number={number}
          isDark={what === "dead"}
          edge={what === undefined ? "var(--edge)" : "var(--ink)"}
          width={what === undefined ? 1.4 : 2}
        />
      ) : (
        <Plate
          verdict={outlet[protection].verdict}
          text={number}
          device={outlet.device !== "standard" && outlet.device !== "none"}
          kind={outlet.kind}
          flagged={outlet.findings.some((finding) => finding.severity !== "advice")}
          proof={outlet.proof}
        />
      )}
      {changed && <ChangedMark x={3} y={3} width={34} height={42} />}
      {spot.leakage && spot.leakage.ma > 0 && !seen && !looks && <LeakageMark leakage={spot.leakage} />}
      {spot.wrong !== null && (
        <BareText y={24 + spot.wrongAt} size={10.5}>
          {spot.wrong}
        </BareText>
      )}
    </g>
  );
}

/** Other than it is now: four corners round it, so that it shows without colour. */
function ChangedMark({ x, y, width, height }: { x: number; y: number; width: number; height: number }) {
  const [left, top, right, bottom] = [x - 1, y - 1, x + width + 1, y + height + 1];
  return (
    <path
      d={
        `M${left} ${top + 8}V${top}h8M${right - 8} ${top}H${right}v8` +
        `M${right} ${bottom - 8}V${bottom}h-8M${left + 8} ${bottom}H${left}v-8`
      }
      fill="none"
      stroke="var(--focus)"
      strokeWidth={3}
    />
  );
}

const LEVELS = { fine: "var(--kept)", near: "var(--advised)", over: "var(--bare)" };
/** Milliamperes at the end of the little bar: where a GFCI trips. */
const FULL_MA = 6;

/**
 * What leaks through a device with nothing wrong, on a bar to the current it trips at, with a tick where it surely holds; left of the
 * way down to a branch.
 */
function LeakageMark({ leakage: { ma, level } }: { leakage: LeakageLevel }) {
  const x = (value: number) => 2 + (Math.min(value, FULL_MA) / FULL_MA) * 36;
  return (
    <g transform="translate(-22 0)">
      <rect x={2} y={49} width={36} height={3.5} fill="var(--rail)" stroke="var(--edge)" strokeWidth={0.6} />
      <rect x={2} y={49} width={Math.max(1, x(ma) - 2)} height={3.5} fill={LEVELS[level]} />
      <path d={`M${x(4)} 47.5v6.5`} stroke="var(--ink)" strokeWidth={1} />
      <text
        className="label"
        x={20}
        y={63}
        textAnchor="middle"
        fontSize={10}
        fontWeight={level === "fine" ? 400 : 700}
        fill={level === "fine" ? "var(--ink-2)" : LEVELS[level]}
        style={{ fontStretch: "78%" }}
      >
        {ma.toFixed(1)} mA
      </text>
    </g>
  );
}

/** Amperes, what the breaker protects against, what leaks through it: the fullest wording first. */
function ratings(run: Run): string[] {
  const amps = `${run.amps} A`;
  const kind = run.breaker === "standard" ? amps : `${amps} ${run.breaker.toUpperCase()}`;
  return run.leakage ? [`${kind}, ${run.leakage.ma.toFixed(1)} mA`, kind] : [kind];
}
