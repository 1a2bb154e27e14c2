import { EntryForm, MAIL, newPassword } from "@/features/shell/EntryForm";
import { EntrySheet } from "@/features/shell/EntrySheet";

export default function ResetPassword({ token, email }: { token: string; email: string | null }) {
  return (
    <EntrySheet title="A new password">
      <EntryForm
        action="/reset-password"
        submit="Set the password"
        fields={[MAIL, ...newPassword("New password")]}
        start={{ token, email: email ?? "" }}
      />
    </EntrySheet>
  );
}
