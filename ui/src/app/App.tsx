import createCache from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import CssBaseline from "@mui/material/CssBaseline";
import { ThemeProvider } from "@mui/material/styles";
import { QueryClientProvider } from "@tanstack/react-query";
import { useState } from "react";
import { Entrance } from "./Entrance";
import { makeQueryClient } from "./queryClient";
import { theme } from "./theme";

// Styles are made at run time, and the page's policy takes only those that carry its nonce.
const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;
const styles = createCache({ key: "db", ...(nonce ? { nonce } : {}) });

export function App() {
  const [client] = useState(makeQueryClient);

  return (
    <CacheProvider value={styles}>
      <ThemeProvider theme={theme} defaultMode="system">
        <CssBaseline />
        <QueryClientProvider client={client}>
          <Entrance />
        </QueryClientProvider>
      </ThemeProvider>
    </CacheProvider>
  );
}
