import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link, useNavigate } from "react-router";
import { useBeginBrief, useBriefs, useDropBrief } from "../../api/useBriefs";
import { Rail } from "../../app/Rail";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { counted, day } from "../../parts/format";
import { saidOf } from "../../parts/problems";
import { newBrief } from "./newBrief";

/** The practicals that are planned, and those that were set from a plan. */
export function Briefs() {
  const briefs = useBriefs();
  const begin = useBeginBrief();
  const drop = useDropBrief();
  const navigate = useNavigate();
  if (briefs.isPending) return <Loading what="the briefs" />;
  if (briefs.isLoadingError) return <ProblemNotice problem={briefs.error} onRetry={() => void briefs.refetch()} />;
  const problem = saidOf(begin.error ?? drop.error);
  const shown = briefs.data.pages.flatMap((it) => it.briefs);

  return (
    <Box sx={{ px: 3, py: 2, maxWidth: 1120 }}>
      <Rail area="Brief" />
      <Box sx={{ display: "flex", alignItems: "center", gap: 1, mb: 1.5 }}>
        <Typography variant="h1" sx={{ flex: 1 }}>
          Brief
        </Typography>
        <Button
          variant="contained"
          disabled={begin.isPending}
          onClick={() => begin.mutate(newBrief, { onSuccess: ({ id }) => void navigate(`/brief/${id}`) })}
        >
          Plan a practical
        </Button>
      </Box>
      {problem !== undefined && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {problem}
        </Typography>
      )}
      {shown.length === 0 && <Notice title="Nothing is planned">Plan a practical: what, who, when, and with what.</Notice>}
      <Box component="ul" aria-label="Briefs" sx={{ listStyle: "none", m: 0, p: 0 }}>
        {shown.map((it) => (
          <Box
            component="li"
            key={it.id}
            sx={{
              display: "grid",
              gridTemplateColumns: { xs: "minmax(0, 1fr) auto", sm: "190px minmax(0, 1fr) auto auto" },
              alignItems: "center",
              columnGap: 2,
              rowGap: 0.5,
              py: 1,
              borderTop: "1px solid",
              borderColor: "divider",
            }}
          >
            <Typography variant="label">{it.day === null ? "No day yet" : day(it.day)}</Typography>
            <Box sx={{ minWidth: 0, gridColumn: { xs: "1", sm: "auto" } }}>
              <Typography variant="h3" component="p">
                <Link to={`/brief/${it.id}`}>{it.title.trim() === "" ? "No name yet" : it.title}</Link>
              </Typography>
              <Typography variant="body2" sx={{ color: "text.secondary" }}>
                {[it.room.trim(), counted(it.students, "student")].filter((said) => said !== "").join(", ")}
              </Typography>
            </Box>
            <Typography variant="label" sx={{ color: it.set_at === null ? "secondary.main" : "text.secondary" }}>
              {it.set_at === null ? "planned" : "set"}
            </Typography>
            {it.set_at === null ? (
              <Button
                size="small"
                aria-label={`Throw away ${it.title.trim() === "" ? "the brief without a name" : it.title}`}
                disabled={drop.isPending}
                onClick={() => drop.mutate(it.id)}
              >
                Throw away
              </Button>
            ) : (
              <span />
            )}
          </Box>
        ))}
      </Box>
      {briefs.hasNextPage && (
        <Button sx={{ mt: 2 }} disabled={briefs.isFetchingNextPage} onClick={() => void briefs.fetchNextPage()}>
          Earlier ones
        </Button>
      )}
    </Box>
  );
}
