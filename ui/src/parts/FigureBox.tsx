import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";

interface FigureBoxProps {
  title: string;
  figure: string;
  note: string;
  /** More of it is worse: in red pencil. */
  isBad?: boolean;
}

/** One figure that sums something up. */
export function FigureBox({ title, figure, note, isBad = false }: FigureBoxProps) {
  return (
    <Box sx={{ border: "2px solid", borderColor: "text.primary", bgcolor: "background.paper", p: 1.25 }}>
      <Typography variant="label">{title}</Typography>
      <Typography variant="figure" component="p" sx={{ fontSize: 28, lineHeight: 1.1, color: isBad ? "error.main" : "text.primary" }}>
        {figure}
      </Typography>
      <Typography variant="body2" sx={{ color: "text.secondary" }}>
        {note}
      </Typography>
    </Box>
  );
}
