import Box from "@mui/material/Box";
import { WholeOrNot } from "../../../parts/WholeOrNot";
import { percent } from "../../../parts/format";

interface WeightBarProps {
  components: { id: string; title: string; weight: number }[];
}

/** The whole grade as one bar, each component as wide as it counts; it always adds up to 100 %. */
export function WeightBar({ components }: WeightBarProps) {
  const whole = components.reduce((sum, it) => sum + it.weight, 0);
  const counting = components.filter((it) => it.weight > 0);

  return (
    <Box
      role="img"
      aria-label={`Of 100 %: ${counting.map((it) => `${it.title} ${percent(it.weight / whole, 1)}`).join(", ")}`}
      sx={{ display: "flex", height: 46, border: "2px solid", borderColor: "text.primary", bgcolor: "background.paper", mb: 1 }}
    >
      {counting.map((it, index) => (
        <Box
          key={it.id}
          title={it.title}
          sx={{
            flex: `${it.weight} 0 0`,
            minWidth: 0,
            overflow: "hidden",
            display: "grid",
            alignItems: "center",
            px: 0.5,
            typography: "label",
            fontSize: 15,
            borderLeft: index === 0 ? 0 : "1px solid",
            borderColor: "text.primary",
            bgcolor: index % 2 === 0 ? "background.paper" : "divider",
          }}
        >
          <WholeOrNot>{it.title}</WholeOrNot>
        </Box>
      ))}
    </Box>
  );
}
