import { useCallback, useEffect, useState } from "react";

/** Where in practice somebody is, as the address says it: `?case=…`, `?drill=…`, or neither. */
export interface Place {
  case: string | null;
  drill: string | null;
}

function read(): Place {
  const said = new URLSearchParams(location.search);
  return { case: said.get("case"), drill: said.get("drill") };
}

/** Back undoes the last step, and a reload finds it. */
export function usePlace(): [Place, (to: Partial<Place>) => void] {
  const [place, see] = useState<Place>(read);
  useEffect(() => {
    const onPop = (event: PopStateEvent) => {
      if (location.pathname !== "/practice") return;
      event.stopImmediatePropagation();
      see(read());
    };
    addEventListener("popstate", onPop, true);
    return () => removeEventListener("popstate", onPop, true);
  }, []);
  const go = useCallback((to: Partial<Place>) => {
    const said = new URLSearchParams();
    for (const [key, value] of Object.entries(to)) if (value !== null) said.set(key, value);
    const search = said.toString();
    history.pushState(history.state, "", `/practice${search === "" ? "" : `?${search}`}`);
    see({ case: to.case ?? null, drill: to.drill ?? null });
    scrollTo(0, 0);
  }, []);
  return [place, go];
}
