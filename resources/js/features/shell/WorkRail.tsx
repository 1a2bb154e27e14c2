import type { HouseSheet } from "@/types/sheet";

/** The order of the job. Only stages that exist are shown; each says what is still open in it. */
export function WorkRail({ sheet }: { sheet: HouseSheet }) {
  const gaps = sheet.rooms
    .flatMap((room) => room.outlets)
    .filter((o) =>
      [o.gfci, o.afci].some((judged) => judged.verdict === "missing" || judged.verdict === "advised"),
    ).length;
  return (
    <nav
      aria-label="Stages of the job"
      className="border-ink bg-rail max-lg:order-last max-lg:border-t-2 lg:border-r-2"
    >
      <ul className="flex lg:flex-col lg:pt-2.5">
        <li className="max-lg:flex-1">
          <a
            href="#rooms"
            aria-current="step"
            className="relative flex min-h-14 flex-col justify-center bg-ink px-3.5 text-on-ink narrow max-lg:items-center"
          >
            <span className="text-[0.95rem] font-semibold">Survey</span>
            <span className="text-xs text-on-ink-2">
              {gaps === 0 ? "no gaps" : `${gaps} ${gaps === 1 ? "gap" : "gaps"} open`}
            </span>
            <span
              aria-hidden
              className="absolute top-0 -right-[11px] z-10 hidden border-y-[28px] border-l-[11px] border-y-transparent border-l-ink lg:block"
            />
          </a>
        </li>
      </ul>
    </nav>
  );
}
