import { useForm } from "@inertiajs/react";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";

export interface EntryField {
  name: string;
  label: string;
  type?: "text" | "email" | "password";
  autoComplete?: string;
  hint?: string;
}

interface Props {
  action: string;
  fields: EntryField[];
  submit: string;
  /** What is filled in beforehand, shown or not. */
  start?: Record<string, string>;
}

/** The forms before the first house: lines of text, one button, and what is wrong said at the line it is about. */
export function EntryForm({ action, fields, submit, start = {} }: Props) {
  const form = useForm<Record<string, string>>({ ...Object.fromEntries(fields.map((f) => [f.name, ""])), ...start });
  return (
    <form
      className="flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        form.post(action);
      }}
    >
      {fields.map((field) => (
        <Field
          key={field.name}
          {...field}
          required
          value={form.data[field.name] ?? ""}
          onChange={(event) => form.setData(field.name, event.target.value)}
          error={form.errors[field.name]}
        />
      ))}
      {Object.entries(form.errors)
        .filter(([name]) => !fields.some((field) => field.name === name))
        .map(([name, said]) => (
          <p key={name} role="alert" className="border-l-4 border-bare bg-bare-ground px-3 py-2 font-semibold">
            {said}
          </p>
        ))}
      <Button tone="main" type="submit" disabled={form.processing}>
        {submit}
      </Button>
    </form>
  );
}

export const MAIL: EntryField = { name: "email", label: "Mail address", type: "email", autoComplete: "username" };

export function newPassword(label: string): EntryField[] {
  return [
    { name: "password", label, type: "password", autoComplete: "new-password", hint: "Ten characters or more." },
    { name: "password_confirmation", label: `${label} again`, type: "password", autoComplete: "new-password" },
  ];
}
