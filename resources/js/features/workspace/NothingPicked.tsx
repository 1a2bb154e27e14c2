import { Button } from "@/ui/Button";
import type { Workspace } from "./useWorkspace";

/** Beside the drawing while nothing is picked: what to look at first, or the code that was asked for and is not there. */
export function NothingPicked({ work }: { work: Workspace }) {
  const { sheet } = work.house;
  const worst = sheet.concerns.find((concern) => concern.id === sheet.worst[0]);
  const first = worst ? work.firstOf(worst) : null;
  if (work.unknown !== null)
    return (
      <p>
        There is no <span className="code">{work.unknown}</span> in this house.
      </p>
    );
  if (work.outlets.length === 0)
    return <p className="text-ink-2">What the code asks at an outlet, and why, stands here once there is one.</p>;
  return (
    <div className="flex flex-col gap-3 text-ink-2">
      <p>Pick an outlet in the drawing: what the code asks there, and why, stands here.</p>
      {first && (
        <Button onClick={() => work.select(first.id)}>
          Begin with the worst, <span className="code">{first.code}</span>
        </Button>
      )}
    </div>
  );
}
