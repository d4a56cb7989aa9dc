import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import Typography from "@mui/material/Typography";
import { useId, useLayoutEffect, useRef, useState, type FormEvent, type ReactNode } from "react";

interface SlipProps {
  title: string;
  width?: "sm" | "md";
  /** Somebody may be hurt: it is larger, and red at its upper edge. */
  isAlarm?: boolean;
  onClose: () => void;
  /** Given where something is written on it. */
  onSubmit?: () => void;
  children: ReactNode;
  /** Where there is nothing to decide, it is closed. */
  actions?: ReactNode;
}

/** A slip laid over the screen: one thing to read or decide, and what can be done about it. */
export function Slip({ title, width = "sm", isAlarm = false, onClose, onSubmit, children, actions }: SlipProps) {
  const id = useId();
  const [isWrittenOn, setWrittenOn] = useState(false);
  const paper = useRef<HTMLDivElement>(null);
  // What had the focus may be gone with the last tap: it is nowhere then, and Escape is not heard.
  useLayoutEffect(() => {
    if (document.activeElement === document.body) paper.current?.focus({ preventScroll: true });
  });
  // A palm beside the slip does not take with it what was typed.
  const close = (_: unknown, reason: string): void => {
    if (reason !== "backdropClick" || !isWrittenOn) onClose();
  };

  return (
    <Dialog
      open
      onClose={close}
      onInput={() => setWrittenOn(true)}
      fullWidth
      maxWidth={width}
      aria-labelledby={id}
      slotProps={{ paper: { ref: paper } }}
    >
      <Box
        {...(onSubmit === undefined
          ? {}
          : {
              component: "form",
              onSubmit: (event: FormEvent): void => {
                event.preventDefault();
                onSubmit();
              },
            })}
        sx={{
          p: { xs: 2, sm: 3 },
          display: "grid",
          gridTemplateColumns: "minmax(0, 1fr)",
          gap: 2,
          ...(isAlarm && { borderTop: "12px solid", borderColor: "error.main" }),
        }}
      >
        <Typography id={id} variant={isAlarm ? "h1" : "h2"} component="h2">
          {title}
        </Typography>
        {children}
        <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1 }}>
          {actions ?? (
            <Button onClick={onClose} autoFocus>
              Close
            </Button>
          )}
        </Box>
      </Box>
    </Dialog>
  );
}
