import { useEffect, useRef } from "react";

interface Keys {
  step: (by: 1 | -1) => void;
  move: (what: "areas" | "points", by: 1 | -1) => void;
  onEntry: () => void;
  onHelp: () => void;
  onSearch: () => void;
}

const MOVES: Record<string, ["areas" | "points", 1 | -1]> = {
  ArrowLeft: ["points", -1],
  ArrowRight: ["points", 1],
  ArrowUp: ["areas", -1],
  ArrowDown: ["areas", 1],
};

/**
 * The arrow keys walk from outlet to outlet, in the order they are drawn; with Shift they move it, or its room. `/` is quick entry, `?`
 * its words and the keys; Ctrl K finds, wherever one is.
 */
export function useKeys(now: Keys) {
  const keys = useRef<Keys>(now);
  keys.current = now;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "k") {
        event.preventDefault();
        keys.current.onSearch();
        return;
      }
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.target instanceof Element && event.target.closest("input, textarea, [role=menu], [role=dialog]")) {
        // In a sheet or a field the arrows have their own work; the keys can be asked for where nothing is written.
        if (event.key !== "?" || event.target.matches("input, textarea")) return;
      }
      const move = event.shiftKey ? MOVES[event.key] : undefined;
      if (move) keys.current.move(...move);
      else if (event.key === "ArrowRight") keys.current.step(1);
      else if (event.key === "ArrowLeft") keys.current.step(-1);
      else if (event.key === "/") keys.current.onEntry();
      else if (event.key === "?") keys.current.onHelp();
      else return;
      event.preventDefault();
    };
    addEventListener("keydown", onKey);
    return () => removeEventListener("keydown", onKey);
  }, []);
}
