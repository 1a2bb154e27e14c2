import type { CallState } from "@/types/pages";
import { Button } from "@/ui/Button";
import { round } from "./NextTest";

/** Boxes that stand open: how far each is apart, and what it costs to make it up before power comes to it. */
export function OpenBoxes({ boxes, onBox }: { boxes: CallState["boxes"]; onBox: (point: string) => void }) {
  if (boxes.length === 0) return null;
  return (
    <section aria-label="Open boxes">
      <h3 className="border-b border-ink pb-1 text-base">Boxes that stand open</h3>
      <ul>
        {boxes.map((box) => (
          <li key={box.point} className="flex items-center gap-2 border-t border-hair py-1.5 first:border-t-0">
            <p className="flex-1">
              <b className="code">{box.code}</b> {box.label}.{" "}
              <span className="text-ink-2">
                Making it up takes {round(box.minutes)} min of the test that wants power.
              </span>
            </p>
            <Button size="small" onClick={() => onBox(box.point)} aria-label={`To the box of ${box.code}`}>
              To the box
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
