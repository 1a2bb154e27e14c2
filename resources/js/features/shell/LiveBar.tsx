import type { HouseHead } from "@/types/sheet";

/** What is live now. Nothing can be turned off from here yet, so everything is: a circuit is live until it is proved dead. */
export function LiveBar({ house }: { house: HouseHead }) {
  const said = house.circuits === 1 ? "1 circuit" : `${house.circuits} circuits`;
  return (
    <section
      aria-label="Live or dead"
      className="flex flex-1 items-center gap-x-2.5 border-hair max-lg:min-h-9 max-lg:border-t max-lg:px-4 lg:flex-col lg:items-start lg:justify-center lg:gap-0 lg:border-l-[6px] lg:border-l-bare lg:px-3.5"
    >
      <span aria-hidden className="h-5 w-1.5 bg-bare lg:hidden" />
      <span className="narrow text-xs text-ink-2">none proved dead</span>
      <span className="font-semibold lg:leading-tight">
        {house.circuits === 0 ? "Take everything as live" : `${said} live`}
      </span>
    </section>
  );
}
