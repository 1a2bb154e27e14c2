import { useState } from "react";
import { clock } from "@/lib/clock";
import type { CallPage, HouseholderPage } from "@/types/pages";
import { Button } from "@/ui/Button";

interface Props {
  sheet: CallPage;
  onTake: (page: string) => void;
  onEnd: (page: string) => void;
}

/** Pages that were left with the householder: to copy or share, until when, when last looked at, and what came back. */
export function LeftPages({ sheet, onTake, onEnd }: Props) {
  return sheet.pages.map((page) => <LeftPage key={page.id} page={page} onTake={onTake} onEnd={onEnd} />);
}

function LeftPage({ page, onTake, onEnd }: Omit<Props, "sheet"> & { page: HouseholderPage }) {
  const noted = Object.values(page.answered ?? {});
  return (
    <section aria-label="Left with the householder" className="border-t border-hair py-2 text-sm">
      <p className="font-semibold">
        {page.kind === "trial" ? `Trial over ${page.asked.action?.days ?? ""} days` : "Questions to the householder"}
      </p>
      <p className="text-ink-2">
        {page.worth ?? (noted.length === 0 ? "Nothing has come back yet." : `${noted.length} answered.`)}
      </p>
      {page.open && <Share url={page.url} kind={page.kind} />}
      <p className="text-xs text-ink-2">
        {page.withdrawn
          ? "Withdrawn: the page is closed."
          : page.open
            ? `Open until ${day(page.endsAt)}${page.seenAt === null ? ", not looked at yet" : `, last looked at ${clock(page.seenAt)}`}.`
            : "The page is closed."}
      </p>
      {page.kind === "questions" &&
        (page.asked.questions ?? []).map((question) => {
          const said = page.answered?.[question.id];
          return said ? (
            <p key={question.id} className="mt-1">
              {question.ask} <b>{said}</b>
            </p>
          ) : null;
        })}
      <div className="mt-1.5 flex flex-wrap gap-2">
        {noted.length > 0 && !page.taken && (
          <Button size="small" onClick={() => onTake(page.id)}>
            Take it into the call
          </Button>
        )}
        {page.open && (
          <Button size="small" tone="bare" className="underline" onClick={() => onEnd(page.id)}>
            Withdraw the page
          </Button>
        )}
      </div>
      {page.taken && <p className="text-kept">Taken into the call.</p>}
    </section>
  );
}

/** The address, where the electrician leaves: copied, or handed to whatever the phone sends with. */
function Share({ url, kind }: { url: string; kind: HouseholderPage["kind"] }) {
  const [copied, setCopied] = useState(false);
  const title = kind === "trial" ? "Does it trip?" : "Before the electrician comes";
  return (
    <>
      <p className="code text-xs break-all select-all">{url}</p>
      <div className="mt-1 flex gap-2">
        <Button size="small" onClick={() => void navigator.clipboard?.writeText(url).then(() => setCopied(true))}>
          {copied ? "Copied" : "Copy the link"}
        </Button>
        {"share" in navigator && (
          <Button size="small" onClick={() => void navigator.share({ title, url }).catch(() => undefined)}>
            Share it
          </Button>
        )}
      </div>
    </>
  );
}

function day(at: string): string {
  return new Date(at).toLocaleDateString("en", { day: "numeric", month: "short" });
}
