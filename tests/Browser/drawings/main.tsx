import "../../../resources/css/app.css";
import { flushSync } from "react-dom";
import { createRoot } from "react-dom/client";
import { RoomsDrawing } from "@/features/rooms/RoomsDrawing";
import type { Opened } from "@/features/runs/layout";
import { RunsDrawing } from "@/features/runs/RunsDrawing";
import type { Unit } from "@/lib/length";
import type { Room, RunsPage } from "@/types/pages";

/** A house as its pages have it. */
export interface House {
  rooms: Room[];
  runs: RunsPage;
  unit: Unit;
}

const root = createRoot(document.getElementById("root") as HTMLElement);
const nothing = () => undefined;

/** Draws one house, and nothing beside it: for the test that looks for words on words. */
window.draw = (house: House, what: "rooms" | "closed" | "opened", print: boolean) => {
  const opened: Opened = what === "opened" ? "all" : new Set();
  flushSync(() =>
    root.render(
      what === "rooms" ? (
        <RoomsDrawing
          key={Math.random()}
          rooms={house.rooms}
          unit={house.unit}
          protection="gfci"
          selected={null}
          onSelect={nothing}
          {...(print ? {} : { onArrange: nothing })}
        />
      ) : (
        <RunsDrawing
          key={Math.random()}
          sheet={house.runs}
          rooms={house.rooms}
          unit={house.unit}
          protection="gfci"
          selected={null}
          onSelect={nothing}
          opened={opened}
          onOpen={nothing}
        />
      ),
    ),
  );
};

/** Words that stand on words, by what they say. */
window.collisions = () => {
  const boxes = [...document.querySelectorAll(".label")].flatMap((label) => {
    const range = document.createRange();
    range.selectNodeContents(label);
    // A heading is as wide as its column: its words are what counts.
    const rects = label instanceof SVGElement ? [label.getBoundingClientRect()] : [...range.getClientRects()];
    return rects.filter((box) => box.width > 0).map((box) => ({ box, text: label.textContent ?? "", label }));
  });
  const found: string[] = [];
  for (const [at, one] of boxes.entries())
    for (const other of boxes.slice(at + 1)) {
      if (one.label === other.label) continue;
      const across = Math.min(one.box.right, other.box.right) - Math.max(one.box.left, other.box.left);
      const down =
        Math.min(inner(one.box).bottom, inner(other.box).bottom) - Math.max(inner(one.box).top, inner(other.box).top);
      if (across > 0.5 && down > 0.5) found.push(`"${one.text}" on "${other.text}"`);
    }
  return found;
};

/** The box of a text is as high as its line: letters reach from a fifth below its top to a seventh above its bottom. */
function inner(box: DOMRect): { top: number; bottom: number } {
  return { top: box.top + box.height * 0.2, bottom: box.bottom - box.height * 0.14 };
}

declare global {
  interface Window {
    draw: (house: House, what: "rooms" | "closed" | "opened", print: boolean) => void;
    collisions: () => string[];
  }
}
