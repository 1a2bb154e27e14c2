import { Link } from "@inertiajs/react";
import { EntryForm, MAIL } from "@/features/shell/EntryForm";
import { EntrySheet } from "@/features/shell/EntrySheet";

export default function ForgotPassword() {
  return (
    <EntrySheet title="A new password">
      <EntryForm action="/forgot-password" submit="Send the link" fields={[MAIL]} />
      <Link href="/sign-in" className="py-2 underline">
        Back to sign-in
      </Link>
    </EntrySheet>
  );
}
