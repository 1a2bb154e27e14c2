import { useForm } from "@inertiajs/react";
import { EntrySheet } from "@/features/shell/EntrySheet";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";

export default function ResetPassword({ token, email }: { token: string; email: string | null }) {
  const form = useForm({ token, email: email ?? "", password: "", password_confirmation: "" });
  return (
    <EntrySheet title="A new password">
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          form.post("/reset-password");
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
        <Field
          label="New password"
          type="password"
          name="password"
          autoComplete="new-password"
          hint="Ten characters or more."
          required
          value={form.data.password}
          onChange={(e) => form.setData("password", e.target.value)}
          error={form.errors.password}
        />
        <Field
          label="New password again"
          type="password"
          name="password_confirmation"
          autoComplete="new-password"
          required
          value={form.data.password_confirmation}
          onChange={(e) => form.setData("password_confirmation", e.target.value)}
          error={form.errors.password_confirmation}
        />
        <Button tone="main" type="submit" disabled={form.processing}>
          Set the password
        </Button>
      </form>
    </EntrySheet>
  );
}
