import Box from "@mui/material/Box";
import { useState } from "react";
import { useSignIn } from "../../api/useSession";
import { saidOf } from "../../parts/problems";
import { EntryLine } from "./EntryLine";
import { EntrySheet } from "./EntrySheet";

export function SignIn() {
  const signIn = useSignIn();
  const [email, setEmail] = useState("");
  const [password, setPassword] = useState("");

  return (
    <EntrySheet
      lead="Sign in to weigh, inspect and grade practicals."
      action={signIn.isPending ? "Signing in …" : "Sign in"}
      isReady={!signIn.isPending}
      onSubmit={() => signIn.mutate({ email, password })}
      after={
        <Box component="p" sx={{ typography: "body2", m: 0 }}>
          <a href="/code">I have a code</a>: you were invited, or your password is to be set anew. Without one, ask your coordinator.
        </Box>
      }
    >
      <EntryLine
        label="E-mail, or the sign-in name on your slip"
        autoCapitalize="none"
        spellCheck={false}
        autoComplete="username"
        autoFocus
        required
        value={email}
        onChange={(it) => setEmail(it.target.value)}
      />
      <EntryLine
        label="Password"
        type="password"
        autoComplete="current-password"
        required
        value={password}
        onChange={(it) => setPassword(it.target.value)}
        problem={saidOf(signIn.error)}
      />
    </EntrySheet>
  );
}
