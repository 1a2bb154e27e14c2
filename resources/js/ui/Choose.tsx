import { Check, ChevronDown } from "lucide-react";
import { Select } from "radix-ui";
import { cn } from "@/lib/cn";
import type { Option } from "@/types/sheet";

interface Props {
  /** What is chosen, for those who cannot see the label. */
  label: string;
  value: string;
  options: Option[];
  onChange: (value: string) => void;
  disabled?: boolean;
  className?: string;
}

/** One of a list. The list is long in places, so it can be typed into: the first letters jump. */
export function Choose({ label, value, options, onChange, disabled = false, className }: Props) {
  return (
    <Select.Root value={value} onValueChange={onChange} disabled={disabled}>
      <Select.Trigger
        aria-label={label}
        className={cn(
          "flex min-h-9 min-w-0 cursor-pointer items-center justify-between gap-2 border-[1.5px] border-edge bg-raised px-2.5 text-left font-semibold hover:border-ink max-lg:min-h-12",
          className,
        )}
      >
        <span className="truncate">
          <Select.Value />
        </span>
        <Select.Icon>
          <ChevronDown size={15} aria-hidden />
        </Select.Icon>
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={2}
          className="z-50 max-h-80 min-w-(--radix-select-trigger-width) border-2 border-ink bg-raised text-ink"
        >
          <Select.Viewport>
            {options.map((option) => (
              <Select.Item
                key={option.value}
                value={option.value}
                className="flex min-h-9 cursor-pointer items-center gap-2 py-1 pr-4 pl-2 outline-none data-highlighted:bg-ink data-highlighted:text-on-ink max-lg:min-h-12"
              >
                <span className="w-4">
                  <Select.ItemIndicator>
                    <Check size={15} aria-hidden />
                  </Select.ItemIndicator>
                </span>
                <Select.ItemText>{option.label}</Select.ItemText>
              </Select.Item>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  );
}
