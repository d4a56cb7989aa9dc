import Box from "@mui/material/Box";
import type { FormEvent, ReactNode } from "react";
import { Wordmark } from "../../app/Wordmark";

interface EntrySheetProps {
  /** What is done here, in a sentence. */
  lead: string;
  isWide?: boolean;
  /** What its button does, in a word or two. */
  action: string;
  isReady?: boolean;
  onSubmit: () => void;
  children: ReactNode;
  /** What stands below the button. */
  after?: ReactNode;
}

/** The sheet of paper one fills in to come in. It is the first thing a device fetches: it is drawn without the parts that the rest of the screen has. */
export function EntrySheet({ lead, isWide = false, action, isReady = true, onSubmit, children, after }: EntrySheetProps) {
  return (
    <Box component="main" sx={{ minHeight: "100vh", display: "grid", placeItems: "center", p: 2 }}>
      <Box
        component="form"
        onSubmit={(event: FormEvent): void => {
          event.preventDefault();
          onSubmit();
        }}
        sx={{
          width: "100%",
          maxWidth: isWide ? 860 : 420,
          bgcolor: "background.paper",
          border: "2px solid",
          borderColor: "text.primary",
          p: { xs: 2.5, sm: 4 },
          display: "grid",
          gap: 2,
        }}
      >
        <Wordmark size={1.7} />
        <Box component="h1" sx={{ typography: "body1", color: "text.secondary", m: 0, mb: 1 }}>
          {lead}
        </Box>
        {children}
        <Box
          component="button"
          type="submit"
          disabled={!isReady}
          sx={{
            typography: "button",
            minHeight: 48,
            border: 0,
            borderRadius: "3px",
            bgcolor: "text.primary",
            color: "background.paper",
            cursor: "pointer",
            "&:disabled": { opacity: 0.45, cursor: "default" },
            "&:focus-visible": { outline: "3px solid", outlineColor: "secondary.main", outlineOffset: "2px" },
            "&:active": { translate: "0 1px" },
          }}
        >
          {action}
        </Box>
        {after}
      </Box>
    </Box>
  );
}
