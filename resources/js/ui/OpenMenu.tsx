import { DropdownMenu } from "radix-ui";
import type { ReactNode } from "react";
import { cn } from "@/lib/cn";
import type { ButtonProps } from "./MenuButton";

interface Props {
  button: ButtonProps;
  align?: "start" | "end";
  className?: string;
  children: ReactNode;
}

/** The menu of a `MenuButton`, open as it comes. */
export function OpenMenu({ button, align = "start", className, children }: Props) {
  return (
    <DropdownMenu.Root modal={false} defaultOpen>
      <DropdownMenu.Trigger {...button} />
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align={align}
          sideOffset={2}
          collisionPadding={8}
          className={cn("z-50 border-2 border-ink bg-raised", className)}
        >
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
