import { cva, type VariantProps } from "class-variance-authority";
import type { ButtonHTMLAttributes } from "react";
import { cn } from "@/lib/cn";

const look = cva(
  cn(
    "inline-flex min-h-11 items-center justify-center gap-2 border-[1.5px] border-ink px-3.5 font-semibold narrow",
    "enabled:cursor-pointer disabled:border-hair disabled:text-ink-2 max-lg:min-h-12",
  ),
  {
    variants: {
      tone: {
        main: "bg-ink text-on-ink enabled:hover:bg-ink-2 disabled:bg-rail",
        plain: "bg-raised text-ink enabled:hover:bg-band disabled:bg-transparent",
        bare: "border-transparent bg-transparent text-ink enabled:hover:bg-band disabled:border-transparent",
      },
      size: { normal: "", small: "min-h-9 px-2.5 text-sm max-lg:min-h-12" },
    },
    defaultVariants: { tone: "plain", size: "normal" },
  },
);

type Props = ButtonHTMLAttributes<HTMLButtonElement> & VariantProps<typeof look>;

export function Button({ tone, size, className, type = "button", ...rest }: Props) {
  return <button type={type} className={cn(look({ tone, size }), className)} {...rest} />;
}
