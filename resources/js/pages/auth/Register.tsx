import { Link } from "@inertiajs/react";
import { EntryForm, MAIL, newPassword } from "@/features/shell/EntryForm";
import { EntrySheet } from "@/features/shell/EntrySheet";

export default function Register() {
  return (
    <EntrySheet title="Register a crew">
      <EntryForm
        action="/register"
        submit="Register"
        fields={[
          { name: "crew", label: "Name of the crew", hint: "Houses belong to the crew; nobody else sees them." },
          { name: "name", label: "Your name", autoComplete: "name" },
          MAIL,
          ...newPassword("Password"),
        ]}
      />
      <Link href="/sign-in" className="py-2 underline">
        Sign in instead
      </Link>
    </EntrySheet>
  );
}
