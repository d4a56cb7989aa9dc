import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Person } from "../../api/types";
import { useChangePerson, type PersonChange } from "../../api/usePeople";
import { Field } from "../../parts/Field";
import { Pick } from "../../parts/Pick";
import { saidOf, saidOfPath } from "../../parts/problems";
import { Slip } from "../../parts/Slip";
import { Toggle } from "../../parts/Toggle";
import { roles } from "./roles";

/** What a person is called, how they are reached and what they may do; only what was changed is sent. */
export function ChangeSlip({ person, onClose }: { person: Person; onClose: () => void }) {
  const change = useChangePerson(person.id);
  const [name, setName] = useState(person.name);
  const [email, setEmail] = useState(person.email);
  const [role, setRole] = useState(roles.find((it) => it.key === person.role)?.key ?? "assessor");
  const [isInTraining, setIsInTraining] = useState(person.in_training);
  const changed: PersonChange = {
    ...(name.trim() !== person.name && { name: name.trim() }),
    ...(email.trim() !== person.email && { email: email.trim() }),
    ...(role !== person.role && { role }),
    ...(isInTraining !== person.in_training && { in_training: isInTraining }),
  };
  const placed = { name: saidOfPath(change.error, "name"), email: saidOfPath(change.error, "email") };

  return (
    <Slip
      title={person.name}
      onClose={onClose}
      onSubmit={() => (Object.keys(changed).length === 0 ? onClose() : change.mutate(changed, { onSuccess: onClose }))}
      actions={
        <>
          <Button onClick={onClose}>Leave it</Button>
          <Button type="submit" variant="contained" disabled={change.isPending}>
            Change
          </Button>
        </>
      }
    >
      <Field label="Name" required value={name} problem={placed.name} onChange={({ target }) => setName(target.value)} />
      <Field label="E-mail" type="email" required value={email} problem={placed.email} onChange={({ target }) => setEmail(target.value)} />
      <Pick label="Role" value={role} options={roles} onPick={setRole} />
      <Typography variant="body2" sx={{ color: "text.secondary" }}>
        {roles.find((it) => it.key === role)?.may}.
      </Typography>
      {role !== "coordinator" && (
        <Box>
          <Toggle isOn={isInTraining} onToggle={() => setIsInTraining(!isInTraining)}>
            In training: everything they mark is marked a second time
          </Toggle>
        </Box>
      )}
      {change.error !== null && placed.name === undefined && placed.email === undefined && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(change.error)}
        </Typography>
      )}
    </Slip>
  );
}
