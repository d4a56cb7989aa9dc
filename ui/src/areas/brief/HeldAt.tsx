import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useAssessment } from "../../api/useAssessment";
import { HoldAgainst } from "../../parts/HoldAgainst";

/** Which version a class is held against, and a later one to take, with a reason. */
export function HeldAt({ assessment }: { assessment: string }) {
  const { data } = useAssessment(assessment);
  if (data === undefined) return null;

  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1, mb: 1.5 }}>
      <Typography>
        Held against {data.standard.title}, version {data.standard_version}.
      </Typography>
      <HoldAgainst assessment={data} />
    </Box>
  );
}
