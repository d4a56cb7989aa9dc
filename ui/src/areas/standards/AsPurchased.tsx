import Box from "@mui/material/Box";
import Slider from "@mui/material/Slider";
import Typography from "@mui/material/Typography";
import { useMassWords } from "../../parts/mass";

interface AsPurchasedProps {
  massMg: number;
  lowMg: number | null;
  highMg: number | null;
  onChange: (massMg: number) => void;
}

/** The carcass weight that the expected weights are shown for. */
export function AsPurchased({ massMg, lowMg, highMg, onChange }: AsPurchasedProps) {
  const mass = useMassWords();
  const low = lowMg ?? massMg / 2;
  const high = highMg ?? massMg * 2;
  const step = 10 ** Math.max(3, Math.floor(Math.log10(high - low)) - 1);

  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "auto minmax(0, 1fr) 96px", gap: 2.5, alignItems: "center", mb: 1.5 }}>
      <Typography variant="label" id="ap-label">
        AP weight
      </Typography>
      <Slider
        aria-labelledby="ap-label"
        min={low}
        max={high}
        step={step}
        value={massMg}
        onChange={(_, value) => onChange(value)}
        getAriaValueText={mass.full}
        sx={{
          height: 4,
          borderRadius: 0,
          "& .MuiSlider-thumb": {
            width: 14,
            height: 28,
            borderRadius: "2px",
            boxShadow: "none",
            "&:hover, &.Mui-focusVisible": { boxShadow: "none" },
          },
          "& .MuiSlider-rail": { bgcolor: "steel.main", opacity: 1 },
        }}
      />
      <Typography variant="figure" sx={{ fontSize: 26, textAlign: "right" }}>
        {mass.full(massMg)}
      </Typography>
    </Box>
  );
}
