import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useAssessment } from "../api/useAssessment";
import { useTray } from "../api/useTray";
import { useFactWords } from "../parts/factInWords";
import { MendCapture } from "./MendCapture";
import type { Waiting } from "./store";
import { upperFirst } from "../parts/format";

/** One capture that the server will not have: whose it is, what it says, and why not. It stays until somebody decides. */
export function RefusedCapture({ waiting }: { waiting: Waiting }) {
  const tray = useTray(waiting.attempt);
  const assessment = useAssessment(tray.data?.assessment);
  const say = useFactWords(assessment.data);
  const [isOpen, setOpen] = useState(false);
  const where = tray.data === undefined ? "Not taken" : `Station ${tray.data.station}, not taken`;
  const words = say(waiting.capture);

  return (
    <Box role="alert" sx={{ display: "flex", alignItems: "center", gap: 2, px: 3, py: 0.75 }}>
      <Typography sx={{ flex: 1, minWidth: 0 }}>
        <strong>{where}:</strong> {words}. {upperFirst(waiting.refusal ?? "")}
      </Typography>
      <Button size="small" sx={{ minHeight: 48 }} onClick={() => setOpen(true)}>
        Put right
      </Button>
      {isOpen && (
        <MendCapture
          key={assessment.data?.id}
          waiting={waiting}
          title={where}
          words={words}
          assessment={assessment.data}
          onClose={() => setOpen(false)}
        />
      )}
    </Box>
  );
}
