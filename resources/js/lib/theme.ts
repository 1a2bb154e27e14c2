import { useState } from "react";

export type Theme = "light" | "dark";

const KEY = "bouclier.theme";

export function currentTheme(): Theme {
  const kept = localStorage.getItem(KEY);
  if (kept === "light" || kept === "dark") return kept;
  return matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
}

export function applyTheme(theme: Theme = currentTheme()): void {
  document.documentElement.dataset.theme = theme;
}

export function keepTheme(theme: Theme): void {
  localStorage.setItem(KEY, theme);
  applyTheme(theme);
}

/** The theme on screen, and the other one a tap away. */
export function useTheme(): { theme: Theme; other: Theme; turn: () => void } {
  const [theme, setTheme] = useState(currentTheme);
  const other = theme === "dark" ? "light" : "dark";
  return {
    theme,
    other,
    turn: () => {
      keepTheme(other);
      setTheme(other);
    },
  };
}
