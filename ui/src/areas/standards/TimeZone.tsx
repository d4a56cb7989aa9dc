import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Pick } from "../../parts/Pick";
import { schoolRow } from "./schoolRow";

interface TimeZoneProps {
  chosen: string;
  zones: string[];
  isFixed: boolean;
  onChoose: (zone: string) => void;
}

/** Where the school is: what day it is there, and the time of day every entry is shown with. */
export function TimeZone({ chosen, zones, isFixed, onChoose }: TimeZoneProps) {
  return (
    <Box role="group" aria-label="Time zone" sx={schoolRow}>
      <Typography variant="h3" sx={{ fontSize: "1.1rem" }}>
        Time zone
      </Typography>
      <Box sx={{ maxWidth: 420 }}>
        <Pick
          label="The school is in"
          value={chosen}
          options={zones.map((zone) => ({ key: zone, title: zone.replaceAll("_", " ") }))}
          onPick={onChoose}
          disabled={isFixed}
        />
        <Typography variant="body2" sx={{ mt: 0.5 }}>
          It says what “today” is on the Bench, and the time of day in every log, wherever a device is.
        </Typography>
      </Box>
    </Box>
  );
}
