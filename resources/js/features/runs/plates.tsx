import type { ReactNode } from "react";
import type { LookAt } from "@/types/pages";
import { HALF } from "./layout";

/** Plates of outlets as they were seen, or would be: without their verdict. Drawn in the 40 by 48 of a mark, its middle at 20. */

interface SeenProps {
  number: string;
  /** Without voltage. */
  isDark: boolean;
  edge: string;
  width: number;
  /** Where its number stands. */
  y?: number;
}

export function SeenPlate({ number, isDark, edge, width, y = 28 }: SeenProps) {
  return (
    <>
      <rect
        x={20 - HALF}
        y={9}
        width={2 * HALF}
        height={30}
        rx={3}
        fill={isDark ? "var(--ink)" : "var(--raised)"}
        stroke={edge}
        strokeWidth={width}
      />
      <text
        x={20}
        y={y}
        textAnchor="middle"
        className="code label"
        fontSize={12}
        fontWeight={700}
        fill={isDark ? "var(--on-ink)" : "var(--ink)"}
      >
        {number}
      </text>
    </>
  );
}

const LAMPS = ["hn", "hg", "ng"] as const;

/** As a tester in it would show if a suspect were it: three lamps, hot to neutral first; marked where that is not as it should be. */
export function LookedAtPlate({ look, number }: { look: LookAt | undefined; number: string }) {
  if (look === undefined) return <SeenPlate number={number} isDark={false} edge="var(--edge)" width={1.4} />;
  const isDark = LAMPS.every((lamp) => !look.lamps[lamp]);
  return (
    <>
      <SeenPlate
        number={number}
        isDark={isDark}
        edge={look.isOther ? "var(--bare)" : "var(--ink)"}
        width={look.isOther ? 3 : 1.4}
        y={23}
      />
      {LAMPS.map((lamp, at) => (
        <circle
          key={lamp}
          cx={12.5 + 7.5 * at}
          cy={31.5}
          r={2.6}
          fill={look.lamps[lamp] || isDark ? "var(--ink)" : "var(--raised)"}
          stroke={isDark ? "var(--on-ink)" : "var(--ink)"}
          strokeWidth={1.1}
        />
      ))}
      {look.tells && <path d="M20 8l4 -5h-8z" fill="var(--bare)" />}
      {look.clamp && (
        <BareText y={48} size={10}>
          {look.clamp.ma.toFixed(look.clamp.ma < 10 ? 1 : 0)} mA
        </BareText>
      )}
    </>
  );
}

/** What is wrong at a plate, under it. */
export function BareText({ y, size, children }: { y: number; size: number; children: ReactNode }) {
  return (
    <text
      className="label"
      x={20}
      y={y}
      textAnchor="middle"
      fontSize={size}
      fontWeight={700}
      fill="var(--bare)"
      stroke="var(--sheet)"
      strokeWidth={3}
      paintOrder="stroke"
      style={{ fontStretch: "76%" }}
    >
      {children}
    </text>
  );
}
