import { Plus, X } from "lucide-react";
import { useState } from "react";
import type { Unit } from "@/lib/length";
import type { Distance as FileDistance } from "@/types/house-file";
import type { DistanceShown, Outlet, Room } from "@/types/pages";
import type { Option } from "@/types/sent";
import { Button } from "@/ui/Button";
import { Choose } from "@/ui/Choose";
import { Length } from "@/ui/Length";

interface Props {
  outlet: Outlet;
  rooms: Room[];
  crosses: Option[];
  unit: Unit;
  onChange: (distances: FileDistance[]) => void;
}

/** The measured ways from an outlet to water: how far a cord would run, and what it would go through. */
export function Distances({ outlet, rooms, crosses, unit, onChange }: Props) {
  const written = [...outlet.distances].sort((a, b) => a.index - b.index).map((d) => d.asWritten);
  const replace = (index: number, change: Partial<FileDistance>) =>
    onChange(written.map((way, i) => (i === index ? { ...way, ...change } : way)));
  const fixtures = rooms.flatMap((room) =>
    room.fixtures.map((fixture) => ({ value: fixture.id, label: `${fixture.label}, ${room.code} ${room.name}` })),
  );
  const unmeasured = fixtures.filter((fixture) => !written.some((way) => way.fixture === fixture.value));
  return (
    <div className="mt-3">
      {outlet.distances.map((way) => (
        <Way
          key={way.fixture}
          way={way}
          crosses={crosses}
          unit={unit}
          onChange={(change) => replace(way.index, change)}
          onRemove={() => onChange(written.filter((_, i) => i !== way.index))}
        />
      ))}
      {unmeasured.length > 0 && (
        <NewWay fixtures={unmeasured} unit={unit} onAdd={(way) => onChange([...written, way])} />
      )}
    </div>
  );
}

interface WayProps {
  way: DistanceShown;
  crosses: Option[];
  unit: Unit;
  onChange: (change: Partial<FileDistance>) => void;
  onRemove: () => void;
}

function Way({ way, crosses, unit, onChange, onRemove }: WayProps) {
  const to = `${way.fixtureName.toLowerCase()} ${way.room}`;
  return (
    <div className="grid grid-cols-[5.5rem_1fr_auto] items-center gap-x-2 gap-y-1.5 border-t border-hair py-2">
      <Length
        key={`${way.ft} ${unit}`}
        label={`Distance to the ${to}`}
        ft={way.ft}
        unit={unit}
        onChange={(ft) => onChange({ ft })}
      />
      <span className="font-semibold">from the {to}</span>
      <Button tone="bare" size="small" aria-label={`Remove the distance to the ${to}`} onClick={onRemove}>
        <X size={16} aria-hidden />
      </Button>
      <span className="narrow text-ink-2">through</span>
      <Choose
        label={`What the path to the ${to} goes through`}
        value={way.crosses}
        options={crosses}
        onChange={(value) => onChange({ crosses: value as NonNullable<FileDistance["crosses"]> })}
        className="col-span-2"
      />
    </div>
  );
}

function NewWay({ fixtures, unit, onAdd }: { fixtures: Option[]; unit: Unit; onAdd: (way: FileDistance) => void }) {
  const [fixture, setFixture] = useState<string | null>(null);
  if (fixture === null || !fixtures.some((f) => f.value === fixture)) {
    return (
      <Button size="small" className="mt-1" onClick={() => setFixture(fixtures[0]?.value ?? null)}>
        <Plus size={16} aria-hidden /> Measured to other water
      </Button>
    );
  }
  return (
    <div className="grid grid-cols-[5.5rem_1fr] gap-2 border-t border-hair py-2">
      <Length label="New distance" ft={null} unit={unit} onChange={(ft) => onAdd({ fixture, ft })} />
      <Choose label="Measured to" value={fixture} options={fixtures} onChange={setFixture} />
    </div>
  );
}
