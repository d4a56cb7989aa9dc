import Box from "@mui/material/Box";
import Button from "@mui/material/Button";

/** What the last tap took down, undone in one tap while it lasts. */
export function UndoBar({ words, onUndo }: { words: string; onUndo: () => void }) {
  return (
    <Box
      role="status"
      aria-label="Just taken down"
      sx={{
        position: "fixed",
        left: 16,
        bottom: 16,
        zIndex: 2,
        display: "flex",
        alignItems: "center",
        gap: 2,
        bgcolor: "text.primary",
        color: "background.paper",
        p: 1,
        pl: 2,
        typography: "label",
      }}
    >
      {words}
      <Button onClick={onUndo} sx={{ color: "background.paper", borderColor: "background.paper", bgcolor: "transparent" }}>
        Undo
      </Button>
    </Box>
  );
}
