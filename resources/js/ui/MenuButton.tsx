import { type ComponentProps, type ReactNode, Suspense, useState } from "react";

export type ButtonProps = Omit<ComponentProps<"button">, "ref">;

interface Props {
  button: ButtonProps;
  /** The same button with its menu, open as it comes. */
  menu: (button: ButtonProps) => ReactNode;
}

/** A button with a menu that is fetched and drawn once somebody wants it: dozens stand on a page, and few are ever opened. */
export function MenuButton({ button, menu }: Props) {
  const [isWanted, want] = useState(false);
  const closed = (
    <button
      type="button"
      aria-haspopup="menu"
      aria-expanded={false}
      onClick={() => want(true)}
      onKeyDown={(event) => {
        if (event.key !== "ArrowDown") return;
        event.preventDefault();
        want(true);
      }}
      {...button}
    />
  );
  return isWanted ? <Suspense fallback={closed}>{menu(button)}</Suspense> : closed;
}
