import { router } from "@inertiajs/react";
import { toDataURL } from "qrcode";
import { useState } from "react";
import { post } from "@/lib/api";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";

interface Props {
  secondStep: { since: string; codesLeft: number } | null;
}

/** A code that changes every half minute, asked for after the password; and codes on paper for the day the phone is gone. */
export function SecondStep({ secondStep }: Props) {
  const [setup, setSetup] = useState<{ secret: string; picture: string } | null>(null);
  const [code, setCode] = useState("");
  const [password, setPassword] = useState("");
  const [codes, setCodes] = useState<string[] | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const begin = async () => {
    const reply = await post<{ secret: string; uri: string }>("/account/second-step", {});
    if (reply.kind === "done")
      setSetup({ secret: reply.body.secret, picture: await toDataURL(reply.body.uri, { margin: 1, width: 200 }) });
  };
  const take = async (path: string, body: Record<string, string>) => {
    const reply = await post<{ codes: string[] }>(`/account/second-step/${path}`, body);
    if (reply.kind === "refused") setWrong(reply.message);
    if (reply.kind !== "done") return;
    setWrong(null);
    setCodes(reply.body.codes);
    setPassword("");
  };
  if (codes !== null)
    return (
      <section aria-label="Second step">
        <h2 className="text-xl">Write these down</h2>
        <p className="text-ink-2">Each opens the account once, without the phone. They are not shown again.</p>
        <ul className="my-2 grid grid-cols-2 gap-1">
          {codes.map((one) => (
            <li key={one} className="code border border-hair bg-raised px-2 py-1 text-center">
              {one}
            </li>
          ))}
        </ul>
        <Button
          tone="main"
          onClick={() => {
            setCodes(null);
            setSetup(null);
            router.reload();
          }}
        >
          They are on paper
        </Button>
      </section>
    );
  return (
    <section aria-label="Second step" className="flex flex-col gap-2.5">
      <h2 className="text-xl">Second step at sign-in</h2>
      {secondStep === null ? (
        setup === null ? (
          <>
            <p className="text-ink-2">
              A code from your phone after the password. Who has the password alone stays out.
            </p>
            <Button onClick={() => void begin()}>Set it up</Button>
          </>
        ) : (
          <>
            <p>Take this picture with an app for one-time codes, or type the secret into it.</p>
            <img
              src={setup.picture}
              alt="The secret, for the app"
              width={200}
              height={200}
              className="border border-ink"
            />
            <p className="code text-sm break-all select-all">{setup.secret}</p>
            <Field
              label="The code it shows now"
              name="code"
              inputMode="numeric"
              autoComplete="one-time-code"
              value={code}
              onChange={(event) => setCode(event.target.value)}
              error={wrong ?? undefined}
            />
            <Button tone="main" disabled={code.trim() === ""} onClick={() => void take("confirm", { code })}>
              Turn it on
            </Button>
          </>
        )
      ) : (
        <>
          <p className="text-ink-2">
            It is on. {secondStep.codesLeft} codes on paper {secondStep.codesLeft === 1 ? "is" : "are"} left.
          </p>
          <Field
            label="Password"
            name="password-again"
            type="password"
            autoComplete="current-password"
            value={password}
            onChange={(event) => setPassword(event.target.value)}
            error={wrong ?? undefined}
          />
          <div className="flex flex-wrap gap-2">
            <Button disabled={password === ""} onClick={() => void take("codes", { password })}>
              New codes for paper
            </Button>
            <Button
              disabled={password === ""}
              onClick={() =>
                router.delete("/account/second-step", {
                  data: { password },
                  onError: (errors) => setWrong(Object.values(errors)[0] ?? null),
                })
              }
            >
              Turn it off
            </Button>
          </div>
        </>
      )}
    </section>
  );
}
