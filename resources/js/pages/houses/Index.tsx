import { Head, Link, router, useForm, usePage } from "@inertiajs/react";
import { useId, useState } from "react";
import { cn } from "@/lib/cn";
import type { Me } from "@/lib/useMay";
import type { Option } from "@/types/sent";
import { Button } from "@/ui/Button";
import { LabelledChoose } from "@/ui/Choose";
import { Field } from "@/ui/Field";

interface HouseLine {
  id: string;
  name: string;
  edition: string;
  rooms: number;
  points: number;
  changed: string;
}

interface Props {
  houses: HouseLine[];
  choices: { edition: Option[]; work: Option[] };
}

export default function Index({ houses, choices }: Props) {
  const { user } = usePage<{ user: Me }>().props;
  const links = [
    ["/rules", "The code book", true],
    ["/jurisdictions", "Jurisdictions", user.may.work],
    ["/instruments", "Testers", user.may.work],
    ["/appliances", "Appliances", user.may.work],
    ["/priors", "Suspects", user.may.work],
    ["/people", "People", user.may.settle],
    ["/account", "Account", true],
  ] as const;
  return (
    <div className="mx-auto max-w-4xl px-5 py-6">
      <Head title="Houses" />
      <header className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b-2 border-ink pb-3">
        <p className="flex items-center gap-2.5 text-xl font-extrabold [font-stretch:70%]">
          <img src="/icon.svg" alt="" width={28} height={28} />
          bouclier
        </p>
        <p className="mr-auto text-ink-2">
          {user.crew}, {user.name}
        </p>
        <Button tone="bare" size="small" className="underline" onClick={() => router.post("/sign-out")}>
          Sign out
        </Button>
        <nav aria-label="Of the crew" className="flex w-full flex-wrap gap-x-3">
          {links
            .filter(([, , shown]) => shown)
            .map(([href, name]) => (
              <Link
                key={href}
                href={href}
                className="flex min-h-11 items-center px-1.5 font-semibold narrow hover:bg-band"
              >
                {name}
              </Link>
            ))}
        </nav>
      </header>
      {user.crewDeletesAt !== null && (
        <p className="mt-4 border-l-4 border-bare bg-bare-ground px-3 py-2">
          This crew is deleted with all its houses on {user.crewDeletesAt.slice(0, 10)}. Its owner can still keep it,
          under People.
        </p>
      )}
      <main className="grid gap-x-12 gap-y-10 pt-6 lg:grid-cols-[1fr_20rem]">
        <section>
          <h1 className="mb-3 text-3xl">Houses</h1>
          {houses.length === 0 ? (
            <p className="text-ink-2">
              {user.may.change ? "No house yet. Start with the one you are standing in." : "No house yet."}
            </p>
          ) : (
            <ul className="border-t border-hair">
              {houses.map((house) => (
                <li key={house.id} className="border-b border-hair">
                  <Link
                    href={`/houses/${house.id}`}
                    className="flex min-h-16 flex-wrap items-center gap-x-4 px-1 py-2 hover:bg-band"
                  >
                    <span className="text-xl font-bold [font-stretch:84%]">{house.name}</span>
                    <span className="text-ink-2">
                      {house.edition}, {house.rooms} rooms, {house.points} points
                    </span>
                    <span className="ml-auto text-sm text-ink-2">
                      changed{" "}
                      {new Date(house.changed).toLocaleDateString("en", {
                        day: "numeric",
                        month: "short",
                        year: "numeric",
                      })}
                    </span>
                  </Link>
                </li>
              ))}
            </ul>
          )}
        </section>
        {user.may.change && <NewHouse choices={choices} />}
      </main>
    </div>
  );
}

function NewHouse({ choices }: { choices: Props["choices"] }) {
  const blank = useForm({ name: "", edition: "nec-2023", work: "existing" });
  return (
    <section>
      <h2 className="mb-3 text-xl">A new house</h2>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          blank.post("/houses");
        }}
      >
        <Field
          label="Street and number"
          name="name"
          required
          value={blank.data.name}
          onChange={(e) => blank.setData("name", e.target.value)}
          error={blank.errors.name}
        />
        <LabelledChoose
          label="Code adopted there"
          value={blank.data.edition}
          options={choices.edition}
          onChange={(edition) => blank.setData("edition", edition)}
        />
        <LabelledChoose
          label="Kind of work"
          value={blank.data.work}
          options={choices.work}
          onChange={(work) => blank.setData("work", work)}
        />
        <Button tone="main" type="submit" disabled={blank.processing}>
          Start this house
        </Button>
      </form>
      <HouseFileUpload />
    </section>
  );
}

/** A house from its file. Every fault is listed by its place; nothing of a bad file is kept. */
function HouseFileUpload() {
  const id = useId();
  const [faults, setFaults] = useState<string[]>([]);
  return (
    <div className="mt-7 border-t border-hair pt-4">
      <label htmlFor={id} className="block font-semibold narrow">
        Or take it from a house file
      </label>
      <input
        id={id}
        type="file"
        accept="application/json,.json"
        className={cn(
          "mt-1 min-h-12 w-full border-[1.5px] border-dashed border-edge p-2.5 text-sm",
          "file:mr-3 file:border-0 file:bg-transparent file:font-semibold file:underline",
        )}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (!file) return;
          router.post(
            "/houses",
            { file },
            {
              onStart: () => setFaults([]),
              onError: (errors) => setFaults(Object.values(errors).flatMap((said) => said.split("\n"))),
            },
          );
          event.target.value = "";
        }}
      />
      {faults.length > 0 && (
        <div role="alert" className="mt-2 border-l-4 border-bare bg-bare-ground px-3 py-2 text-sm">
          <p className="font-semibold">This file was not taken in:</p>
          <ul className="code max-h-60 overflow-auto text-xs">
            {faults.map((fault) => (
              <li key={fault}>{fault}</li>
            ))}
          </ul>
        </div>
      )}
    </div>
  );
}
