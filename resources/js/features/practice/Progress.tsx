import { router } from "@inertiajs/react";
import type { PracticePageShown, Practised } from "@/types/pages";

/** How it has gone, by theme; what the owner sees of others is what they show. */
export function Progress({ page }: { page: PracticePageShown }) {
  return (
    <section aria-label="How it goes" className="mt-6">
      <h2 className="border-b-2 border-ink pb-1 text-lg">How it goes</h2>
      <Table practised={page.own} />
      <p className="flex flex-wrap gap-x-4">
        <a href="/practice/practice.csv" className="min-h-11 py-2 font-semibold underline">
          As a table
        </a>
      </p>
      <label className="flex min-h-12 cursor-pointer items-center gap-3">
        <input
          type="checkbox"
          className="size-5"
          checked={page.shows}
          onChange={(event) =>
            router.put(
              "/practice/showing",
              { shows: event.target.checked },
              { preserveScroll: true, preserveState: true },
            )
          }
        />
        The owner of the crew may see this
      </label>
      {page.crew !== null && (
        <>
          <h3 className="mt-4 text-lg">The crew</h3>
          {page.crew.length === 0 && <p className="text-ink-2">Nobody shows how it goes yet.</p>}
          {page.crew.map((one) => (
            <div key={one.name} className="mt-2">
              <h4 className="font-semibold">{one.name}</h4>
              <Table practised={one.practised} />
            </div>
          ))}
          <a href="/practice/crew.csv" className="inline-block min-h-11 py-2 font-semibold underline">
            The crew as a table
          </a>
        </>
      )}
    </section>
  );
}

function Table({ practised }: { practised: Practised }) {
  if (practised.themes.length === 0 && practised.drills.length === 0)
    return <p className="py-2 text-ink-2">Nothing yet.</p>;
  return (
    <ul>
      {practised.themes.map((one) => (
        <li key={one.theme} className="border-b border-hair py-1.5">
          <b>{one.theme}</b>
          <span className="block tabular-nums text-ink-2">
            {one.right} of {one.done} right, {Math.round(one.minutes)} min
            {one.best === null ? "" : ` where the best took ${Math.round(one.best)}`}
            {one.dangers > 0 && (
              <b className="text-bare">
                , {one.dangers} {one.dangers === 1 ? "danger" : "dangers"}
              </b>
            )}
          </span>
        </li>
      ))}
      {practised.dangers.map((one) => (
        <li key={one.danger} className="border-b border-hair py-1.5">
          <b className="text-bare">{one.danger}</b>
          <span className="block tabular-nums text-ink-2">{one.times === 1 ? "once" : `${one.times} times`}</span>
        </li>
      ))}
      {practised.drills.map((one) => (
        <li key={one.drill} className="border-b border-hair py-1.5">
          <b>{one.drill}</b>
          <span className="block tabular-nums text-ink-2">
            {one.right} of {one.boxes} boxes right, {Math.round(one.seconds / Math.max(1, one.boxes))} s each
          </span>
        </li>
      ))}
    </ul>
  );
}
