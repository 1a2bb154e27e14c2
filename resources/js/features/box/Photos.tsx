import { useEffect, useId, useState } from "react";
import type { HouseInHand } from "@/features/house/useHouse";
import { clock } from "@/lib/clock";
import { cn } from "@/lib/cn";
import type { BoxPage } from "@/types/pages";

/** Photographs of the box as it was found, taken before anything is pulled loose. */
export function Photos({ house, box, code }: { house: HouseInHand; box: BoxPage; code: string }) {
  const id = useId();
  const [state, setState] = useState<string | null>(null);
  const { id: houseId } = house.sheet.house;
  const send = async (file: File) => {
    // Looked at before it is kept: what is no picture is not found out when there is a signal again.
    const isPicture = await createImageBitmap(file).then(
      () => true,
      () => false,
    );
    if (!isPicture) {
      setState("That is not a picture.");
      return;
    }
    setState("Keeping it …");
    await house.photograph(box.point, file);
    setState(null);
  };
  const waiting = house.told.filter(
    (one) => one.photo && one.refusal === undefined && one.path === `outlets/${encodeURIComponent(box.point)}/photos`,
  );
  return (
    <section aria-label="As found" className="border-t-2 border-ink pt-3">
      <h3 className="text-base">As found</h3>
      <p className="text-sm text-ink-2">A picture before anything is pulled loose: which wire sat where.</p>
      <div className="mt-2 grid grid-cols-2 gap-2">
        {box.photos.map((photo) => (
          <a
            key={photo.id}
            href={`/houses/${houseId}/photos/${photo.file}`}
            target="_blank"
            rel="noreferrer"
            className="block border border-edge"
          >
            <img
              src={`/houses/${houseId}/photos/${photo.file}`}
              alt={photo.text ?? `Box of ${code}, ${clock(photo.at)}`}
              className="h-28 w-full object-cover"
            />
            <span className="block px-1.5 text-xs text-ink-2">
              {clock(photo.at)} {photo.who}
            </span>
          </a>
        ))}
        {waiting.map((one) => one.photo && <Kept key={one.id} photo={one.photo} at={one.at} code={code} />)}
        <label
          htmlFor={id}
          className={cn(
            "flex min-h-14 cursor-pointer items-center justify-center border-[1.5px] border-dashed border-ink px-2",
            "text-center font-semibold narrow",
            "hover:bg-band",
          )}
        >
          Photograph it
        </label>
      </div>
      <input
        id={id}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        capture="environment"
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) void send(file);
        }}
      />
      {state && (
        <p role="alert" className="mt-1 font-semibold text-bare">
          {state}
        </p>
      )}
    </section>
  );
}

/** A photograph that waits on this phone until there is a signal. */
function Kept({ photo, at, code }: { photo: Blob; at: string; code: string }) {
  const [shown, setShown] = useState<string>();
  useEffect(() => {
    const address = URL.createObjectURL(photo);
    setShown(address);
    return () => URL.revokeObjectURL(address);
  }, [photo]);
  return (
    <figure className="border border-dashed border-edge">
      <img src={shown} alt={`Box of ${code}, ${clock(at)}`} className="h-28 w-full object-cover" />
      <figcaption className="px-1.5 text-xs text-ink-2">{clock(at)} kept here, not sent yet</figcaption>
    </figure>
  );
}
