import { useEffect, useState } from "react";
import { idle } from "@/data/ahead";
import * as journal from "@/data/journal";
import { reach } from "@/data/reach";
import { useMe } from "@/lib/useMay";
import type { JudgedPage } from "@/types/pages";

/** The house as this phone knows it where that is more than the server has, or the server does not answer; else as it was sent. */
export function useHere(sent: JudgedPage): JudgedPage {
  const user = useMe()?.id ?? "";
  const { id } = sent.house;
  const [sheet, setSheet] = useState(sent);
  useEffect(() => {
    let gone = false;
    const look = async () => {
      const waits = (await journal.ofHouse(id, user)).length > 0;
      if ((!waits && reach().answers) || !(await idle())) return;
      const pocket = await (await import("@/data/phone")).Pocket.open(id, user);
      const here = await pocket?.ask<JudgedPage>("sheet");
      pocket?.close();
      if (here && !gone) setSheet(here);
    };
    void look();
    return () => {
      gone = true;
    };
  }, [id, user]);
  return sheet;
}
