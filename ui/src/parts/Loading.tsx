import Box from "@mui/material/Box";

export function Loading({ what }: { what: string }) {
  return (
    <Box sx={{ typography: "label", m: "auto", p: 4, textAlign: "center", color: "text.secondary" }} role="status">
      Fetching {what} …
    </Box>
  );
}
