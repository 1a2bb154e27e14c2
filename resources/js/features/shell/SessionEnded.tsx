import { useEffect, useRef } from "react";
import { useReach } from "@/data/reach";
import type { HouseInHand } from "@/features/house/useHouse";

/** Nobody is signed in any more: the house is covered, and what was told here waits for the same person. */
export function SessionEnded({ house }: { house: HouseInHand }) {
  const { signedOut } = useReach();
  const cover = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    if (!signedOut) return;
    cover.current?.showModal();
    void import("@/data/install").then(({ hide }) => hide());
  }, [signedOut]);
  if (!signedOut) return null;
  const waiting = house.told.length;
  const counted = waiting === 1 ? "One change waits" : `${waiting} changes wait`;
  return (
    <dialog
      ref={cover}
      role="alertdialog"
      aria-label="Your session has ended"
      // There is no way past it but signing in.
      onCancel={(event) => event.preventDefault()}
      className="fixed inset-0 h-full max-h-none w-full max-w-none bg-sheet px-5 py-[12vh] text-ink"
    >
      <div className="mx-auto flex max-w-md flex-col gap-4">
        <h1 className="text-3xl">Your session has ended</h1>
        <p>
          {waiting === 0
            ? "Sign in to go on where you were."
            : `${counted} on this phone. Sign in as the same person, and it goes on.`}
        </p>
        {/* A whole load: the server leads to signing in, and from there back here. */}
        <a
          href={location.href}
          className="flex min-h-12 items-center justify-center bg-ink px-4 font-semibold text-sheet"
        >
          Sign in
        </a>
      </div>
    </dialog>
  );
}
