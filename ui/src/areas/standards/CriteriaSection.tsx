import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Standard } from "../../api/types";

/** What is judged, step by step, and the faults with what they cost. */
export function CriteriaSection({ document }: { document: Standard }) {
  return (
    <>
      {(document.criteria ?? []).map((criterion) => (
        <Box component="section" key={criterion.id} aria-label={criterion.title ?? criterion.id} sx={{ mb: 1.5 }}>
          <Box sx={{ display: "flex", alignItems: "baseline", gap: 1, borderBottom: "1px solid", borderColor: "divider" }}>
            <Typography variant="h3" component="h2" sx={{ fontSize: "1.08rem", flex: 1 }}>
              {criterion.title ?? criterion.id}
            </Typography>
            <Typography variant="caption" sx={{ color: "text.secondary" }}>
              {criterion.component}, weight {criterion.weight}
            </Typography>
          </Box>
          {criterion.question !== undefined && (
            <Typography variant="body2" sx={{ borderLeft: "4px solid", borderColor: "secondary.main", pl: 1.25, my: 0.5 }}>
              Asked in writing before the clock: {criterion.question}
            </Typography>
          )}
          <Box component="ol" sx={{ m: 0, pl: 3, typography: "body2", "& li::marker": { fontWeight: 700, color: "secondary.main" } }}>
            {criterion.levels.map((level) => (
              <li key={level.text}>{level.text}</li>
            ))}
          </Box>
        </Box>
      ))}
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        Faults
      </Typography>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none", columns: "260px 2", columnGap: 3 }}>
        {(document.faults ?? []).map((fault) => (
          <Box
            component="li"
            key={fault.id}
            sx={{ display: "flex", gap: 1, breakInside: "avoid", borderBottom: "1px solid", borderColor: "divider", py: 0.25 }}
          >
            <Typography variant="body2" sx={{ flex: 1 }}>
              {fault.title ?? fault.id}
              {fault.critical === true && (
                <Box component="span" sx={{ color: "error.main" }}>
                  {" "}
                  critical
                </Box>
              )}
            </Typography>
            <Typography variant="figure" sx={{ fontWeight: 500 }}>
              {fault.deduct} to {fault.max}
            </Typography>
          </Box>
        ))}
      </Box>
      {(document.defects ?? []).length > 0 && (
        <>
          <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
            Defects that excuse
          </Typography>
          <Typography variant="body2">{(document.defects ?? []).map((it) => (it.title ?? it.id).toLowerCase()).join("; ")}.</Typography>
        </>
      )}
    </>
  );
}
