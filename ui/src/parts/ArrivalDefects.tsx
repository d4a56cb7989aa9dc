import Box from "@mui/material/Box";
import { Toggle } from "./Toggle";
import { toggled } from "./toggled";
import { useMeant } from "./useMeant";

interface ArrivalDefectsProps {
  defects: { id: string; title?: string }[];
  noted: string[];
  /** False where this device cannot keep it. */
  onNote: (noted: string[]) => Promise<boolean>;
}

/** The defects a carcass came with. */
export function ArrivalDefects({ defects, noted, onNote }: ArrivalDefectsProps) {
  const change = useMeant(noted, onNote);

  return (
    <Box role="group" aria-label="Defects on arrival" sx={{ display: "flex", flexWrap: "wrap", gap: 0.75, mb: 1.5 }}>
      {defects.map(({ id, title = id }) => (
        <Toggle key={id} isOn={noted.includes(id)} onToggle={() => change((now) => toggled(now, id))}>
          {title}
        </Toggle>
      ))}
    </Box>
  );
}
