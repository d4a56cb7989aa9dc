import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { OpenStandard } from "../../api/types";

const whose = { standard: "this standard", school: "the school", book: "the book" };

/** The variants of practice the standard is held under, whose choice each is, and what they change in it. */
export function VariantsSection({ standard: { variants, held } }: { standard: OpenStandard }) {
  return (
    <>
      <Typography variant="body2" sx={{ mb: 1 }}>
        Kitchens differ on these. The <Link to="/standards/school">school</Link> chooses; a standard may say otherwise for itself.
      </Typography>
      <Box component="ul" aria-label="Variants of practice" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {variants.map((it) => (
          <Box component="li" key={it.key} sx={{ py: 0.75, borderBottom: "1px solid", borderColor: "divider" }}>
            <Box sx={{ display: "flex", gap: 1, alignItems: "baseline", flexWrap: "wrap" }}>
              <Typography component="p" variant="label" sx={{ minWidth: 220 }}>
                {it.question}
              </Typography>
              <Typography component="p" variant="h3" sx={{ fontSize: "1.08rem", m: 0, flex: 1 }}>
                {it.title}
              </Typography>
              <Typography variant="caption" sx={{ color: it.by === "book" ? "secondary.main" : "text.secondary" }}>
                by {whose[it.by]}
              </Typography>
            </Box>
            <Typography component="p" variant="body2" sx={{ color: "text.secondary", m: 0 }}>
              {it.reason}
            </Typography>
          </Box>
        ))}
      </Box>
      {held.length > 0 && (
        <>
          <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
            What they change here
          </Typography>
          {held.map((line) => (
            <Typography key={line} variant="body2" sx={{ borderLeft: "4px solid", borderColor: "secondary.main", pl: 1, mb: 0.75 }}>
              {line}
            </Typography>
          ))}
        </>
      )}
    </>
  );
}
