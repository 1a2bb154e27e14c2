import { Link, useForm, usePage } from "@inertiajs/react";
import { EntrySheet } from "@/features/shell/EntrySheet";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";

export default function ForgotPassword() {
  const form = useForm({ email: "" });
  const { status } = usePage<{ status: string | null }>().props;
  return (
    <EntrySheet title="A new password">
      {status && <p className="border-l-4 border-kept bg-kept-ground px-3 py-2">{status}</p>}
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          form.post("/forgot-password");
        }}
      >
        <Field
          label="Mail address"
          type="email"
          name="email"
          required
          value={form.data.email}
          onChange={(e) => form.setData("email", e.target.value)}
          error={form.errors.email}
        />
        <Button tone="main" type="submit" disabled={form.processing}>
          Send the link
        </Button>
      </form>
      <Link href="/sign-in" className="py-2 underline">
        Back to sign-in
      </Link>
    </EntrySheet>
  );
}
