import { Button } from "@/ui/Button";

/** The code of an outlet, which opens it. */
export function OutletCode({
  outlet,
  onSelect,
}: {
  outlet: { id: string; code: string };
  onSelect: (id: string) => void;
}) {
  return (
    <Button size="small" tone="bare" className="code px-1.5 underline" onClick={() => onSelect(outlet.id)}>
      {outlet.code}
    </Button>
  );
}
