import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import { useDrafts, useDropDraft } from "../../api/useDrafts";
import { saidOf } from "../../parts/problems";
import { useTimeWords } from "../../parts/times";

/** Drafts of one's own that are not published yet. */
export function DraftList() {
  const drafts = useDrafts(true);
  const drop = useDropDraft();
  const { timeOfDay, dayOf } = useTimeWords();
  if (drafts.data === undefined || drafts.data.length === 0) return null;

  return (
    <Box component="section" aria-label="Your drafts" sx={{ mt: 2, border: "2px dashed", borderColor: "secondary.main", p: 1.5 }}>
      <Typography variant="h3" component="h2">
        Your drafts
      </Typography>
      {drafts.data.map((it) => (
        <Box key={it.id} sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1.5, pt: 0.5 }}>
          <Typography sx={{ flex: 1, minWidth: 200 }}>
            <Link to={`/standards/drafts/${it.id}`} style={{ color: "inherit" }}>
              {it.title === "" ? "Without a title" : it.title}
            </Link>
            , kept {dayOf(it.saved_at)}, {timeOfDay(it.saved_at)}
          </Typography>
          <Button size="small" disabled={drop.isPending} onClick={() => drop.mutate(it.id)} aria-label={`Throw away ${it.title}`}>
            Throw away
          </Button>
        </Box>
      ))}
      {drop.isError && (
        <Typography role="alert" sx={{ color: "error.main", pt: 0.5 }}>
          {saidOf(drop.error)}
        </Typography>
      )}
    </Box>
  );
}
