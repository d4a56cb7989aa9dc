import Box from "@mui/material/Box";

const HEIGHT = 16;

/** The portions of a set side by side, each as high as it is heavy: an even set has a level top. The line is their mean. */
export function PortionFence({ massesMg }: { massesMg: (number | null)[] }) {
  const weighed = massesMg.filter((it) => it !== null);
  const highest = Math.max(...weighed);
  const mean = weighed.reduce((sum, it) => sum + it, 0) / weighed.length;
  const up = (mg: number): number => (HEIGHT * mg) / highest;

  return (
    <Box
      component="svg"
      viewBox={`0 0 ${massesMg.length} ${HEIGHT}`}
      preserveAspectRatio="none"
      aria-hidden
      sx={{ width: "100%", height: HEIGHT, display: "block", my: "2px" }}
    >
      {massesMg.map((mg, index) => (
        <Box
          component="rect"
          key={index}
          x={index + 0.14}
          width={0.72}
          y={HEIGHT - (mg === null ? 1 : up(mg))}
          height={mg === null ? 1 : up(mg)}
          sx={{ fill: "currentColor", color: mg === null ? "divider" : "steel.main" }}
        />
      ))}
      <Box
        component="line"
        x1={0}
        x2={massesMg.length}
        y1={HEIGHT - up(mean)}
        y2={HEIGHT - up(mean)}
        strokeWidth={1.5}
        vectorEffect="non-scaling-stroke"
        sx={{ stroke: "currentColor", color: "secondary.main" }}
      />
    </Box>
  );
}
