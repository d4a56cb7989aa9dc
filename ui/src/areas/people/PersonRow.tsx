import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { IssuedCode, Person } from "../../api/types";
import { useChangePerson, useIssueCode } from "../../api/usePeople";
import { saidOf } from "../../parts/problems";
import { Slip } from "../../parts/Slip";
import { useTimeWords } from "../../parts/times";
import { ChangeSlip } from "./ChangeSlip";
import { roleTitle } from "./roles";

/** One person: who they are, how they stand, and what can be done. */
export function PersonRow({ person, onIssued }: { person: Person; onIssued: (issued: IssuedCode) => void }) {
  const { dayInFull, dayOf } = useTimeWords();
  const issue = useIssueCode();
  const change = useChangePerson(person.id);
  const [changes, setChanges] = useState(false);
  const [leaves, setLeaves] = useState(false);
  const problem = saidOf(issue.error ?? change.error);
  const standing =
    person.left_at !== null
      ? `left on ${dayInFull(person.left_at)}`
      : person.code_until !== null
        ? `${person.has_come ? "has" : "invited, has"} a code until ${dayOf(person.code_until)}`
        : person.has_come
          ? ""
          : "invited; the code has run out";

  return (
    <Box
      role="group"
      aria-label={person.name}
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "1fr", md: "minmax(0, 1fr) 130px auto" },
        alignItems: "center",
        columnGap: 2,
        rowGap: 0.5,
        py: 1,
        borderBottom: "1px solid",
        borderColor: "divider",
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <Typography variant="h3" component="p" sx={{ overflowWrap: "anywhere" }}>
          {person.name}
        </Typography>
        <Typography variant="body2" sx={{ color: "text.secondary", overflowWrap: "anywhere" }}>
          {person.email}
          {person.in_training && "; in training"}
          {standing !== "" && `; ${standing}`}
        </Typography>
      </Box>
      <Typography variant="label">{roleTitle(person.role)}</Typography>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
        {person.left_at === null ? (
          <>
            <Button size="small" onClick={() => setChanges(true)}>
              Change
            </Button>
            <Button size="small" disabled={issue.isPending} onClick={() => issue.mutate(person.id, { onSuccess: onIssued })}>
              New code
            </Button>
            <Button size="small" disabled={change.isPending} onClick={() => setLeaves(true)}>
              Has left
            </Button>
          </>
        ) : (
          <Button size="small" disabled={change.isPending} onClick={() => change.mutate({ left: false })}>
            Is back
          </Button>
        )}
      </Box>
      {problem !== undefined && (
        <Typography role="alert" variant="body2" sx={{ color: "error.main", gridColumn: "1 / -1" }}>
          {problem}
        </Typography>
      )}
      {leaves && (
        <Slip
          title={`${person.name} has left?`}
          onClose={() => setLeaves(false)}
          onSubmit={() => {
            setLeaves(false);
            change.mutate({ left: true });
          }}
          actions={
            <>
              <Button onClick={() => setLeaves(false)}>No</Button>
              <Button type="submit" variant="contained">
                Has left
              </Button>
            </>
          }
        >
          <Typography>
            They are signed out everywhere and cannot come in any more. What they took down stays theirs; they can come back at any time.
          </Typography>
        </Slip>
      )}
      {changes && <ChangeSlip person={person} onClose={() => setChanges(false)} />}
    </Box>
  );
}
