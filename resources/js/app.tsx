import "../css/app.css";
import { createInertiaApp } from "@inertiajs/react";
import type { ComponentType } from "react";
import { createRoot } from "react-dom/client";
import { attend } from "@/data/attend";
import { applyTheme } from "@/lib/theme";

type PageModule = { default: ComponentType };

const pages = import.meta.glob<PageModule>("./pages/**/*.tsx");

applyTheme();
attend();

void createInertiaApp({
  title: (title) => (title ? `${title} · Bouclier` : "Bouclier"),
  resolve: async (name) => {
    const load = pages[`./pages/${name}.tsx`];
    if (!load) throw new Error(`There is no page ${name}`);
    return (await load()).default;
  },
  setup({ el, App, props }) {
    createRoot(el).render(<App {...props} />);
  },
  progress: { color: "#1d5fd1", delay: 300 },
});
