import { Link, useForm } from "@inertiajs/react";
import { EntrySheet } from "@/features/shell/EntrySheet";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";

export default function Register() {
  const form = useForm({ crew: "", name: "", email: "", password: "", password_confirmation: "" });
  const field = (name: keyof typeof form.data) => ({
    name,
    required: true,
    value: form.data[name],
    onChange: (e: { target: { value: string } }) => form.setData(name, e.target.value),
    error: form.errors[name],
  });
  return (
    <EntrySheet title="Register a crew">
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          form.post("/register");
        }}
      >
        <Field label="Name of the crew" hint="Houses belong to the crew; nobody else sees them." {...field("crew")} />
        <Field label="Your name" autoComplete="name" {...field("name")} />
        <Field label="Mail address" type="email" autoComplete="username" {...field("email")} />
        <Field
          label="Password"
          type="password"
          autoComplete="new-password"
          hint="Ten characters or more."
          {...field("password")}
        />
        <Field label="Password again" type="password" autoComplete="new-password" {...field("password_confirmation")} />
        <Button tone="main" type="submit" disabled={form.processing}>
          Register
        </Button>
      </form>
      <Link href="/sign-in" className="py-2 underline">
        Sign in instead
      </Link>
    </EntrySheet>
  );
}
