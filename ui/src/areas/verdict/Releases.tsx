import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { VerdictPage } from "../../api/types";
import { points } from "../../parts/format";
import { useTimeWords } from "../../parts/times";

/** Every version of a result that was issued, the latest first: what was shown then, by whom, and why again. */
export function Releases({ page }: { page: VerdictPage }) {
  const { timeOfDay, dayInFull } = useTimeWords();
  if (page.releases.length === 0) return null;

  return (
    <Box component="section" aria-label="Versions of this result" sx={{ mt: 2 }}>
      <Typography variant="h3" component="h2">
        {page.releases.length === 1 ? "Released" : "Released, in versions"}
      </Typography>
      <Box component="ol" sx={{ listStyle: "none", m: 0, p: 0 }}>
        {[...page.releases].reverse().map((it) => (
          <Box component="li" key={it.version} sx={{ py: 0.5, borderTop: "1px solid", borderColor: "divider" }}>
            <Typography variant="label" component="p">
              {it.version === page.version ? (
                <strong>Version {it.version}, shown here</strong>
              ) : (
                <Link to={`/result/${page.attempt}?version=${it.version}`} style={{ color: "inherit" }}>
                  Version {it.version}
                </Link>
              )}
              : {it.total === null ? "–" : points(it.total, page.policy.places)}
              {it.band !== null && `, ${it.band}`}
            </Typography>
            <Typography variant="caption" component="p" sx={{ color: "text.secondary", overflowWrap: "anywhere" }}>
              {dayInFull(it.released_at)}, {timeOfDay(it.released_at)}, by {it.released_by}. {it.reason}.
              {it.version === page.version && ` SHA-256 ${it.sha256}`}
            </Typography>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** Which version stands on the page, where it is one that was issued; and whether a later one was. */
export function ShownVersion({ page }: { page: VerdictPage }) {
  const { dayInFull } = useTimeWords();
  const shownHere = page.releases.find((it) => it.version === page.version);
  const latest = page.releases.at(-1);
  if (shownHere === undefined || latest === undefined) return null;

  return (
    <Typography sx={{ color: "secondary.main" }}>
      Version {shownHere.version}, released {dayInFull(shownHere.released_at)}
      {latest.version > shownHere.version && (
        <>
          . <Link to={`/result/${page.attempt}`}>Version {latest.version} was issued since</Link>
        </>
      )}
    </Typography>
  );
}

/** Said to staff where facts have moved on since the latest version. */
export function ChangedSince({ page }: { page: VerdictPage }) {
  const latest = page.releases.at(-1);
  if (latest === undefined || page.version !== null || page.release_state === "current") return null;

  return (
    <Box role="status" sx={{ borderLeft: "4px solid", borderColor: "error.main", pl: 1.5, my: 1, typography: "body2" }}>
      {page.release_state === "changed"
        ? `Changed since release: ${shown(page.result.total, page)}, released ${shown(latest.total, page)} (version ${latest.version}). `
        : `Entries since release that change no figure (version ${latest.version}). `}
      <Link to={`/sheet/${page.assessment}`} style={{ color: "inherit" }}>
        Issue the next version
      </Link>
    </Box>
  );
}

const shown = (total: number | null, { policy }: VerdictPage): string => (total === null ? "–" : points(total, policy.places));
