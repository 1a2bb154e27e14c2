import type { TripTimes } from "@/types/pages";
import { path } from "./plot";

const SIZE = { width: 300, height: 64, left: 38, right: 8, top: 8, bottom: 10 };

/** The trip times of a device one after the other, the first on the left: whether it grows slow. */
export function Drift({ tests }: { tests: TripTimes["tests"] }) {
  const times = tests.map((test) => test.ms).reverse();
  const [first] = times;
  if (first === undefined || times.length < 2) return null;
  const most = Math.max(2.2 * first, ...times);
  const x = (at: number) => SIZE.left + (at / (times.length - 1)) * (SIZE.width - SIZE.left - SIZE.right);
  const y = (ms: number) => SIZE.height - SIZE.bottom - (ms / most) * (SIZE.height - SIZE.top - SIZE.bottom);
  const last = times[times.length - 1] ?? first;
  return (
    <figure>
      <svg
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        className="block w-full"
        role="img"
        aria-label={`Trip times, ${times.length} of them: first ${first} ms, last ${last} ms`}
      >
        <path
          d={`M${SIZE.left} ${y(2 * first)}H${SIZE.width - SIZE.right}`}
          stroke="var(--bare)"
          strokeDasharray="4 3"
        />
        <text x={SIZE.left - 5} y={y(2 * first) + 4} textAnchor="end" fontSize={11} fill="var(--ink-2)">
          {Math.round(2 * first)}
        </text>
        <text x={SIZE.left - 5} y={y(first) + 4} textAnchor="end" fontSize={11} fill="var(--ink-2)">
          {Math.round(first)}
        </text>
        <path
          d={path(times.map((ms, at) => ({ x: x(at), y: y(ms) })))}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2}
        />
        {times.map((ms, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: the same time may come twice
          <circle key={at} cx={x(at)} cy={y(ms)} r={3.5} fill="var(--ink)" />
        ))}
      </svg>
      <figcaption className="text-sm text-ink-2">
        ms, the first on the left; at twice the first it is wearing out.
      </figcaption>
    </figure>
  );
}
