import { Head, Link, router, useForm, usePage } from "@inertiajs/react";
import { Suspense, useCallback, useEffect, useState } from "react";
import { CrewLinks } from "@/features/shell/CrewLinks";
import { OnlyReading } from "@/features/shell/OnlyReading";
import { SignOut } from "@/features/shell/SignOut";
import { lazily } from "@/lib/lazily";
import type { Me } from "@/lib/useMay";
import type { Option } from "@/types/sent";
import { Button } from "@/ui/Button";
import { LabelledChoose } from "@/ui/Choose";
import { Field } from "@/ui/Field";
import { Segments } from "@/ui/Segments";
import { TakeFile } from "@/ui/TakeFile";

const OnPhone = lazily(async () => (await import("@/features/phone/OnPhone")).OnPhone);

interface HouseLine {
  id: string;
  name: string;
  edition: string;
  progress: Progress;
  changed: string;
  archived: boolean;
}

/** How far the work in a house is. */
interface Progress {
  rooms: number;
  outlets: number;
  usual: number;
  untraced: number;
  items: number;
  call: boolean;
  /** Protective devices that failed their last test, and those nobody has tested. */
  failed: number;
  untested: number;
}

/** What of the houses is listed. */
interface List {
  q: string;
  order: Order;
  archived: boolean;
  page: number;
  of: number;
  /** How many there are in all, and how many of them are put away. */
  all: number;
  away: number;
}

interface Props {
  list: List;
  houses: HouseLine[];
  choices: { edition: Option[]; work: Option[] };
}

export default function Index({ list, houses, choices }: Props) {
  const { user } = usePage<{ user: Me }>().props;
  return (
    <div className="mx-auto max-w-4xl px-5 py-6 max-lg:py-3">
      <Head title="Houses" />
      <OnlyReading />
      <header className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b-2 border-ink pb-3 max-lg:pb-1">
        <p className="flex items-center gap-2.5 text-xl font-extrabold [font-stretch:70%]">
          <img src="/icon.svg" alt="" width={28} height={28} />
          bouclier
        </p>
        <p className="mr-auto text-ink-2">
          {user.crew}, {user.name}
        </p>
        <div className="max-lg:hidden">
          <SignOut />
        </div>
        <div className="w-full max-lg:hidden">
          <CrewLinks />
        </div>
      </header>
      {user.crewDeletesAt !== null && (
        <p className="mt-4 border-l-4 border-bare bg-bare-ground px-3 py-2">
          This crew is deleted with all its houses on {user.crewDeletesAt.slice(0, 10)}. Its owner can still keep it,
          under People.
        </p>
      )}
      <main className="grid gap-x-12 gap-y-10 pt-6 max-lg:pt-3 lg:grid-cols-[1fr_20rem]">
        <Houses list={list} houses={houses} />
        <div className="flex flex-col gap-8">
          {user.may.change && <NewHouse choices={choices} />}
          {user.may.work && houses.length > 0 && (
            <Suspense>
              <OnPhone user={user.id} houses={houses.filter((house) => !house.archived)} />
            </Suspense>
          )}
        </div>
      </main>
      <footer className="mt-8 border-t-2 border-ink pt-2 lg:hidden">
        <CrewLinks />
        <SignOut />
      </footer>
    </div>
  );
}

type Order = "changed" | "name" | "open";

/** Fewer are found at a glance. */
const SEARCHED_FROM = 4;

/** Milliseconds without a letter, after which what is typed is looked for. */
const TYPED_MS = 250;

