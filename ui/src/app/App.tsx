import createCache, { type StylisPlugin } from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import { ThemeProvider } from "@mui/material/styles";
import { QueryClientProvider } from "@tanstack/react-query";
import { useState } from "react";
import { Entrance } from "./Entrance";
import { makeQueryClient } from "./queryClient";
import { makeTheme } from "./theme";

/** Safari knows `user-select` only with its prefix. Emotion's own prefixer is left out: it would write other rules twice, for browsers that are no longer used. */
const prefixed: StylisPlugin = (element) => {
  if (element.type === "decl" && element.props === "user-select") element.return = `-webkit-${element.value}${element.value}`;
};

// Styles are made at run time, and the page's policy takes only those that carry its nonce.
const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;
const styles = createCache({ key: "db", stylisPlugins: [prefixed], ...(nonce ? { nonce } : {}) });

export function App() {
  const [client] = useState(makeQueryClient);
  const [theme] = useState(makeTheme);

  return (
    <CacheProvider value={styles}>
      {/* Its variables are a style sheet of the build (vite.config.ts). */}
      <ThemeProvider theme={theme} defaultMode="system" disableStyleSheetGeneration>
        <QueryClientProvider client={client}>
          <Entrance />
        </QueryClientProvider>
      </ThemeProvider>
    </CacheProvider>
  );
}
