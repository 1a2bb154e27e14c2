import { cn } from "@/lib/cn";
/** The look of a line in a menu of things to do. */
export const MENU_ITEM = cn(
  "flex min-h-10 cursor-pointer items-center px-3.5 font-semibold outline-none",
  "data-disabled:cursor-default data-disabled:text-ink-2 data-highlighted:bg-ink data-highlighted:text-on-ink",
  "max-lg:min-h-12",
);
