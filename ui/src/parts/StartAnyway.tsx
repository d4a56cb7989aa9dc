import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Fact } from "../api/types";
import { Field } from "./Field";
import type { MiseItem, MiseSeen } from "./mise";
import { Slip } from "./Slip";

interface StartAnywayProps {
  station: number;
  seen: MiseSeen;
  /** What nobody should cut with. */
  unsafe: MiseItem[];
  onStart: (...facts: Fact[]) => void;
  onClose: () => void;
}

/** A clock does not start with a safety item open: it is put right, or somebody says why not. */
export function StartAnyway({ station, seen, unsafe, onStart, onClose }: StartAnywayProps) {
  const [reason, setReason] = useState("");
  const rest = seen.mise_open.filter((id) => !unsafe.some((it) => it.id === id));

  return (
    <Slip
      title={seen.mise_looked ? "Not safe to start" : "Nobody has looked at this station"}
      onClose={onClose}
      onSubmit={() => {
        if (reason.trim() !== "") onStart({ kind: "clock", event: "start", reason: reason.trim() });
      }}
      actions={
        <>
          <Button onClick={onClose}>Not yet</Button>
          <Button type="submit" disabled={reason.trim() === ""}>
            Start anyway
          </Button>
        </>
      }
    >
      <Box component="ul" aria-label={`Station ${station}`} sx={{ m: 0, pl: 2.5 }}>
        {unsafe.map((it) => (
          <Typography key={it.id} component="li">
            {it.title}
          </Typography>
        ))}
      </Box>
      <Button
        variant="contained"
        sx={{ minHeight: 64 }}
        onClick={() => onStart({ kind: "mise", open: rest }, { kind: "clock", event: "start" })}
      >
        {seen.mise_looked ? "Put right: start the clock" : "All in order: start the clock"}
      </Button>
      <Field label="Or start all the same, because" value={reason} onChange={(event) => setReason(event.target.value)} autoComplete="off" />
    </Slip>
  );
}
