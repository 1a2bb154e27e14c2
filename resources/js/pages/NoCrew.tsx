import { Link } from "@inertiajs/react";
import { EntryForm } from "@/features/shell/EntryForm";
import { EntrySheet } from "@/features/shell/EntrySheet";
import { SignOut } from "@/features/shell/SignOut";

/** An account without a crew: somebody asks you in, or you begin one. */
export default function NoCrew() {
  return (
    <EntrySheet title="You are in no crew">
      <p>
        Houses belong to a crew. Ask its owner for an invitation and follow the link in the mail; or begin a crew of
        your own.
      </p>
      <EntryForm action="/crew" submit="Begin a crew" fields={[{ name: "name", label: "Name of the crew" }]} />
      <p className="flex justify-between">
        <Link href="/account" className="py-2 underline">
          Your account
        </Link>
        <SignOut />
      </p>
    </EntrySheet>
  );
}
