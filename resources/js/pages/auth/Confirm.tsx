import { Link } from "@inertiajs/react";
import { EntryForm } from "@/features/shell/EntryForm";
import { EntrySheet } from "@/features/shell/EntrySheet";

interface Props {
  token: string;
  crew: string;
  open: boolean;
}

/** The end of a registration: the mail was followed. */
export default function Confirm({ token, crew, open }: Props) {
  return (
    <EntrySheet title={open ? `Open the crew ${crew}` : "This link is used up"}>
      {open ? (
        <EntryForm action={`/register/confirm/${token}`} submit="Open it" fields={[]} start={{ token }} />
      ) : (
        <p>It was followed before, or is too old. Sign in, or register again.</p>
      )}
      <Link href="/sign-in" className="py-2 underline">
        Sign in
      </Link>
    </EntrySheet>
  );
}
