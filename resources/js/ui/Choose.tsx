import { Check, ChevronDown } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import { cn } from "@/lib/cn";
import type { Option } from "@/types/sent";

interface Props {
  /** What is chosen, for those who cannot see the label. */
  label: string;
  value: string;
  options: Option[];
  onChange: (value: string) => void;
  className?: string;
}

/** A long list opens at what is chosen now. */
function focusWhenOpen(item: HTMLElement | null) {
  if (item) requestAnimationFrame(() => item.focus());
}

/** One of a list, chosen at once. The lists are long in places, so they can be typed into: the first letters jump. */
export function Choose({ label, value, options, onChange, className }: Props) {
  const chosen = options.find((option) => option.value === value)?.label ?? value;
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        aria-label={`${label}: ${chosen}`}
        className={cn(
          "flex min-h-9 min-w-0 cursor-pointer items-center justify-between gap-2 border-[1.5px] border-edge bg-raised",
          "px-2.5 text-left font-semibold",
          "hover:border-ink data-[state=open]:border-ink max-lg:min-h-12",
          className,
        )}
      >
        <span className="truncate">{chosen}</span>
        <ChevronDown size={15} aria-hidden className="shrink-0" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={2}
          collisionPadding={8}
          className={cn(
            "z-50 max-h-[min(22rem,var(--radix-dropdown-menu-content-available-height))]",
            "min-w-(--radix-dropdown-menu-trigger-width) overflow-y-auto border-2 border-ink bg-raised text-ink",
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
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** The same under its own words, in a form. */
export function LabelledChoose(props: Props) {
  return (
    <div>
      <p className="mb-1 font-semibold narrow">{props.label}</p>
      <Choose {...props} className="min-h-12 w-full" />
    </div>
  );
}