function Houses({ list, houses }: Pick<Props, "list" | "houses">) {
  const { user } = usePage<{ user: Me }>().props;
  const [wanted, want] = useState(list.q);
  const { archived, away, order } = list;
  const show = useCallback(
    (more: Partial<List>) =>
      router.get("/houses", said({ q: list.q, order: list.order, archived: list.archived, page: 1, ...more }), {
        preserveState: true,
        preserveScroll: true,
        replace: true,
      }),
    [list],
  );
  useEffect(() => {
    if (wanted.trim() === list.q) return;
    const timer = setTimeout(() => show({ q: wanted.trim() }), TYPED_MS);
    return () => clearTimeout(timer);
  }, [wanted, list.q, show]);
  return (
    <section>
      <h1 className="mb-3 text-3xl">{archived ? "Put away" : "Houses"}</h1>
      {list.all >= SEARCHED_FROM && (
        <div className="mb-3 flex flex-wrap items-end gap-2">
          <div className="min-w-48 flex-1">
            <Field label="Find a house" type="search" value={wanted} onChange={(event) => want(event.target.value)} />
          </div>
          <Segments
            label="In the order of"
            value={order}
            options={[
              ["changed", "Latest"],
              ["name", "Name"],
              ["open", "Most open"],
            ]}
            onChange={(next) => show({ order: next })}
          />
        </div>
      )}
      {list.all === 0 && (
        <div className="mb-3">
          <p className="mb-3 text-ink-2">
            {user.may.change
              ? "No house yet. Start with the one you are standing in, or look round in a sample first."
              : "No house yet."}
          </p>
          {user.may.change && (
            <Button tone="main" onClick={() => router.post("/houses", { sample: true })}>
              Take the sample house along
            </Button>
          )}
        </div>
      )}
      {list.all > 0 && houses.length === 0 && (
        <p className="py-3 text-ink-2">
          {list.q === "" ? (archived ? "None is put away." : "All are put away.") : "No house goes by that."}
        </p>
      )}
      <ul className="border-t border-hair">
        {houses.map((house) => (
          <li key={house.id} className="flex items-center border-b border-hair">
            <Link href={`/houses/${house.id}`} className="min-h-16 min-w-0 flex-1 px-1 py-2 hover:bg-band">
              <span className="block text-xl font-bold [font-stretch:84%]">{house.name}</span>
              <span className="block text-ink-2">{far(house.progress)}</span>
              {house.progress.failed > 0 && (
                <b className="block text-bare">{devices(house.progress.failed)} failed the test</b>
              )}
              <span className="block text-sm text-ink-2">
                {house.edition}, changed {day(house.changed)}
              </span>
            </Link>
            {user.may.change && (
              <Button
                size="small"
                tone="bare"
                className="underline"
                aria-label={`${house.archived ? "Take out" : "Put away"} ${house.name}`}
                onClick={() =>
                  router.put(`/houses/${house.id}/archive`, { archived: !house.archived }, { preserveScroll: true })
                }
              >
                {house.archived ? "Take out" : "Put away"}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {(away > 0 || archived) && (
        <Button size="small" tone="bare" className="mt-2 underline" onClick={() => show({ archived: !archived })}>
          {archived ? "Back to the houses" : `Put away: ${away}`}
        </Button>
      )}
      {list.of > 1 && (
        <nav aria-label="Pages" className="mt-4 flex items-center gap-4">
          {list.page > 1 && <Button onClick={() => show({ page: list.page - 1 })}>Before</Button>}
          <span>
            {list.page} of {list.of}
          </span>
          {list.page < list.of && <Button onClick={() => show({ page: list.page + 1 })}>Next</Button>}
        </nav>
      )}
    </section>
  );
}

/** As it stands in the address: nothing of what goes without saying. */
function said({ q, order, archived, page }: Pick<List, "q" | "order" | "archived" | "page">) {
  return {
    ...(q === "" ? {} : { q }),
    ...(order === "changed" ? {} : { order }),
    ...(archived ? { archived: 1 } : {}),
    ...(page === 1 ? {} : { page }),
  };
}

/** How far a house is, in the order of the job. */
function far({ rooms, outlets, usual, untraced, items, call, untested }: Progress): string {
  if (outlets === 0) return rooms === 0 ? "not begun" : `${rooms === 1 ? "1 room" : `${rooms} rooms`}, no outlet yet`;
  const total = outlets + usual;
  return [
    call && "call open",
    usual > 0 ? `surveyed ${outlets} of ${total}` : `surveyed ${outlets}`,
    untraced > 0 ? `${untraced} not traced` : "all traced",
    items > 0 && `${items} to be closed`,
    untested > 0 && `${devices(untested)} never tested`,
  ]
    .filter((part) => part !== false)
    .join(", ");
}

function devices(count: number): string {
  return count === 1 ? "1 device" : `${count} devices`;
}

function day(time: string): string {
  return new Date(time).toLocaleDateString("en", { day: "numeric", month: "short", year: "numeric" });
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
  const [faults, setFaults] = useState<string[]>([]);
  return (
    <div className="mt-7 border-t border-hair pt-4">
      <TakeFile
        label="Or take it from a house file"
        accept="application/json,.json"
        onFile={(file) =>
          router.post(
            "/houses",
            { file },
            {
              onStart: () => setFaults([]),
              onError: (errors) => setFaults(Object.values(errors).flatMap((said) => said.split("\n"))),
            },
          )
        }
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
