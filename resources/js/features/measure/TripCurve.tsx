import type { TripTimes } from "@/types/pages";
import { logAxis, path } from "./plot";

const SIZE = { width: 300, height: 176, left: 38, bottom: 24, top: 8, right: 8 };

/** How long a GFCI may take by the current that leaks, both axes logarithmic; what this device took stands on it. */
export function TripCurve({ trips }: { trips: TripTimes }) {
  const x = logAxis(4, 300, SIZE.left, SIZE.width - SIZE.right);
  const y = logAxis(10, 10_000, SIZE.height - SIZE.bottom, SIZE.top);
  const last = trips.tests[0];
  return (
    <figure>
      <svg
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        className="block w-full"
        role="img"
        aria-label={`Limit of trip times, 5.6 s at 6 mA to 25 ms at 264 mA${last ? `; last ${last.says}` : ""}`}
      >
        <path
          d={`${path(trips.limit.map((at) => ({ x: x(at.ma), y: y(at.ms) })))}L${x(300)} ${y(10_000)}L${x(6)} ${y(10_000)}Z`}
          fill="url(#hatch-bare)"
          opacity={0.55}
        />
        <path
          d={path(trips.limit.map((at) => ({ x: x(at.ma), y: y(at.ms) })))}
          fill="none"
          stroke="var(--bare)"
          strokeWidth={2.2}
        />
        {[10, 100, 1000, 10_000].map((ms) => (
          <g key={ms}>
            <path d={`M${SIZE.left} ${y(ms)}H${SIZE.width - SIZE.right}`} stroke="var(--hair)" />
            <text x={SIZE.left - 5} y={y(ms) + 4} textAnchor="end" fontSize={11} fill="var(--ink-2)">
              {ms < 1000 ? ms : `${ms / 1000} s`}
            </text>
          </g>
        ))}
        {[6, 20, 100, 264].map((ma) => (
          <g key={ma}>
            <path d={`M${x(ma)} ${SIZE.top}V${SIZE.height - SIZE.bottom}`} stroke="var(--hair)" />
            <text
              x={x(ma)}
              y={SIZE.height - 8}
              textAnchor={ma === 264 ? "end" : "middle"}
              fontSize={11}
              fill="var(--ink-2)"
            >
              {ma === 264 ? "264 mA" : ma}
            </text>
          </g>
        ))}
        {trips.tests.map((test, at) => (
          <circle
            key={`${test.at ?? ""}${test.ms}`}
            cx={x(test.ma)}
            cy={y(test.ms)}
            r={at === 0 ? 5.5 : 3.5}
            fill={at === 0 ? "var(--ink)" : "none"}
            stroke="var(--ink)"
            strokeWidth={1.8}
          />
        ))}
      </svg>
      <figcaption className="text-sm text-ink-2">
        {last ? <b className="text-ink">{last.says}.</b> : "No trip time is filed yet."} The limit is t = (20 / I)^1.43
        s from 6 to 264 mA (UL 943).
      </figcaption>
    </figure>
  );
}
