import { Link } from "@inertiajs/react";
import { KeptDevices } from "@/features/keep/KeptDevices";
import { Paper } from "@/features/shell/Paper";
import type { KeepPage } from "@/types/pages";

interface Props {
  houses: (KeepPage & { id: string; name: string })[];
  page: { at: number; of: number };
}

/** All houses of the crew: what is to be replaced this year, what failed or was never tested, what was left open. */
export default function Keep({ houses, page }: Props) {
  const asking = houses.filter((house) => house.items.length > 0 || house.devices.some((one) => one.asks.length > 0));
  return (
    <Paper title="To keep" back={{ href: "/houses", name: "Houses" }}>
      {asking.length === 0 && <p className="py-4 text-lg">Nothing is due in any house.</p>}
      {asking.map((house) => (
        <section key={house.id} className="mt-5">
          <h2 className="border-b-2 border-ink pb-1 text-xl">
            <Link href={`/houses/${house.id}/keep`} className="hover:underline">
              {house.name}
            </Link>
          </h2>
          <ul>
            {house.items.map((item) => (
              <li key={`${item.code ?? ""}${item.text}`} className="border-b border-hair py-2">
                <b className={item.overdue ? "text-bare" : undefined}>{item.due ?? "No day"}</b>{" "}
                {item.code && <span className="code">{item.code}</span>} {item.text}
                {item.interim && <span className="text-ink-2">; for now {item.interim}</span>}
              </li>
            ))}
          </ul>
          <KeptDevices devices={house.devices.filter((one) => one.asks.length > 0)} />
        </section>
      ))}
      {page.of > 1 && (
        <nav aria-label="Pages" className="mt-6 flex gap-4">
          {page.at > 1 && (
            <Link className="min-h-11 py-2 font-semibold underline" href={`/keep?page=${page.at - 1}`}>
              Before
            </Link>
          )}
          <span className="py-2">
            {page.at} of {page.of}
          </span>
          {page.at < page.of && (
            <Link className="min-h-11 py-2 font-semibold underline" href={`/keep?page=${page.at + 1}`}>
              Next
            </Link>
          )}
        </nav>
      )}
    </Paper>
  );
}
