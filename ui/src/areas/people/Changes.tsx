import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useChanges } from "../../api/usePeople";
import { Rail } from "../../app/Rail";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { useTimeWords } from "../../parts/times";

/** What was changed by whom: people, roles, settings, standards, releases. */
export function Changes() {
  const changes = useChanges();
  const { dayInFull, timeOfDay } = useTimeWords();
  if (changes.isPending) return <Loading what="what was changed" />;
  if (changes.isLoadingError) return <ProblemNotice problem={changes.error} onRetry={() => void changes.refetch()} />;
  const entries = changes.data.pages.flatMap((it) => it.changes);
  const days = [...new Set(entries.map((it) => dayInFull(it.at)))];

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2, maxWidth: 1120 }}>
      <Rail area="People" steps={[{ label: "People", to: "/people" }, { label: "What was changed" }]} />
      <Typography variant="h1">What was changed</Typography>
      {entries.length === 0 && (
        <Notice title="Nothing yet">Changes of people, settings, standards and releases stand here with who made them.</Notice>
      )}
      {days.map((date) => (
        <Box component="section" key={date} aria-label={date} sx={{ mt: 2 }}>
          <Typography variant="h2" sx={{ borderBottom: "2px solid", borderColor: "text.primary", pb: 0.5 }}>
            {date}
          </Typography>
          <Box component="ul" sx={{ listStyle: "none", p: 0, m: 0 }}>
            {entries
              .filter((it) => dayInFull(it.at) === date)
              .map((it) => (
                <Box
                  component="li"
                  key={it.seq}
                  sx={{
                    display: "grid",
                    gridTemplateColumns: { xs: "1fr", sm: "90px 220px minmax(0, 1fr)" },
                    columnGap: 2,
                    py: 0.75,
                    borderBottom: "1px solid",
                    borderColor: "divider",
                  }}
                >
                  <Typography variant="figure" sx={{ fontWeight: 500 }}>
                    {timeOfDay(it.at)}
                  </Typography>
                  <Typography variant="label">{it.by}</Typography>
                  <Typography sx={{ overflowWrap: "anywhere" }}>{it.text}</Typography>
                </Box>
              ))}
          </Box>
        </Box>
      ))}
      {changes.hasNextPage && (
        <Button sx={{ mt: 2 }} disabled={changes.isFetchingNextPage} onClick={() => void changes.fetchNextPage()}>
          Earlier ones
        </Button>
      )}
    </Box>
  );
}
