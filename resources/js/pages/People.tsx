import { router, useForm, usePage } from "@inertiajs/react";
import { useEffect } from "react";
import { Paper } from "@/features/shell/Paper";
import type { Option } from "@/types/sent";
import { Button } from "@/ui/Button";
import { Choose, LabelledChoose } from "@/ui/Choose";
import { Field } from "@/ui/Field";

interface Person {
  id: string;
  name: string;
  email: string;
  role: string;
  roleName: string;
  guest: boolean;
  house: string | null;
  until: string | null;
  me: boolean;
  secondStep: boolean;
}

interface Role extends Option {
  means: string;
  guest: boolean;
}

interface Asked {
  id: string;
  email: string;
  roleName: string;
  house: string | null;
  open: boolean;
  /** How the mail stands that asks them in. */
  mail: "waits" | "sent" | "failed";
  endsAt: string;
}

const MAIL = {
  waits: "the mail is on its way",
  sent: "the mail went out",
  failed: "the mail could not be sent: look at the address, withdraw this and ask again",
};

/** How often it is asked whether a mail went out. */
const MAIL_MS = 2000;

interface Props {
  crew: string;
  /** Bytes of photographs, and how many there is room for. */
  room: { used: number; most: number };
  deletesAt: string | null;
  people: Person[];
  invitations: Asked[];
  roles: Role[];
  houses: Option[];
}

/** Who is in the crew and as what, who is asked in, and the crew as a whole. */
export default function People({ crew, room, deletesAt, people, invitations, roles, houses }: Props) {
  const { status, errors } = usePage<{ status: string | null }>().props;
  const waits = invitations.some((one) => one.open && one.mail === "waits");
  useEffect(() => {
    if (!waits) return;
    const asking = setInterval(() => router.reload({ only: ["invitations"] }), MAIL_MS);
    return () => clearInterval(asking);
  }, [waits]);
  return (
    <Paper title="People" back={{ href: "/houses", name: crew }}>
      {status && <p className="mt-4 border-l-4 border-kept bg-kept-ground px-3 py-2">{status}</p>}
      {errors.role && (
        <p role="alert" className="mt-4 border-l-4 border-bare bg-bare-ground px-3 py-2 font-semibold">
          {errors.role}
        </p>
      )}
      <div className="grid gap-x-12 gap-y-8 pt-4 lg:grid-cols-[1fr_22rem]">
        <section aria-label="People of the crew">
          <ul>
            {people.map((person) => (
              <li key={person.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-hair py-2">
                <span className="min-w-48 flex-1">
                  <b className="text-lg [font-stretch:84%]">{person.name}</b>
                  {person.me && <span className="text-ink-2"> (you)</span>}
                  <span className="block text-sm text-ink-2">
                    {person.email}
                    {person.secondStep && ", second step on"}
                  </span>
                </span>
                {person.guest ? (
                  <span>
                    {person.roleName}, {person.house}, until {person.until}
                  </span>
                ) : (
                  <Choose
                    label={`What ${person.name} is`}
                    value={person.role}
                    options={roles.filter((role) => !role.guest)}
                    onChange={(role) => router.put(`/people/${person.id}`, { role }, { preserveScroll: true })}
                  />
                )}
                {!person.me && (
                  <Button
                    size="small"
                    tone="bare"
                    className="underline"
                    aria-label={`Take ${person.name} out of the crew`}
                    onClick={() => router.delete(`/people/${person.id}`, { preserveScroll: true })}
                  >
                    Take out
                  </Button>
                )}
              </li>
            ))}
          </ul>
          {invitations.length > 0 && (
            <>
              <h2 className="mt-6 border-b border-ink pb-1 text-xl">Asked in</h2>
              <ul>
                {invitations.map((one) => (
                  <li key={one.id} className="flex flex-wrap items-center gap-x-4 border-t border-hair py-2">
                    <span className="flex-1">
                      {one.email}, {one.roleName.toLowerCase()}
                      {one.house && `, ${one.house}`}
                      <span className="block text-sm text-ink-2">
                        {one.open ? `until ${one.endsAt.slice(0, 10)}` : "too old"}, {MAIL[one.mail]}
                      </span>
                    </span>
                    <Button
                      size="small"
                      tone="bare"
                      className="underline"
                      aria-label={`Withdraw the invitation of ${one.email}`}
                      onClick={() => router.delete(`/invitations/${one.id}`, { preserveScroll: true })}
                    >
                      Withdraw
                    </Button>
                  </li>
                ))}
              </ul>
            </>
          )}
          <Whole deletesAt={deletesAt} room={room} />
        </section>
        <Invite roles={roles} houses={houses} />
      </div>
    </Paper>
  );
}

function Invite({ roles, houses }: Pick<Props, "roles" | "houses">) {
  const form = useForm({ email: "", role: "electrician", house: houses[0]?.value ?? "", until: "" });
  const role = roles.find((one) => one.value === form.data.role);
  return (
    <form
      aria-label="Ask somebody in"
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        form.post("/invitations", { preserveScroll: true, onSuccess: () => form.setData("email", "") });
      }}
    >
      <h2 className="text-xl">Ask somebody in</h2>
      <Field
        label="Mail address"
        name="email"
        type="email"
        required
        value={form.data.email}
        onChange={(event) => form.setData("email", event.target.value)}
        error={form.errors.email}
      />
      <LabelledChoose
        label="As"
        value={form.data.role}
        options={roles}
        onChange={(value) => form.setData("role", value)}
      />
      <p className="text-sm text-ink-2">{role?.means}</p>
      {role?.guest && (
        <>
          <LabelledChoose
            label="House"
            value={form.data.house}
            options={houses}
            onChange={(value) => form.setData("house", value)}
          />
          <Field
            label="Until and with"
            name="until"
            type="date"
            value={form.data.until}
            onChange={(event) => form.setData("until", event.target.value)}
            error={form.errors.until}
          />
        </>
      )}
      <Button tone="main" type="submit" disabled={form.processing}>
        Send the invitation
      </Button>
      <p className="text-sm text-ink-2">A link by mail, good for seven days.</p>
    </form>
  );
}

