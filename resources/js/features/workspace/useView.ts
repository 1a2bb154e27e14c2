import { useCallback, useState } from "react";
import type { View } from "@/features/shell/WorkRail";

export const TITLES: Record<View, string> = {
  call: "Call",
  rooms: "Rooms",
  runs: "Runs",
  trips: "Trips",
  findings: "Findings",
};

function isView(said: string | null): said is View {
  return said !== null && Object.hasOwn(TITLES, said);
}

/** The view is kept in the address, so that a reload or a link finds it again. */
export function useView(): [View, (view: View) => void] {
  const [view, setView] = useState<View>(() => {
    const said = new URLSearchParams(location.search).get("view");
    return isView(said) ? said : "rooms";
  });
  const set = useCallback((next: View) => {
    setView(next);
    history.replaceState(
      history.state,
      "",
      `${location.pathname}${next === "rooms" ? "" : `?view=${next}`}${location.hash}`,
    );
  }, []);
  return [view, set];
}
