import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { useCodeOwner, useRedeem } from "../../api/useCode";
import { Field } from "../../parts/Field";
import { NewPassword } from "../../parts/NewPassword";
import { saidOf, saidOfPath } from "../../parts/problems";
import { EntrySheet } from "./EntrySheet";

/** Where a one-time code is taken: first whose it is, then their password. */
export function TakeCode() {
  const { code: given = "" } = useParams();
  const navigate = useNavigate();
  const [typed, setTyped] = useState(given);
  const [code, setCode] = useState(given);
  const [password, setPassword] = useState("");
  const owner = useCodeOwner(code);
  const redeem = useRedeem();
  const isShut = saidOfPath(redeem.error, "code");

  if (owner.data === undefined || isShut !== undefined) {
    return (
      <EntrySheet
        lead="Type the code from your slip or letter."
        action="Go on"
        isReady={!owner.isLoading && typed.trim() !== ""}
        onSubmit={() => setCode(typed.trim())}
        after={
          <Typography variant="body2">
            <Link to="/">To the sign-in</Link>
          </Typography>
        }
      >
        <Field
          label="Code"
          autoFocus
          required
          autoComplete="one-time-code"
          autoCapitalize="characters"
          spellCheck={false}
          value={typed}
          hint="Three groups of four, such as 7K2M-9QXT-04HB."
          problem={isShut ?? (typed.trim() === code ? saidOf(owner.error) : undefined)}
          onChange={({ target }) => setTyped(target.value)}
          inputProps={{ maxLength: 40 }}
        />
      </EntrySheet>
    );
  }

  return (
    <EntrySheet
      lead={`${owner.data.name}, set your password. You sign in with ${owner.data.email}.`}
      action="Set it and come in"
      isReady={!redeem.isPending}
      onSubmit={() => redeem.mutate({ code, password }, { onSuccess: () => void navigate("/", { replace: true }) })}
    >
      <NewPassword
        least={owner.data.least_password}
        value={password}
        problem={saidOfPath(redeem.error, "password") ?? saidOf(redeem.error)}
        onChange={setPassword}
      />
    </EntrySheet>
  );
}
