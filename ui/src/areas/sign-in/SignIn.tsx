import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState, type FormEvent } from "react";
import { Problem } from "../../api/problem";
import { useSignIn } from "../../api/useSession";
import { Wordmark } from "../../app/Wordmark";
import { Field } from "../../parts/Field";

export function SignIn() {
  const signIn = useSignIn();
  const [email, setEmail] = useState("");
  const [password, setPassword] = useState("");
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    signIn.mutate({ email, password });
  };

  return (
    <Box component="main" sx={{ minHeight: "100vh", display: "grid", placeItems: "center", p: 2 }}>
      <Box
        component="form"
        onSubmit={submit}
        sx={{ width: "100%", maxWidth: 420, bgcolor: "background.paper", border: "2px solid", borderColor: "text.primary", p: 4 }}
      >
        <Wordmark size={1.7} />
        <Typography component="h1" variant="body1" sx={{ mt: 2, mb: 3, color: "text.secondary" }}>
          Sign in to weigh, inspect and grade practicals.
        </Typography>
        <Field
          label="E-mail"
          type="email"
          autoComplete="username"
          autoFocus
          required
          value={email}
          onChange={(it) => setEmail(it.target.value)}
          sx={{ mb: 2 }}
        />
        <Field
          label="Password"
          type="password"
          autoComplete="current-password"
          required
          value={password}
          onChange={(it) => setPassword(it.target.value)}
          problem={
            signIn.error === null
              ? undefined
              : signIn.error instanceof Problem
                ? signIn.error.detail
                : "The server does not answer; check the network."
          }
        />
        <Button type="submit" fullWidth disabled={signIn.isPending} sx={{ mt: 3 }} variant="contained">
          {signIn.isPending ? "Signing in …" : "Sign in"}
        </Button>
      </Box>
    </Box>
  );
}
