import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useSignIn } from "../../api/useSession";
import { Field } from "../../parts/Field";
import { saidOf } from "../../parts/problems";
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
        <Typography variant="body2">
          <a href="/code">I have a code</a>: you were invited, or your password is to be set anew. Without one, ask your coordinator.
        </Typography>
      }
    >
      <Field
        label="E-mail, or the sign-in name on your slip"
        autoCapitalize="none"
        spellCheck={false}
        autoComplete="username"
        autoFocus
        required
        value={email}
        onChange={(it) => setEmail(it.target.value)}
      />
      <Field
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
