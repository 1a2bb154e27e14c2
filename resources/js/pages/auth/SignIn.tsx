import { Link } from "@inertiajs/react";
import { EntryForm, MAIL } from "@/features/shell/EntryForm";
import { EntrySheet } from "@/features/shell/EntrySheet";

export default function SignIn() {
  return (
    <EntrySheet title="Sign in">
      <EntryForm
        action="/sign-in"
        submit="Sign in"
        start={{ remember: "1" }}
        fields={[MAIL, { name: "password", label: "Password", type: "password", autoComplete: "current-password" }]}
      />
      <p className="flex justify-between">
        <Link href="/register" className="py-2 underline">
          Register a crew
        </Link>
        <Link href="/forgot-password" className="py-2 underline">
          Forgot the password
        </Link>
      </p>
    </EntrySheet>
  );
}
