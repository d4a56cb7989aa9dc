import Box from "@mui/material/Box";
import InputBase, { type InputBaseProps } from "@mui/material/InputBase";
import Typography from "@mui/material/Typography";
import { useId } from "react";

interface FieldProps extends Omit<InputBaseProps, "error"> {
  label: string;
  hint?: string | undefined;
  problem?: string | undefined;
}

/** A labelled line to write on; what is wrong stands beneath it. */
export function Field({ label, hint, problem, sx, id: given, ...input }: FieldProps) {
  const made = useId();
  const id = given ?? made;
  const note = problem ?? hint;

  return (
    <Box sx={[{ display: "flex", flexDirection: "column", gap: 0.5 }, ...(Array.isArray(sx) ? sx : [sx])]}>
      <Typography component="label" variant="label" htmlFor={id}>
        {label}
      </Typography>
      <InputBase id={id} error={problem !== undefined} aria-describedby={note === undefined ? undefined : `${id}-note`} {...input} />
      {note !== undefined && (
        <Typography
          id={`${id}-note`}
          variant="caption"
          role={problem === undefined ? undefined : "alert"}
          sx={{ color: problem === undefined ? "text.secondary" : "error.main" }}
        >
          {note}
        </Typography>
      )}
    </Box>
  );
}
