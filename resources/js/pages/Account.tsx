import { router, useForm, usePage } from "@inertiajs/react";
import { useState } from "react";
import { SecondStep } from "@/features/account/SecondStep";
import { Paper } from "@/features/shell/Paper";
import { clock } from "@/lib/clock";
import type { Option } from "@/types/sent";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { Tap } from "@/ui/Taps";

interface Props {
  email: string;
  /** What lengths are shown in; null for what the code of each house goes by. */
  lengthUnit: string | null;
  lengthUnits: Option[];
  role: string;
  crew: string | null;
  mayLeave: boolean;
  secondStep: { since: string; codesLeft: number } | null;
  sessions: { name: string; device: string; usedAt: string; here: boolean }[];
  phones: { id: string; device: string; signedInAt: string; lost: boolean; here: boolean }[];
  tokens: { id: number; name: string; usedAt: string | null }[];
}

const AS_THE_CODE = "";

/** One's own account: where one is signed in, the password, the second step, the meters that send. */
export default function Account({
  email,
  lengthUnit,
  lengthUnits,
  role,
  crew,
  mayLeave,
  secondStep,
  sessions,
  phones,
  tokens,
}: Props) {
  const { status, errors } = usePage<{ status: string | null }>().props;
  const [lost, setLost] = useState<string | null>(null);
  return (
    <Paper title="Your account" back={{ href: crew === null ? "/no-crew" : "/houses", name: crew ?? "No crew" }}>
      {status && <p className="mt-4 border-l-4 border-kept bg-kept-ground px-3 py-2">{status}</p>}
      <div className="grid gap-x-12 gap-y-8 pt-4 lg:grid-cols-2">
        <section aria-label="Signed in">
          <h2 className="text-xl">Signed in</h2>
          <p className="text-ink-2">
            {email}
            {crew !== null && `, ${role.toLowerCase()} of ${crew}`}
          </p>
          <ul className="mt-2">
            {sessions.map((one) => (
              <li key={one.name} className="flex min-h-12 items-center gap-3 border-t border-hair">
                <span className="flex-1">
                  {one.device}
                  <span className="block text-xs text-ink-2">
                    {one.here ? "here, now" : `last used ${clock(one.usedAt)}`}
                  </span>
                </span>
                {!one.here && (
                  <Button size="small" onClick={() => router.delete(`/account/sessions/${one.name}`)}>
                    Sign out there
                  </Button>
                )}
              </li>
            ))}
          </ul>
          <Button size="small" className="mt-2" onClick={() => router.delete("/account/sessions")}>
            Sign out everywhere else
          </Button>
        </section>
        <section aria-label="Phones">
          <h2 className="text-xl">Phones and computers</h2>
          <p className="text-ink-2">
            Each keeps the houses that were opened on it. One that is lost is wiped when it is heard of next.
          </p>
          <ul className="mt-2">
            {phones.map((one) => (
              <li key={one.id} className="flex min-h-12 items-center gap-3 border-t border-hair">
                <span className="flex-1">
                  {one.device}
                  <span className="block text-xs text-ink-2">
                    {one.here ? "in your hand" : one.lost ? "lost: to be wiped" : `signed in ${clock(one.signedInAt)}`}
                  </span>
                </span>
                {!one.here && !one.lost && (
                  <Button
                    size="small"
                    // It cannot be taken back, so it is asked once more.
                    onClick={() => (lost === one.id ? router.post(`/account/phones/${one.id}/lost`) : setLost(one.id))}
                  >
                    {lost === one.id ? "Wipe it for good" : "It is lost"}
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </section>
        <NewPassword />
        <section aria-label="Lengths">
          <h2 className="text-xl">Lengths</h2>
          <p className="mb-2 text-ink-2">On rulers, in words, in fields and on paper.</p>
          <div className="flex flex-wrap gap-1.5">
            {[{ value: AS_THE_CODE, label: "As the code of the house" }, ...lengthUnits].map((unit) => (
              <Tap
                key={unit.value}
                pressed={unit.value === (lengthUnit ?? AS_THE_CODE)}
                onTap={() =>
                  router.put(
                    "/account/lengths",
                    { unit: unit.value === AS_THE_CODE ? null : unit.value },
                    { preserveScroll: true },
                  )
                }
              >
                {unit.label}
              </Tap>
            ))}
          </div>
        </section>
        <SecondStep secondStep={secondStep} />
        <section aria-label="Meters that send">
          <h2 className="text-xl">Meters that send</h2>
          {tokens.length === 0 && <p className="text-ink-2">None: tokens are made under Testers.</p>}
          <ul className="mt-2">
            {tokens.map((one) => (
              <li key={one.id} className="flex min-h-12 items-center gap-3 border-t border-hair">
                <span className="flex-1">
                  {one.name}
                  <span className="block text-xs text-ink-2">
                    {one.usedAt === null ? "not used yet" : `last used ${clock(one.usedAt)}`}
                  </span>
                </span>
                <Button
                  size="small"
                  aria-label={`End the token of ${one.name}`}
                  onClick={() => router.delete(`/meter/tokens/${one.id}`)}
                >
                  End it
                </Button>
              </li>
            ))}
          </ul>
        </section>
        {mayLeave && (
          <section aria-label="Leave the crew">
            <h2 className="text-xl">Leave {crew}</h2>
            <p className="text-ink-2">What you filed stays with its houses, under your name.</p>
            {errors.role && <p className="mt-1 font-semibold text-bare">{errors.role}</p>}
            <Button className="mt-2" onClick={() => router.post("/crew/leave")}>
              Leave the crew
            </Button>
          </section>
        )}
      </div>
    </Paper>
  );
}

function NewPassword() {
  const form = useForm({ current: "", password: "", password_confirmation: "" });
  const fields = [
    ["current", "Password so far", "current-password"],
    ["password", "New password", "new-password"],
    ["password_confirmation", "New password again", "new-password"],
  ] as const;
  return (
    <form
      aria-label="New password"
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        form.put("/account/password", { preserveScroll: true, onSuccess: () => form.reset() });
      }}
    >
      <h2 className="text-xl">A new password</h2>
      {fields.map(([name, label, autoComplete]) => (
        <Field
          key={name}
          label={label}
          name={name}
          type="password"
          autoComplete={autoComplete}
          required
          value={form.data[name]}
          onChange={(event) => form.setData(name, event.target.value)}
          error={form.errors[name]}
        />
      ))}
      <Button type="submit" disabled={form.processing}>
        Set it, and sign out everywhere else
      </Button>
    </form>
  );
}
