import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useDecideAppeal } from "../../api/useAppeals";
import type { Appeal, AppealOutcome } from "../../api/types";
import { Field } from "../../parts/Field";
import { outcomes } from "../../parts/outcomes";
import { Pick } from "../../parts/Pick";
import { saidOf } from "../../parts/problems";

/** What becomes of one line, and why: the student reads it. A later decision takes the place of an earlier one. */
export function DecideLine({ appeal, line }: { appeal: Appeal; line: number }) {
  const decide = useDecideAppeal(appeal.attempt);
  const decided = appeal.lines[line]?.outcome ?? null;
  const [outcome, setOutcome] = useState<AppealOutcome>(decided ?? "upheld");
  const [reason, setReason] = useState("");

  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim() !== "")
          decide.mutate({ appeal: appeal.id, line, outcome, reason: reason.trim() }, { onSuccess: () => setReason("") });
      }}
      sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1, mt: 1 }}
    >
      <Pick label={`Line ${line + 1}`} value={outcome} options={outcomes} onPick={setOutcome} />
      <Field
        label="Because"
        value={reason}
        autoComplete="off"
        sx={{ flex: "1 1 320px" }}
        onChange={({ target }) => setReason(target.value)}
      />
      <Button type="submit" variant="contained" disabled={reason.trim() === "" || decide.isPending}>
        {decided === null ? "Decide" : "Decide anew"}
      </Button>
      {decide.error !== null && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(decide.error)}
        </Typography>
      )}
    </Box>
  );
}
