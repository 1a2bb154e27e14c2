import { ChevronDown } from "lucide-react";
import { cn } from "@/lib/cn";
import { lazily } from "@/lib/lazily";
import type { Option } from "@/types/sent";
import { MenuButton } from "./MenuButton";

const ChooseOpen = lazily(async () => (await import("./ChooseOpen")).ChooseOpen, true);

export interface ChooseProps {
  /** What is chosen, for those who cannot see the label. */
  label: string;
  value: string;
  options: Option[];
  onChange: (value: string) => void;
  className?: string;
}

/** One of a list, chosen at once. The lists are long in places, so they can be typed into: the first letters jump. */
export function Choose({ label, value, options, onChange, className }: ChooseProps) {
  const chosen = options.find((option) => option.value === value)?.label ?? value;
  return (
    <MenuButton
      button={{
        "aria-label": `${label}: ${chosen}`,
        className: cn(
          "flex min-h-9 min-w-0 cursor-pointer items-center justify-between gap-2 border-[1.5px] border-edge bg-raised",
          "px-2.5 text-left font-semibold",
          "hover:border-ink data-[state=open]:border-ink max-lg:min-h-12",
          className,
        ),
        children: (
          <>
            <span className="truncate">{chosen}</span>
            <ChevronDown size={15} aria-hidden className="shrink-0" />
          </>
        ),
      }}
      menu={(button) => <ChooseOpen value={value} options={options} onChange={onChange} button={button} />}
    />
  );
}

/** The same under its own words, in a form. */
export function LabelledChoose(props: ChooseProps) {
  return (
    <div>
      <p className="mb-1 font-semibold narrow">{props.label}</p>
      <Choose {...props} className="min-h-12 w-full" />
    </div>
  );
}
