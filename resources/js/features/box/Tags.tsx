import { createPortal } from "react-dom";
import type { BoxPage } from "@/types/pages";
import { Button } from "@/ui/Button";

function print(): void {
  document.body.dataset.printing = "tags";
  window.addEventListener("afterprint", () => delete document.body.dataset.printing, { once: true });
  window.print();
}

/** What to write on each jacket before anything is pulled loose, to be cut out and tied on. */
export function Tags({ box, code }: { box: BoxPage; code: string }) {
  const tags = box.pairs.filter((pair) => pair.tag !== null);
  if (tags.length === 0) return null;
  return (
    <>
      <Button size="small" className="w-full" onClick={print}>
        Print the tags
      </Button>
      {createPortal(
        <div id="tags" className="hidden">
          {tags.map((pair, index) => (
            <p key={pair.name ?? pair.cable?.id ?? index} className="m-2 inline-block border-2 border-dashed px-4 py-3">
              <span className="code block text-sm">{code}</span>
              <b className="block text-2xl">{pair.tag}</b>
              {pair.sat.hot && (
                <span className="block text-sm">
                  sat: hot {pair.sat.hot.toUpperCase()}
                  {pair.sat.neutral && `, neutral ${pair.sat.neutral.toUpperCase()}`}
                </span>
              )}
            </p>
          ))}
        </div>,
        document.body,
      )}
    </>
  );
}
