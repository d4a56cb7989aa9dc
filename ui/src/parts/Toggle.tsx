import Button from "@mui/material/Button";
import type { ReactNode } from "react";

interface ToggleProps {
  isOn: boolean;
  disabled?: boolean;
  onToggle: () => void;
  children: ReactNode;
}

/** A button that stays down: pressed is inked in. */
export function Toggle({ isOn, disabled = false, onToggle, children }: ToggleProps) {
  return (
    <Button
      size="small"
      aria-pressed={isOn}
      disabled={disabled}
      onClick={onToggle}
      sx={{
        textAlign: "left",
        justifyContent: "flex-start",
        minHeight: 48,
        ...(isOn && { bgcolor: "text.primary", color: "background.paper", "&:hover": { bgcolor: "text.primary" } }),
      }}
    >
      {children}
    </Button>
  );
}
