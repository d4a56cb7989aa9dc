import createCache from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import CssBaseline from "@mui/material/CssBaseline";
import { ThemeProvider } from "@mui/material/styles";
import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { useState } from "react";
import { Problem } from "../api/problem";
import { sessionKey } from "../api/useSession";
import { Entrance } from "./Entrance";
import { theme } from "./theme";

// Styles are made at run time, and the page's policy takes only those that carry its nonce.
const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;
const styles = createCache({ key: "db", ...(nonce ? { nonce } : {}) });

function makeQueryClient(): QueryClient {
  const onError = (problem: Error): void => {
    if (problem instanceof Problem && problem.isSignedOut) client.setQueryData(sessionKey, null);
  };
  const client = new QueryClient({
    queryCache: new QueryCache({ onError }),
    mutationCache: new MutationCache({ onError }),
    defaultOptions: {
      queries: {
        staleTime: 5_000,
        // A tablet that was put down in the cold room still knows the practical when it is picked up.
        gcTime: 24 * 60 * 60 * 1_000,
        retry: (count, problem) => count < 2 && !(problem instanceof Problem && problem.isFinal),
      },
    },
  });

  return client;
}

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
