import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { FormEvent, ReactNode } from "react";
import { Wordmark } from "../../app/Wordmark";

interface EntrySheetProps {
  /** What is done here, in a sentence. */
  lead: string;
  isWide?: boolean;
  onSubmit: () => void;
  children: ReactNode;
}

/** The sheet of paper one fills in to come in. */
export function EntrySheet({ lead, isWide = false, onSubmit, children }: EntrySheetProps) {
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
        <Typography component="h1" variant="body1" sx={{ color: "text.secondary", mb: 1 }}>
          {lead}
        </Typography>
        {children}
      </Box>
    </Box>
  );
}
