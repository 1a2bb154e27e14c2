import type { Patch } from "@/features/house/useHouse";
import type { Outlet } from "@/types/sheet";
import { Button } from "@/ui/Button";

interface Props {
  appliances: Outlet["appliances"];
  onChange: (changes: Patch[]) => void;
}

/** What hangs on the outlet: on or off, and pulled with one tap. More is plugged in by quick entry: + kettle K1-02. */
export function PluggedIn({ appliances, onChange }: Props) {
  if (appliances.length === 0) return null;
  const set = (id: string, fields: Record<string, unknown>) => onChange([{ in: "appliances", id, set: fields }]);
  return (
    <ul aria-label="Plugged in" className="mt-3 border-t border-hair">
      {appliances.map((appliance) => (
        <li key={appliance.id} className="flex items-center gap-2 border-b border-hair py-1">
          <span className="min-w-0 flex-1">
            <b>{appliance.name}</b>
            <span className="text-sm text-ink-2">
              {appliance.watts !== null && ` ${appliance.watts} W`}
              {appliance.critical && ", spoils something"}
            </span>
          </span>
          <Button
            size="small"
            tone={appliance.on ? "main" : "plain"}
            aria-pressed={appliance.on}
            aria-label={`${appliance.name} on`}
            onClick={() => set(appliance.id, { on: !appliance.on })}
          >
            {appliance.on ? "on" : "off"}
          </Button>
          <Button size="small" tone="bare" className="underline" onClick={() => set(appliance.id, { at: null })}>
            Unplug
          </Button>
        </li>
      ))}
    </ul>
  );
}
