import { ArrowLeft, ArrowRight, X } from "lucide-react";
import { Dialog } from "radix-ui";
import type { ReactNode } from "react";
import { Button } from "@/ui/Button";

interface Props {
  /** What stands above every view: what is live, what was not kept, a breaker that is being looked for. */
  above: ReactNode;
  title: string;
  onClose: () => void;
  onStep: (by: 1 | -1) => void;
  children: ReactNode;
}

/** On a phone an outlet takes the screen, with the next one under the thumb and what is live above it. */
export function OutletSheet({ above, title, onClose, onStep, children }: Props) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-0 z-40 flex flex-col bg-raised"
          onOpenAutoFocus={(event) => event.preventDefault()}
        >
          <Dialog.Title className="sr-only">{title}</Dialog.Title>
          <div className="border-b-2 border-ink bg-sheet">{above}</div>
          <div className="relative min-h-0 flex-1 overflow-y-auto px-4 py-4">{children}</div>
          <div className="grid grid-cols-3 border-t-2 border-ink bg-rail">
            <Button tone="bare" className="min-h-14" onClick={() => onStep(-1)}>
              <ArrowLeft size={20} aria-hidden /> Before
            </Button>
            <Dialog.Close asChild>
              <Button tone="bare" className="min-h-14">
                <X size={20} aria-hidden /> Close
              </Button>
            </Dialog.Close>
            <Button tone="bare" className="min-h-14" onClick={() => onStep(1)}>
              Next <ArrowRight size={20} aria-hidden />
            </Button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
