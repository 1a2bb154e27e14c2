import { useCallback, useState } from "react";
import type { Outlet } from "@/types/pages";

/** The selected outlet, kept in the address by its location code, so that a reload or a link finds it again. */
export function useSelection(outlets: Outlet[]): [string | null, (id: string | null) => void] {
  const [selected, setSelected] = useState<string | null>(() => {
    const code = decodeURIComponent(location.hash.slice(1));
    return outlets.find((outlet) => outlet.code === code)?.id ?? null;
  });
  const select = useCallback(
    (id: string | null) => {
      setSelected(id);
      const code = outlets.find((outlet) => outlet.id === id)?.code;
      const hash = code === undefined ? "" : `#${encodeURIComponent(code)}`;
      history.replaceState(history.state, "", `${location.pathname}${location.search}${hash}`);
      if (id !== null) document.getElementById(`mark-${id}`)?.scrollIntoView({ block: "nearest" });
    },
    [outlets],
  );
  return [selected, select];
}
