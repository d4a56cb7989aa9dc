import Box from "@mui/material/Box";
import { useMassWords } from "./mass";

interface WindowBarProps {
  /** Limits and figure in mg; the figure null until it is weighed. */
  low: number;
  high: number;
  figure: number | null;
  out: boolean;
}

const width = 100;
const margin = 26;

/** A weight in its window: the window in blue from the book, the weight as a notch that falls inside or outside it. */
export function WindowBar({ low, high, figure, out }: WindowBarProps) {
  const mass = useMassWords();
  const scale = (width - 2 * margin) / (high - low);
  const at = (mg: number): number => Math.max(2, Math.min(width - 2, margin + (mg - low) * scale));

  return (
    <Box sx={{ width: "100%" }} aria-hidden>
      <Box
        component="svg"
        viewBox={`0 0 ${width} 11`}
        preserveAspectRatio="none"
        sx={{ width: "100%", height: 13, display: "block" }}
        aria-hidden
      >
        <Box
          component="line"
          x1={1}
          x2={width - 1}
          y1={7}
          y2={7}
          sx={{ stroke: "currentColor", color: "divider" }}
          strokeWidth={1}
          vectorEffect="non-scaling-stroke"
        />
        <Box
          component="rect"
          x={margin}
          width={width - 2 * margin}
          y={5}
          height={4}
          sx={{ fill: "currentColor", color: "secondary.main" }}
        />
        {figure !== null && (
          <Box
            component="path"
            d={`M${at(figure)} 0 V11`}
            sx={{ stroke: "currentColor", color: out ? "error.main" : "text.primary" }}
            strokeWidth={4}
            vectorEffect="non-scaling-stroke"
            fill="none"
          />
        )}
      </Box>
      <Box
        sx={{
          display: "flex",
          justifyContent: "space-between",
          px: `${margin - 9}%`,
          typography: "figure",
          fontWeight: 500,
          fontSize: 13,
          lineHeight: 1,
          color: "secondary.main",
        }}
      >
        <span>{mass.bare(Math.round(low / 1000) * 1000)}</span>
        <span>{mass.bare(Math.round(high / 1000) * 1000)}</span>
      </Box>
    </Box>
  );
}
