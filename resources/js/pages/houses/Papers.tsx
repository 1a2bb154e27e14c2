import { router, useForm } from "@inertiajs/react";
import { Paper } from "@/features/shell/Paper";
import { useMay } from "@/lib/useMay";
import type { KeptLink, PapersShown } from "@/types/pages";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";

const PAPERS: [string, string, string][] = [
  [
    "letter",
    "Letter to the customer",
    "What was found, done and left, and how to test and reset. One page, no word of the trade.",
  ],
  ["directory", "Panel directory", "What each breaker really feeds, from the trace; what is not proved has a ?."],
  [
    "labels",
    "Labels, 30 on a sheet",
    "66.7 by 25.4 mm: the code, its breaker, the words the code asks for, and of a device the way to its page.",
  ],
  ["tape", "Labels, on 12 mm tape", "The same, one after the other."],
  ["tags", "Jacket tags", "What to tie to each cable before anything is pulled loose."],
  ["inspection", "Inspection report", "What was asked, each with its evidence and a photograph before and after."],
  ["record", "Test record, not signed", "Everything that was measured and seen, per outlet and breaker."],
];

/** The papers of a house, all from the same data; and what is left with who lives there. */
export default function Papers({ house, records, links }: PapersShown) {
  const may = useMay();
  const form = useForm({ name: "" });
  const page = useForm({ mail: "" });
  const own = links.filter((link) => link.kind === "house");
  const labels = links.filter((link) => link.kind === "device" && link.open);
  return (
    <Paper title={`Papers of ${house.name}`} back={{ href: `/houses/${house.id}`, name: house.name }}>
      <div className="grid gap-x-12 gap-y-8 pt-4 lg:grid-cols-2">
        <section>
          <h2 className="border-b-2 border-ink pb-1 text-lg">To print</h2>
          <ul>
            {PAPERS.map(([kind, name, what]) => (
              <li key={kind} className="border-b border-hair py-2">
                {may.work ? (
                  <a className="text-lg font-semibold underline" href={`/houses/${house.id}/papers/${kind}.pdf`}>
                    {name}
                  </a>
                ) : (
                  <b className="text-lg">{name}</b>
                )}
                <p className="text-sm text-ink-2">{what}</p>
              </li>
            ))}
          </ul>
        </section>
        <div className="flex flex-col gap-8">
          <section>
            <h2 className="border-b-2 border-ink pb-1 text-lg">Signed test records</h2>
            {records.length === 0 && (
              <p className="py-2 text-ink-2">None yet. Signing numbers it and keeps it as it is.</p>
            )}
            <ul>
              {records.map((record) => (
                <li key={record.number} className="border-b border-hair py-2">
                  <a className="font-semibold underline" href={`/houses/${house.id}/papers/record/${record.number}`}>
                    No. {record.number}
                  </a>{" "}
                  signed by {record.signed}, {record.at.slice(0, 10)}, change {record.revision}
                  <span className="code block text-xs break-all text-ink-2">{record.digest}</span>
                </li>
              ))}
            </ul>
            {may.work && (
              <form
                className="mt-3 flex items-end gap-2"
                onSubmit={(event) => {
                  event.preventDefault();
                  form.post(`/houses/${house.id}/papers/record`, { onSuccess: () => form.reset() });
                }}
              >
                <div className="flex-1">
                  <Field
                    label="Sign the record by your name"
                    value={form.data.name}
                    error={form.errors.name}
                    maxLength={120}
                    onChange={(event) => form.setData("name", event.target.value)}
                  />
                </div>
                <Button type="submit" tone="main" disabled={form.data.name.trim() === "" || form.processing}>
                  Sign
                </Button>
              </form>
            )}
          </section>
          <section>
            <h2 className="border-b-2 border-ink pb-1 text-lg">For who lives there</h2>
            <p className="py-1 text-sm text-ink-2">
              A page that needs no password: tap what is dead, and it says what to press. Its tests come by calendar. A
              photograph noted "where it is" stands beside its device.
            </p>
            <ul>
              {own.map((link) => (
                <LinkLine key={link.id} house={house.id} link={link} />
              ))}
            </ul>
            {may.work && (
              <form
                className="mt-3 flex flex-col gap-2"
                onSubmit={(event) => {
                  event.preventDefault();
                  page.post(`/houses/${house.id}/papers/pages`, {
                    preserveScroll: true,
                    onSuccess: () => page.reset(),
                  });
                }}
              >
                <Field
                  label="Their mail address, to be reminded of the monthly test (or none)"
                  type="email"
                  value={page.data.mail}
                  error={page.errors.mail}
                  maxLength={254}
                  onChange={(event) => page.setData("mail", event.target.value)}
                />
                <Button type="submit" className="self-start" disabled={page.processing}>
                  Make the page of the house
                </Button>
              </form>
            )}
            {labels.length > 0 && (
              <details className="mt-3">
                <summary className="min-h-11 cursor-pointer py-2 font-semibold">
                  {labels.length} {labels.length === 1 ? "label" : "labels"} with a page
                </summary>
                <ul>
                  {labels.map((link) => (
                    <LinkLine key={link.id} house={house.id} link={link} />
                  ))}
                </ul>
              </details>
            )}
          </section>
        </div>
      </div>
    </Paper>
  );
}

function LinkLine({ house, link }: { house: string; link: KeptLink }) {
  const may = useMay();
  return (
    <li className="border-b border-hair py-2">
      {link.open ? (
        <a className="code text-sm break-all underline" href={link.url}>
          {link.url}
        </a>
      ) : (
        <span className="code text-sm break-all text-ink-2 line-through">{link.url}</span>
      )}
      <p className="flex items-center gap-2 text-sm text-ink-2">
        <span className="flex-1">
          {link.open ? `open until ${link.endsAt}` : "ended"}
          {link.seenAt && `, last seen ${link.seenAt.slice(0, 10)}`}
          {link.open && link.mail && `, tests reminded of at ${link.mail}`}
        </span>
        {link.open && may.work && (
          <Button size="small" onClick={() => router.post(`/houses/${house}/papers/pages/${link.id}/withdraw`)}>
            Withdraw
          </Button>
        )}
      </p>
    </li>
  );
}
