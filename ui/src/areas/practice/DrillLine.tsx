import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { PracticeOf } from "../../api/types";
import { useCaptureQueue } from "../../offline/Sending";
import { useToday } from "../../offline/useToday";
import { day } from "../../parts/format";

interface DrillLineProps {
  standard: string;
  item: PracticeOf["worth"][number];
}

/** What to do about a loss, and how it went: it comes back as questions do, later and later where it went well. */
export function DrillLine({ standard, item: { about, drill, due_on: dueOn } }: DrillLineProps) {
  const { takePractice } = useCaptureQueue();
  const today = useToday();
  const [isNoted, setNoted] = useState(false);
  const note = async (how: "right" | "missed"): Promise<void> => {
    if (await takePractice(standard, { kind: "answer", question: "drill", about, how })) setNoted(true);
  };

  return (
    <Box role="group" aria-label={`Drill: ${drill}`} sx={{ mt: 0.5 }}>
      <Typography>Drill: {drill}</Typography>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1, mt: 0.5 }}>
        <Button size="small" disabled={isNoted} onClick={() => void note("right")} sx={{ minHeight: 44 }}>
          It went well
        </Button>
        <Button size="small" disabled={isNoted} onClick={() => void note("missed")} sx={{ minHeight: 44 }}>
          Not yet
        </Button>
        <Typography role="status" variant="body2" sx={{ color: "text.secondary" }}>
          {standing(isNoted, dueOn, today)}
        </Typography>
      </Box>
    </Box>
  );
}

function standing(isNoted: boolean, dueOn: string | null, today: string): string {
  if (isNoted) return "Noted for today.";
  if (dueOn === null) return "";

  return dueOn <= today ? "Due again." : `Due again on ${day(dueOn)}.`;
}
