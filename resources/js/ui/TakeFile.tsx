import { useId } from "react";
import { cn } from "@/lib/cn";

interface Props {
  label: string;
  /** Kinds of file, as a browser names them. */
  accept: string;
  onFile: (file: File) => void;
  className?: string;
}

/** A file to be taken in, under its name. */
export function TakeFile({ label, accept, onFile, className }: Props) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className="block font-semibold narrow">
        {label}
      </label>
      <input
        id={id}
        type="file"
        accept={accept}
        className={cn(
          "mt-1 min-h-12 w-full border-[1.5px] border-dashed border-edge p-2.5 text-sm",
          "file:mr-3 file:border-0 file:bg-transparent file:font-semibold file:underline",
        )}
        onChange={(event) => {
          const file = event.target.files?.[0];
          // Taken again once it was mended, it is the same file to a browser.
          event.target.value = "";
          if (file) onFile(file);
        }}
      />
    </div>
  );
}
