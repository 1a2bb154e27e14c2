import { Link, useForm, usePage } from "@inertiajs/react";
import { EntrySheet } from "@/features/shell/EntrySheet";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";

export default function SignIn() {
  const form = useForm({ email: "", password: "", remember: true });
  const { status } = usePage<{ status: string | null }>().props;
  return (
    <EntrySheet title="Sign in">
      {status && <p className="border-l-4 border-kept bg-kept-ground px-3 py-2">{status}</p>}
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          form.post("/sign-in", { onFinish: () => form.reset("password") });
        }}
      >
        <Field
          label="Mail address"
          type="email"
          name="email"
          autoComplete="username"
          required
          value={form.data.email}
          onChange={(e) => form.setData("email", e.target.value)}
          error={form.errors.email}
        />
        <Field
          label="Password"
          type="password"
          name="password"
          autoComplete="current-password"
          required
          value={form.data.password}
          onChange={(e) => form.setData("password", e.target.value)}
          error={form.errors.password}
        />
        <Button tone="main" type="submit" disabled={form.processing}>
          Sign in
        </Button>
      </form>
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
