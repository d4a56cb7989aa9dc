import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { VerdictPage } from "../../api/types";
import { points } from "../../parts/format";

const stateWords = { pending: "to come", dropped: "not asked" };

/** Each component as a strip: as wide as it weighs, filled as far as it scored. */
export function ComponentStrips({ page: { result, policy } }: { page: VerdictPage }) {
  const widest = Math.max(...result.components.map((it) => it.weight), 1);

  return (
    <Box
      component="table"
      aria-label="Components"
      sx={{ width: "100%", borderCollapse: "collapse", mt: 2, "& td, & th": { p: 0, py: 0.25, textAlign: "left", fontWeight: 400 } }}
    >
      <thead>
        <tr>
          {["Component", "of weight", "score"].map((head) => (
            <Typography
              component="th"
              scope="col"
              variant="caption"
              key={head}
              sx={{ color: "text.secondary", "&&": { textAlign: head === "score" ? "right" : "left" } }}
            >
              {head}
            </Typography>
          ))}
        </tr>
      </thead>
      <tbody>
        {result.components.map((component) => (
          <tr key={component.id}>
            <Typography component="th" scope="row" variant="label">
              {policy.components.find((it) => it.id === component.id)?.title ?? component.id}
            </Typography>
            <td>
              <Box sx={{ display: "flex", alignItems: "center", gap: 0.75 }}>
                <Typography variant="figure" sx={{ width: 20, textAlign: "right", fontWeight: 500 }}>
                  {component.weight}
                </Typography>
                <Box
                  sx={{
                    width: `${(96 * component.weight) / widest}px`,
                    height: 13,
                    border: "1.5px solid",
                    borderColor: "text.primary",
                    bgcolor: "background.paper",
                  }}
                >
                  {component.score !== null && <Box sx={{ width: `${component.score}%`, height: "100%", bgcolor: "text.primary" }} />}
                </Box>
              </Box>
            </td>
            <td>
              <Typography
                variant="figure"
                sx={{ display: "block", textAlign: "right", color: component.score === null ? "text.secondary" : "text.primary" }}
              >
                {component.score === null ? stateWords[component.state as "pending" | "dropped"] : points(component.score)}
              </Typography>
            </td>
          </tr>
        ))}
      </tbody>
    </Box>
  );
}
