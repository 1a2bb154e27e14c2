import type { ReactNode } from "react";
import { Button } from "./Button";

interface Props {
  /** The next step of the job, and what takes it; no button for who may only look. */
  children: ReactNode;
  step: string;
  onStep: (() => void) | null;
  more?: ReactNode;
}

/** What stands in the place of a view that has nothing to show yet: it is not begun, and this comes next. */
export function NotBegun({ children, step, onStep, more }: Props) {
  return (
    <section aria-label="Not begun" className="max-w-prose border-t border-hair py-6">
      <h2 className="mb-2 text-2xl">Not begun</h2>
      <p className="mb-4 text-lg">{children}</p>
      {onStep && (
        <Button tone="main" className="max-lg:w-full" onClick={onStep}>
          {step}
        </Button>
      )}
      {more}
    </section>
  );
}
