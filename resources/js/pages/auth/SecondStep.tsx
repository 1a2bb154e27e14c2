import { Link } from "@inertiajs/react";
import { EntryForm } from "@/features/shell/EntryForm";
import { EntrySheet } from "@/features/shell/EntrySheet";

export default function SecondStep() {
  return (
    <EntrySheet title="Second step">
      <EntryForm
        action="/second-step"
        submit="Go on"
        fields={[
          {
            name: "code",
            label: "Code",
            autoComplete: "one-time-code",
            hint: "Six digits from your phone, or one of the codes you wrote down.",
          },
        ]}
      />
      <Link href="/sign-in" className="py-2 underline">
        Back to sign-in
      </Link>
    </EntrySheet>
  );
}
