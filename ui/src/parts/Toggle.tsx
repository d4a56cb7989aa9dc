import Button from "@mui/material/Button";
import type { ReactNode } from "react";

interface ToggleProps {
  isOn: boolean;
  disabled?: boolean;
  /** A line of its own, its words from the left. */
  isWide?: boolean;
  onToggle: () => void;
  children: ReactNode;
}

/** A button that stays down: pressed is inked in. */
export function Toggle({ isOn, disabled = false, isWide = false, onToggle, children }: ToggleProps) {
  return (
    <Button
      size="small"
      aria-pressed={isOn}
      disabled={disabled}
      onClick={onToggle}
      sx={{
        minHeight: 48,
        ...(isWide && { textAlign: "left", justifyContent: "flex-start" }),
        ...(isOn && { bgcolor: "text.primary", color: "background.paper", "&:hover": { bgcolor: "text.primary" } }),
      }}
    >
      {children}
    </Button>
  );
}
