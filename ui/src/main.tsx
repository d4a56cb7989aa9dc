import "@fontsource/atkinson-hyperlegible/latin-400.css";
import "@fontsource/atkinson-hyperlegible/latin-700.css";
import "@fontsource/atkinson-hyperlegible/latin-ext-400.css";
import "@fontsource/atkinson-hyperlegible/latin-ext-700.css";
import "@fontsource/barlow-condensed/latin-500.css";
import "@fontsource/barlow-condensed/latin-600.css";
import "@fontsource/barlow-condensed/latin-ext-500.css";
import "@fontsource/barlow-condensed/latin-ext-600.css";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { App } from "./app/App";

const root = document.getElementById("screen");
if (root === null) throw new Error("the page has no #screen");
// The application opens without a network from the copy that its worker keeps.
if ("serviceWorker" in navigator) void navigator.serviceWorker.register("/worker.js");
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
);
