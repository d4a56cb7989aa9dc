import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";

export function Loading({ what }: { what: string }) {
  return (
    <Box sx={{ m: "auto", p: 4, textAlign: "center", color: "text.secondary" }} role="status">
      <Typography variant="label">Fetching {what} …</Typography>
    </Box>
  );
}
