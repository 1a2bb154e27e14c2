import { useRef } from "react";
import { cn } from "@/lib/cn";
import { type Unit, writtenLength } from "@/lib/length";
import type { GhostShown } from "@/types/pages";

interface Props {
  ghost: GhostShown;
  inHand: boolean;
  /** Not given where the house can only be looked at. */
  onTake: (() => void) | null;
  /** Dragged along the ruler, in pixels from where it stood; null where there is no water to measure from. */
  onDrag: ((dx: number) => void) | null;
  unit: Unit;
  style: { left: number; top: number };
}

/** Less than this is a tap with an unsteady hand. */
const DRAG_PX = 6;

/** What such a room usually has and nobody has confirmed: dashed. The one in hand can be dragged along the ruler. */
export function GhostMark({ ghost, inHand, onTake, onDrag, unit, style }: Props) {
  const from = useRef<number | null>(null);
  const where = ghost.ft === null ? "" : `, ${writtenLength(ghost.ft, unit)} from the water`;
  return (
    <button
      type="button"
      disabled={onTake === null}
      aria-pressed={inHand}
      aria-label={`${ghost.name}, usual here and not confirmed${where}`}
      onClick={() => !inHand && onTake?.()}
      onPointerDown={(event) => {
        if (!inHand || onDrag === null) return;
        from.current = event.clientX;
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={(event) => {
        if (from.current === null || onDrag === null || Math.abs(event.clientX - from.current) < DRAG_PX) return;
        onDrag(event.clientX - from.current);
        from.current = event.clientX;
      }}
      onPointerUp={() => {
        from.current = null;
      }}
      style={{ left: style.left - 22, top: style.top }}
      className={cn(
        "absolute flex h-13 w-11 -translate-y-1/2 cursor-pointer touch-none items-center justify-center hover:bg-ink/10",
        inHand && "outline-3 outline-focus",
      )}
    >
      <svg viewBox="0 0 40 48" width={40} height={48} aria-hidden focusable="false">
        {ghost.kind === "light" ? (
          <circle cx={20} cy={24} r={13} {...DASHED} />
        ) : (
          <rect x={9} y={9} width={22} height={30} rx={ghost.kind === "receptacle" ? 3 : 0} {...DASHED} />
        )}
        <path d="M15 24h10M20 19v10" stroke="var(--ink-2)" strokeWidth={1.6} />
      </svg>
    </button>
  );
}

const DASHED = { fill: "var(--sheet)", stroke: "var(--ink-2)", strokeWidth: 1.6, strokeDasharray: "4 3" };
