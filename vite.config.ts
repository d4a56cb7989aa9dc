import react from "@vitejs/plugin-react";
import laravel from "laravel-vite-plugin";
import { defineConfig, type Plugin } from "vite";
import { makeTheme } from "./ui/src/app/theme.ts";

const VARIABLES = "virtual:theme-variables.css";

/** The variables of the theme as a style sheet. Made on the device, they were the longest piece of work before anything was seen. */
const themeVariables: Plugin = {
  name: "theme-variables",
  resolveId: (id) => (id === VARIABLES ? id : null),
  load: (id) => (id === VARIABLES ? makeTheme().generateStyleSheets().flatMap(rules).join("\n") : null),
};

const rules = (sheet: Record<string, unknown>): string[] =>
  Object.entries(sheet).map(([selector, values]) => `${selector} {${declarations(values as Record<string, string | number>)}}`);

const declarations = (values: Record<string, string | number>): string =>
  Object.entries(values)
    .map(([name, value]) => `${name === "colorScheme" ? "color-scheme" : name}: ${value};`)
    .join(" ");

export default defineConfig({
  plugins: [laravel({ input: "ui/src/main.tsx", refresh: false }), react({ compiler: true }), themeVariables],
  build: { sourcemap: false, chunkSizeWarningLimit: 1000 },
});
