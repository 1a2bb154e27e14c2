import { useEffect, useMemo, useState } from "react";
import type { RunsPage } from "@/types/pages";
import type { Opened } from "./layout";

/**
 * Which runs are opened: the one of the outlet that is looked at, those that were tapped, or all of them; on paper always all. Closed, the
 * whole house stands on one screen.
 */
export function useOpened(sheet: RunsPage | null, selected: string | null) {
  const [tapped, setTapped] = useState<Opened>(new Set());
  const printing = usePrinting();
  const own = selected === null ? null : (sheet?.outlets[selected]?.circuit ?? null);
  const opened = useMemo<Opened>(() => {
    if (printing || tapped === "all") return "all";
    return own === null ? tapped : new Set([...tapped, own]);
  }, [printing, tapped, own]);
  const toggle = (circuit: string) => {
    const now = opened === "all" ? new Set((sheet?.circuits ?? []).map((run) => run.id)) : new Set(opened);
    if (!now.delete(circuit)) now.add(circuit);
    setTapped(now);
  };
  return { opened, toggle, all: () => setTapped(opened === "all" ? new Set() : "all") };
}

function usePrinting(): boolean {
  const [printing, setPrinting] = useState(() => matchMedia("print").matches);
  useEffect(() => {
    const query = matchMedia("print");
    const changed = () => setPrinting(query.matches);
    query.addEventListener("change", changed);
    return () => query.removeEventListener("change", changed);
  }, []);
  return printing;
}
