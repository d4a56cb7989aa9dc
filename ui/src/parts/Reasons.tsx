import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { AttemptResult, Policy } from "../api/types";

/** What each thing cost of the total, largest first, with its figure and its limit. */
export function Reasons({ result, policy }: { result: AttemptResult; policy: Policy }) {
  const titles = new Map(policy.components.map((it) => [it.id as string, it.title ?? it.id]));
  const largest = Math.max(...result.reasons.map((it) => it.lost), 0.001);
  const sum = result.reasons.reduce((total, it) => total + it.lost, 0);
  if (result.total === null) return <Typography sx={{ color: "text.secondary" }}>Nothing is scored yet.</Typography>;
  if (result.reasons.length === 0) return <Typography>Nothing was lost: every component is full.</Typography>;

  return (
    <Box component="ol" aria-label="Reasons" sx={{ listStyle: "none", m: 0, p: 0 }}>
      {result.reasons.map((reason) => (
        <Box
          component="li"
          key={reason.text}
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "56px minmax(0, 1fr)", sm: "64px 108px minmax(0, 1fr)" },
            columnGap: 1.5,
            rowGap: 0.5,
            alignItems: "baseline",
            py: 0.75,
            borderBottom: "1px solid",
            borderColor: "divider",
          }}
        >
          <Typography
            variant="figure"
            sx={{ fontSize: 19, textAlign: "right", color: reason.lost > 0 ? "text.primary" : "text.secondary" }}
          >
            {reason.lost === 0 ? "0" : `−${reason.lost < 0.005 ? "<0.01" : reason.lost.toFixed(2)}`}
          </Typography>
          <Box>
            <Typography variant="label" sx={{ display: "block", fontSize: 15, lineHeight: 1.1, color: "text.secondary" }}>
              {titles.get(reason.component) ?? reason.component}
            </Typography>
            <Box aria-hidden sx={{ mt: "3px", height: 4, width: `${(100 * reason.lost) / largest}%`, bgcolor: "steel.main" }} />
          </Box>
          <Typography variant="body2" sx={{ gridColumn: { xs: "2", sm: "auto" } }}>
            {reason.text}
          </Typography>
        </Box>
      ))}
      <Box
        component="li"
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "56px minmax(0, 1fr)", sm: "64px 1fr" },
          columnGap: 1.5,
          py: 0.75,
          alignItems: "baseline",
        }}
      >
        <Typography variant="figure" sx={{ fontSize: 19, textAlign: "right" }}>
          {sum === 0 ? "0" : `−${sum.toFixed(2)}`}
        </Typography>
        <Typography variant="label">
          in all, {result.status === "provisional" ? "of what is scored so far" : "of 100 points"}
          {result.caps.length > 0 && ", before the cap"}
        </Typography>
      </Box>
    </Box>
  );
}
