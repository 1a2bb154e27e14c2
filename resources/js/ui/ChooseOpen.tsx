import { Check } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import { cn } from "@/lib/cn";
import type { ChooseProps } from "./Choose";
import type { ButtonProps } from "./MenuButton";
import { OpenMenu } from "./OpenMenu";

/** A long list opens at what is chosen now. */
function focusWhenOpen(item: HTMLElement | null) {
  if (item) requestAnimationFrame(() => item.focus());
}

/** The list of a choice, open as it comes. */
export function ChooseOpen({
  value,
  options,
  onChange,
  button,
}: Pick<ChooseProps, "value" | "options" | "onChange"> & { button: ButtonProps }) {
  return (
    <OpenMenu
      button={button}
      className={cn(
        "max-h-[min(22rem,var(--radix-dropdown-menu-content-available-height))]",
        "min-w-(--radix-dropdown-menu-trigger-width) overflow-y-auto text-ink",
      )}
    >
      <DropdownMenu.RadioGroup
        value={value}
        onValueChange={(next) => {
          if (next !== value) onChange(next);
        }}
      >
        {options.map((option) => (
          <DropdownMenu.RadioItem
            key={option.value}
            ref={option.value === value ? focusWhenOpen : undefined}
            value={option.value}
            className={cn(
              "flex min-h-9 cursor-pointer items-center gap-2 py-1 pr-4 pl-2 outline-none",
              "data-highlighted:bg-ink data-highlighted:text-on-ink max-lg:min-h-12",
            )}
          >
            <span className="w-4 shrink-0">
              <DropdownMenu.ItemIndicator>
                <Check size={15} aria-hidden />
              </DropdownMenu.ItemIndicator>
            </span>
            {option.label}
          </DropdownMenu.RadioItem>
        ))}
      </DropdownMenu.RadioGroup>
    </OpenMenu>
  );
}
