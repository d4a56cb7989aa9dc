import "@fontsource/atkinson-hyperlegible/400.css";
import "@fontsource/atkinson-hyperlegible/700.css";
import "@fontsource/barlow-condensed/500.css";
import "@fontsource/barlow-condensed/600.css";
import "virtual:theme-variables.css";
import "./app/baseline.css";
import { startTransition, StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { App } from "./app/App";

const root = document.getElementById("screen");
if (root === null) throw new Error("the page has no #screen");
// As a transition it is drawn in short steps, and a slow device answers a touch between them.
startTransition(() =>
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  ),
);
