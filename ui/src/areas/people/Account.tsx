import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState, type FormEvent } from "react";
import { useChangePassword, useSignOutEverywhere } from "../../api/useAccount";
import { useUser } from "../../api/useSession";
import { Rail } from "../../app/Rail";
import { Field } from "../../parts/Field";
import { LetterKeys } from "../../parts/LetterKeys";
import { NewPassword } from "../../parts/NewPassword";
import { saidOf, saidOfPath } from "../../parts/problems";
import { Calendars } from "./Calendars";
import { Ground } from "./Ground";

/** One's own account: the password, and where one is signed in. */
export function Account() {
  const user = useUser();
  const change = useChangePassword();
  const signOut = useSignOutEverywhere();
  const [current, setCurrent] = useState("");
  const [password, setPassword] = useState("");
  const placed = { current: saidOfPath(change.error, "current"), password: saidOfPath(change.error, "password") };
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    change.mutate(
      { current, password },
      {
        onSuccess: () => {
          setCurrent("");
          setPassword("");
        },
      },
    );
  };

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2, maxWidth: 560, display: "grid", gap: 4 }}>
      <Rail area="Your account" />
      <Typography variant="h1">{user.name}</Typography>
      <Box component="form" aria-label="Password" onSubmit={submit} sx={{ display: "grid", gap: 2 }}>
        <Typography variant="h2">Password</Typography>
        <Field
          label="The one you have"
          type="password"
          autoComplete="current-password"
          required
          value={current}
          problem={placed.current}
          onChange={({ target }) => setCurrent(target.value)}
        />
        <NewPassword
          label="The new one"
          least={user.least_password}
          value={password}
          problem={placed.password ?? (placed.current === undefined ? saidOf(change.error) : undefined)}
          onChange={setPassword}
        />
        <Button type="submit" variant="contained" disabled={change.isPending} sx={{ justifySelf: "start" }}>
          Change the password
        </Button>
        <Typography role="status" sx={{ minHeight: "1.4em" }}>
          {change.isSuccess && "Changed. Every other device is signed out."}
        </Typography>
      </Box>
      <Calendars />
      <Box sx={{ display: "grid", gap: 1, justifyItems: "start" }}>
        <Typography variant="h2">Light or dark</Typography>
        <Ground />
      </Box>
      <Box sx={{ display: "grid", gap: 1, justifyItems: "start" }}>
        <Typography variant="h2">Devices</Typography>
        <Typography>A tablet was left behind, or lost? This signs you out on every device, this one too.</Typography>
        <Button disabled={signOut.isPending} onClick={() => signOut.mutate()}>
          Sign out everywhere
        </Button>
        {signOut.isError && (
          <Typography role="alert" sx={{ color: "error.main" }}>
            {saidOf(signOut.error)}
          </Typography>
        )}
      </Box>
      <Box sx={{ display: "grid", gap: 1, justifyItems: "start" }}>
        <Typography variant="h2">Keys</Typography>
        <LetterKeys />
      </Box>
    </Box>
  );
}
