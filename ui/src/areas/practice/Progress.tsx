import Box from "@mui/material/Box";

/** How far along a method card: a stroke for each step. */
export function Progress({ at, count }: { at: number; count: number }) {
  return (
    <Box
      role="img"
      aria-label={at < 0 ? `${count} steps` : `Step ${at + 1} of ${count}`}
      sx={{ flex: 1, minWidth: 140, display: "flex", gap: "4px" }}
    >
      {Array.from({ length: count }, (_, index) => (
        <Box
          key={index}
          sx={{ flex: 1, height: index === at ? 20 : 12, alignSelf: "end", bgcolor: index <= at ? "text.primary" : "divider" }}
        />
      ))}
    </Box>
  );
}
