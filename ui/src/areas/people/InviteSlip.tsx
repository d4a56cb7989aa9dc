import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { IssuedCode } from "../../api/types";
import { useInvite, type StaffRole } from "../../api/usePeople";
import { Field } from "../../parts/Field";
import { Pick } from "../../parts/Pick";
import { saidOf, saidOfPath } from "../../parts/problems";
import { Slip } from "../../parts/Slip";
import { roles } from "./roles";

interface InviteSlipProps {
  onClose: () => void;
  onInvited: (issued: IssuedCode) => void;
}

export function InviteSlip({ onClose, onInvited }: InviteSlipProps) {
  const invite = useInvite();
  const [name, setName] = useState("");
  const [email, setEmail] = useState("");
  const [role, setRole] = useState<StaffRole>("assessor");
  const placed = { name: saidOfPath(invite.error, "name"), email: saidOfPath(invite.error, "email") };

  return (
    <Slip
      title="Invite somebody"
      onClose={onClose}
      onSubmit={() => invite.mutate({ name, email, role }, { onSuccess: onInvited })}
      actions={
        <>
          <Button onClick={onClose}>Not now</Button>
          <Button type="submit" variant="contained" disabled={invite.isPending}>
            Make their code
          </Button>
        </>
      }
    >
      <Field
        label="Name"
        required
        autoFocus
        autoComplete="off"
        value={name}
        problem={placed.name}
        onChange={({ target }) => setName(target.value)}
      />
      <Field
        label="E-mail"
        type="email"
        required
        autoComplete="off"
        value={email}
        problem={placed.email ?? (placed.name === undefined ? saidOf(invite.error) : undefined)}
        onChange={({ target }) => setEmail(target.value)}
      />
      <Pick label="Role" value={role} options={roles} onPick={setRole} />
      <Typography variant="body2" sx={{ color: "text.secondary" }}>
        {roles.find((it) => it.key === role)?.may}. Students are brought in on the roster.
      </Typography>
    </Slip>
  );
}
