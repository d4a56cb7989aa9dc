import type { SxProps, Theme } from "@mui/material/styles";

/** A row of the school's page: what is asked beside what was chosen. */
export const schoolRow: SxProps<Theme> = {
  display: "grid",
  gridTemplateColumns: { xs: "1fr", md: "260px minmax(0, 1fr)" },
  columnGap: 3,
  rowGap: 0.5,
  py: 1.5,
  borderBottom: "1px solid",
  borderColor: "divider",
};
