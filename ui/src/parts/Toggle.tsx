import Button from "@mui/material/Button";
import type { ReactNode } from "react";

/** A button that stays down: pressed is inked in. */
export function Toggle({ isOn, onToggle, children }: { isOn: boolean; onToggle: () => void; children: ReactNode }) {
  return (
    <Button
      size="small"
      aria-pressed={isOn}
      onClick={onToggle}
      sx={{
        textAlign: "left",
        minHeight: 48,
        ...(isOn && { bgcolor: "text.primary", color: "background.paper", "&:hover": { bgcolor: "text.primary" } }),
      }}
    >
      {children}
    </Button>
  );
}
