import { cn } from "@/lib/cn";
import type { DeviceKept } from "@/types/pages";

interface Props {
  devices: DeviceKept[];
  onSelect?: (id: string) => void;
}

/** Protective devices, the ones that ask for something first: how old, when tested, what became of them. */
export function KeptDevices({ devices, onSelect }: Props) {
  return (
    <ul>
      {devices.map((device) => (
        <li key={device.id} className="border-b border-hair py-2">
          <p className="flex flex-wrap items-baseline gap-x-3">
            {onSelect && device.point !== null ? (
              <button
                type="button"
                onClick={() => onSelect(device.point ?? "")}
                className="code min-h-9 cursor-pointer font-semibold underline max-lg:min-h-12"
              >
                {device.spoken}
              </button>
            ) : (
              <b className={device.point === null ? undefined : "code"}>{device.spoken}</b>
            )}
            <span>{device.point === null ? device.kind : `${device.kind}, ${device.name}`}</span>
            <span className="ml-auto text-right font-semibold tabular-nums">{device.age ?? "age not known"}</span>
          </p>
          <p className={cn("text-sm", device.asks.length > 0 ? "font-semibold" : "text-ink-2")}>
            {[...device.asks, ...past(device)].join("; ")}
          </p>
        </li>
      ))}
    </ul>
  );
}

function past(device: DeviceKept): string[] {
  const [last] = device.events;
  return [
    ...(device.lastTested === null ? [] : [`tested ${device.lastTested}`]),
    ...(device.selfTest === false && device.sooner === null ? ["does not test itself"] : []),
    ...(device.trips > 0 ? [`${device.trips} ${device.trips === 1 ? "call" : "calls"} about it`] : []),
    ...(device.times.length > 0 ? [`${device.times.map((ms) => Math.round(ms)).join(", ")} ms`] : []),
    ...(last ? [`${last.what} ${last.at?.slice(0, 10) ?? ""}`.trim()] : []),
  ];
}
