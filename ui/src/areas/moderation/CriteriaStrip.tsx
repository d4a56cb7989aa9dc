import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { Agreement } from "../../api/types";
import { counted, percent } from "../../parts/format";
import { kappaWords } from "./kappaWords";
import { signed } from "../../parts/signed";

/** Criteria from those two people see differently to those they see the same, each with the descriptors to talk about. */
export function CriteriaStrip({ criteria }: { criteria: Agreement["criteria"] }) {
  return (
    <Box component="section" aria-label="Criterion by criterion">
      <Typography variant="h2">Criterion by criterion</Typography>
      <Typography variant="body2" sx={{ color: "text.secondary" }}>
        Those you see least alike first. The bar is the share of trays on which both gave the same step.
      </Typography>
      <Box component="ol" sx={{ listStyle: "none", m: 0, mt: 1, p: 0 }}>
        {criteria.map((it) => (
          <Box
            component="li"
            key={`${it.criterion} ${it.levels.length}`}
            sx={{ borderBottom: "1px solid", borderColor: "divider", py: 0.75 }}
          >
            <details>
              <Box component="summary" sx={{ cursor: "pointer", minHeight: 44 }}>
                <Typography variant="label" component="span">
                  {it.title}
                </Typography>
                <Typography variant="body2" component="span" sx={{ color: "text.secondary", ml: 1 }}>
                  {counted(it.trays, "tray")}, {it.exact === null ? "–" : percent(it.exact, 0)} alike
                  {it.kappa !== null && `, kappa ${it.kappa.toFixed(2)}`}
                  {it.mean_difference !== null &&
                    Math.abs(it.mean_difference) >= 0.005 &&
                    `, second look ${signed(it.mean_difference, 2)} steps`}
                </Typography>
                <Box aria-hidden sx={{ height: 8, mt: 0.5, border: "1px solid", borderColor: "steel.main", maxWidth: 420 }}>
                  <Box sx={{ height: "100%", width: `${100 * (it.exact ?? 0)}%`, bgcolor: "secondary.main" }} />
                </Box>
              </Box>
              <Box component="ol" sx={{ my: 1, pl: 3 }}>
                {it.levels.map((text) => (
                  <Typography component="li" variant="body2" key={text}>
                    {text}
                  </Typography>
                ))}
              </Box>
              <Typography variant="body2">
                <Link to={`/standards/${it.standard_id}`}>{it.standard}</Link>, where these words stand.
              </Typography>
            </details>
          </Box>
        ))}
      </Box>
      <Box component="details" sx={{ mt: 1 }}>
        <Typography component="summary" variant="label">
          How this is worked out
        </Typography>
        <Typography variant="body2" sx={{ color: "text.secondary" }}>
          Kappa with quadratic weights (Cohen 1968): {kappaWords}. On few trays it scatters widely.
        </Typography>
      </Box>
    </Box>
  );
}
