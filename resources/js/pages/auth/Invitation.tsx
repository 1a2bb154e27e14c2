import { Link } from "@inertiajs/react";
import { EntryForm, newPassword } from "@/features/shell/EntryForm";
import { EntrySheet } from "@/features/shell/EntrySheet";
import { SignOut } from "@/features/shell/SignOut";

interface Props {
  token: string;
  open: boolean;
  crew: string;
  role: string;
  means: string;
  /** The one house of a guest. */
  house: string | null;
  email: string;
  /** The address that is signed in here. */
  signedIn: string | null;
}

/** Somebody is asked into a crew: with a new account, or with the one there is. */
export default function Invitation({ token, open, crew, role, means, house, email, signedIn }: Props) {
  const action = `/invitations/${token}`;
  return (
    <EntrySheet title={open ? `${crew} asks you in` : "This invitation is over"}>
      {open ? (
        <>
          <p>
            As <b>{role}</b>
            {house !== null && (
              <>
                , for the house <b>{house}</b>
              </>
            )}
            . {means}
          </p>
          {signedIn === null ? (
            <>
              <EntryForm
                action={action}
                submit="Accept"
                fields={[{ name: "name", label: "Your name", autoComplete: "name" }, ...newPassword("Password")]}
                start={{ token }}
              />
              <Link href="/sign-in" className="py-2 underline">
                {email} has an account: sign in first
              </Link>
            </>
          ) : signedIn.toLowerCase() === email.toLowerCase() ? (
            <EntryForm action={action} submit={`Accept as ${signedIn}`} fields={[]} start={{ token }} />
          ) : (
            <>
              <p>
                It is for {email}, and you are signed in as {signedIn}.
              </p>
              <SignOut bare={false} />
            </>
          )}
        </>
      ) : (
        <p>It was used before, withdrawn, or is older than seven days. Ask for a new one.</p>
      )}
    </EntrySheet>
  );
}
