import { Head, usePage } from "@inertiajs/react";
import type { ReactNode } from "react";

/** The pages before the first house: one column on the sheet, with the caution the app always carries. */
export function EntrySheet({ title, children }: { title: string; children: ReactNode }) {
  const { status } = usePage<{ status: string | null }>().props;
  return (
    <main className="mx-auto flex min-h-dvh max-w-md flex-col justify-center gap-5 px-5 py-10">
      <Head title={title} />
      <p className="flex items-center gap-3 text-2xl font-extrabold [font-stretch:70%]">
        <img src="/icon.svg" alt="" width={34} height={34} />
        bouclier
      </p>
      <h1 className="text-3xl">{title}</h1>
      {status && <p className="border-l-4 border-kept bg-kept-ground px-3 py-2">{status}</p>}
      {children}
      <p className="border-t border-hair pt-4 text-sm text-ink-2">
        For licensed or qualified electricians. Local code and the authority having jurisdiction decide. Treat every
        circuit as live until it is proved dead.
      </p>
    </main>
  );
}
