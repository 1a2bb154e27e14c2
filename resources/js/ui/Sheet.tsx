import { Dialog } from "radix-ui";
import type { ReactNode } from "react";
import { cn } from "@/lib/cn";
import { Button } from "./Button";

interface Props {
  title: string;
  onClose: () => void;
  children: ReactNode;
  className?: string;
  /** On a phone it stands at the foot of the screen, no higher than it needs. */
  foot?: boolean;
}

/** A sheet laid over the view, the whole screen on a phone. */
export function Sheet({ title, onClose, children, className, foot = false }: Props) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/50" />
        <Dialog.Content
          aria-describedby={undefined}
          className={cn(
            "fixed inset-0 z-50 m-auto max-h-dvh w-full max-w-3xl overflow-y-auto border-2 border-ink bg-raised",
            foot ? "max-lg:top-auto max-lg:bottom-0 max-lg:m-0 max-lg:h-fit" : "max-lg:h-dvh",
            "lg:h-fit lg:max-h-[94dvh]",
            className,
          )}
        >
          <div className="sticky top-0 z-10 flex items-center gap-3 border-b-2 border-ink bg-raised px-4 py-2">
            <Dialog.Title className="text-xl">{title}</Dialog.Title>
            <Dialog.Close asChild>
              <Button size="small" className="ml-auto">
                Close
              </Button>
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
