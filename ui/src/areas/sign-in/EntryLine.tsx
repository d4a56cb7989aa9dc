import Box from "@mui/material/Box";
import { useId, type ComponentProps } from "react";
import { Labelled, noteOf } from "../../parts/Labelled";

interface EntryLineProps extends ComponentProps<"input"> {
  label: string;
  problem?: string | undefined;
}

/** A line of the sign-in. It looks as a Field does, and is drawn without the parts that one has: it is among the first a device fetches. */
export function EntryLine({ label, problem, ...input }: EntryLineProps) {
  const id = useId();

  return (
    <Labelled id={id} label={label} problem={problem}>
      <Box
        component="input"
        id={id}
        aria-invalid={problem !== undefined}
        aria-describedby={noteOf(id, problem)}
        {...input}
        sx={{
          typography: "body1",
          minHeight: 48,
          minWidth: 0,
          px: 1.5,
          border: "2px solid",
          borderColor: problem === undefined ? "text.primary" : "error.main",
          borderRadius: 0,
          bgcolor: "background.paper",
          color: "text.primary",
          "&:focus": { outline: "3px solid", outlineColor: "secondary.main", outlineOffset: "2px" },
        }}
      />
    </Labelled>
  );
}