const NEARLY_FULL = 0.9;

function megabytes(bytes: number): string {
  return (Math.ceil(bytes / 1e5) / 10).toLocaleString("en");
}

/** Everything as one archive, and deletion with thirty days to think it over. */
function Whole({ deletesAt, room }: Pick<Props, "deletesAt" | "room">) {
  const form = useForm({ password: "" });
  return (
    <section aria-label="The crew as a whole" className="mt-8 flex max-w-xl flex-col gap-3 border-t-2 border-ink pt-3">
      <h2 className="text-xl">The crew as a whole</h2>
      <p>
        <a href="/crew/export" download className="font-semibold underline">
          Everything as one archive
        </a>
        <span className="block text-sm text-ink-2">Every house as its file, with its photographs.</span>
      </p>
      <p>
        Photographs take {megabytes(room.used)} of {megabytes(room.most)} MB.
        {room.used > NEARLY_FULL * room.most && <b className="block text-bare">Soon no more can be taken.</b>}
      </p>
      {deletesAt === null ? (
        <form
          className="flex flex-wrap items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            form.post("/crew/deletion", { preserveScroll: true, onSuccess: () => form.reset() });
          }}
        >
          <Field
            label="Your password"
            name="password"
            type="password"
            autoComplete="current-password"
            required
            value={form.data.password}
            onChange={(event) => form.setData("password", event.target.value)}
            error={form.errors.password}
          />
          <Button type="submit" disabled={form.processing}>
            Delete the crew in 30 days
          </Button>
        </form>
      ) : (
        <p className="border-l-4 border-bare bg-bare-ground px-3 py-2">
          The crew with all its houses is deleted on {deletesAt.slice(0, 10)}.{" "}
          <Button size="small" className="ml-2" onClick={() => router.delete("/crew/deletion")}>
            Keep it
          </Button>
        </p>
      )}
    </section>
  );
}
