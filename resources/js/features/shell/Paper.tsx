import { Head, Link } from "@inertiajs/react";
import { ArrowLeft } from "lucide-react";
import type { ReactNode } from "react";
import { OnlyReading } from "./OnlyReading";

interface Props {
  title: string;
  /** What it belongs to, and the way back there. */
  back: { href: string; name: string };
  tools?: ReactNode;
  children: ReactNode;
}

/** A page that is read and printed rather than worked on. */
export function Paper({ title, back, tools, children }: Props) {
  return (
    <div className="mx-auto max-w-6xl px-5 py-5">
      <Head title={title} />
      <OnlyReading />
      <header className="flex flex-wrap items-end gap-x-5 gap-y-2 border-b-2 border-ink pb-3">
        <div>
          <Link
            href={back.href}
            className="flex min-h-9 w-fit items-center gap-1.5 font-semibold narrow hover:underline max-lg:min-h-12 print:hidden"
          >
            <ArrowLeft size={16} aria-hidden /> {back.name}
          </Link>
          <h1 className="text-3xl">{title}</h1>
        </div>
        <div className="ml-auto flex flex-wrap items-center gap-2">{tools}</div>
      </header>
      <main>{children}</main>
    </div>
  );
}
