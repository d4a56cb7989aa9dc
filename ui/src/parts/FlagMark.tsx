import Box from "@mui/material/Box";
import type { Flag } from "../api/types";

const isRed = ({ flag }: Flag): boolean => ["out_of_balance", "mix_up", "scale_out"].includes(flag);

/** Something that stands out, pencilled in a corner. */
export function FlagMark({ flag }: { flag: Flag }) {
  return (
    <Box
      component="span"
      sx={{
        typography: "label",
        fontSize: 15,
        lineHeight: 1.2,
        px: 0.75,
        whiteSpace: "nowrap",
        color: isRed(flag) ? "error.main" : "text.primary",
        borderBottom: "2px solid",
        borderColor: isRed(flag) ? "error.main" : "steel.main",
      }}
    >
      {flag.text}
    </Box>
  );
}
