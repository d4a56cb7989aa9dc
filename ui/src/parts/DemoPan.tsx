import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Problem } from "../api/problem";
import { usePan } from "../api/useScale";
import { Field } from "./Field";
import { useKeys } from "./useKey";

/** What is to be weighed now; `mass` where the simulated hand is to put that on, rather than a piece of the carcass. */
export interface OnScale {
  id: string;
  title: string;
  mass?: string;
}

/** The hand at the simulated scale: puts a piece of this carcass, or any mass, on it and takes it off. */
export function DemoPan({ attempt, place }: { attempt: string; place: OnScale | null }) {
  const pan = usePan(attempt);
  const put = ({ id, mass }: OnScale): void => pan.mutate(mass === undefined ? { place: id } : { mass });
  const [mass, setMass] = useState("");
  useKeys((key) => {
    if (key === "p" && place !== null) put(place);
    if (key === "o") pan.mutate({ action: "clear" });

    return (key === "p" && place !== null) || key === "o";
  });

  return (
    <Box
      component="section"
      aria-label="Simulated scale"
      sx={{ borderTop: "1px dashed", borderColor: "steel.main", pt: 1.5, display: "grid", gap: 1 }}
    >
      <Typography variant="label" sx={{ color: "text.secondary" }}>
        Simulated scale
      </Typography>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1 }}>
        <Button size="small" disabled={place === null} onClick={() => place && put(place)} sx={{ minHeight: 48 }}>
          Put it on
        </Button>
        <Button size="small" onClick={() => pan.mutate({ action: "clear" })} sx={{ minHeight: 48 }}>
          Take it off
        </Button>
      </Box>
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          pan.mutate({ mass });
        }}
        sx={{ display: "grid", gridTemplateColumns: "1fr auto auto auto", gap: 1, alignItems: "end" }}
      >
        <Field label="Any mass" value={mass} onChange={(event) => setMass(event.target.value)} autoComplete="off" />
        <Button size="small" type="submit" disabled={mass === ""} sx={{ minHeight: 48 }}>
          Put on
        </Button>
        <Button size="small" onClick={() => pan.mutate({ action: "tare" })} sx={{ minHeight: 48 }}>
          Tare
        </Button>
        <Button size="small" onClick={() => pan.mutate({ action: "zero" })} sx={{ minHeight: 48 }}>
          Zero
        </Button>
      </Box>
      {pan.error !== null && (
        <Typography variant="caption" role="alert" sx={{ color: "error.main" }}>
          {pan.error instanceof Problem ? pan.error.detail : "The server does not answer."}
        </Typography>
      )}
    </Box>
  );
}
