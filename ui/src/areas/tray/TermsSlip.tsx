import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Fact, Tray } from "../../api/types";
import { Field } from "../../parts/Field";
import { NumberField } from "../../parts/NumberField";
import { OneOf } from "../../parts/OneOf";
import { Slip } from "../../parts/Slip";

interface TermsSlipProps {
  tray: Tray;
  onSet: (...facts: Fact[]) => void;
  onClose: () => void;
}

/** Under what terms an attempt is made: time allowance, resit, station. Each change is a fact with its reason. */
export function TermsSlip({ tray, onSet, onClose }: TermsSlipProps) {
  const [factor, setFactor] = useState(tray.time_factor);
  const [isResit, setResit] = useState(tray.resit);
  const [station, setStation] = useState(tray.station);
  const [reason, setReason] = useState("");
  const why = reason.trim();
  const facts: Fact[] = [
    ...(factor === tray.time_factor ? [] : [{ kind: "allowance" as const, time_factor: factor, reason: why }]),
    ...(isResit === tray.resit ? [] : [{ kind: "resit" as const, resit: isResit, reason: why }]),
    ...(station === tray.station ? [] : [{ kind: "station" as const, station, reason: why }]),
  ];
  const isReady = facts.length > 0 && why !== "";

  return (
    <Slip
      title={`Terms of ${tray.student}`}
      onClose={onClose}
      onSubmit={() => {
        if (isReady) onSet(...facts);
      }}
      actions={
        <>
          <Button onClick={onClose}>Leave them</Button>
          <Button type="submit" variant="contained" disabled={!isReady}>
            Set
          </Button>
        </>
      }
    >
      <Typography variant="body2" sx={{ color: "text.secondary" }}>
        What is set here bears on the mark. It stands in the log with its reason, and can be withdrawn there.
      </Typography>
      <NumberField label="Time allowance, times" value={factor} onNumber={(it) => it > 0 && it <= 10 && setFactor(it)} />
      <NumberField label="Station" value={station} onNumber={(it) => it >= 1 && setStation(Math.round(it))} />
      <OneOf
        label="Resit"
        chosen={isResit ? "resit" : "first"}
        options={[
          { key: "first", title: "First try" },
          { key: "resit", title: "Resit" },
        ]}
        onChoose={(it) => setResit(it === "resit")}
      />
      <Field label="Because" value={reason} autoComplete="off" onChange={({ target }) => setReason(target.value)} />
    </Slip>
  );
}
