import type { ReactNode } from "react";
import { type May as Rights, useMay } from "@/lib/useMay";

interface Props {
  /** What it takes to use what is inside. */
  what: keyof Rights;
  children: ReactNode;
}

/** What is inside is there to be read; its fields and buttons are for who may use them. */
export function May({ what, children }: Props) {
  const may = useMay();
  return (
    <fieldset disabled={!may[what]} className="contents">
      {children}
    </fieldset>
  );
}
