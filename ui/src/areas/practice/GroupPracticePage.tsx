import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link, useParams } from "react-router";
import type { GroupPractice } from "../../api/types";
import { useGroupPractice } from "../../api/useGroupPractice";
import { Rail } from "../../app/Rail";
import { counted, day, points } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { FigureCell, PlainTable } from "../../parts/PlainTable";
import { Section } from "../../parts/Section";
import { HomeworkList } from "./HomeworkList";

/** What a group practised in a fortnight, what costs it most, and what it is to practise. */
export function GroupPracticePage() {
  const { group = "" } = useParams();
  const practice = useGroupPractice(group);
  if (practice.isPending) return <Loading what="what the group practises" />;
  if (practice.isLoadingError) return <ProblemNotice problem={practice.error} onRetry={() => void practice.refetch()} />;
  const { data } = practice;

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2, maxWidth: 1180 }}>
      <Rail area="Roster" steps={[{ label: "Roster", to: "/roster" }, { label: `${data.group}: practice` }]} />
      <Typography variant="h1" sx={{ mb: 2 }}>
        {data.group}: practice
      </Typography>
      <Box sx={{ display: "grid", gap: 4, gridTemplateColumns: { xs: "minmax(0, 1fr)", lg: "minmax(0, 3fr) minmax(0, 2fr)" } }}>
        <Box sx={{ display: "grid", gap: 4, alignContent: "start", gridTemplateColumns: "minmax(0, 1fr)" }}>
          <WhatCostsMost group={group} lost={data.lost} />
          <WhoPractised practice={data} />
        </Box>
        <HomeworkList group={group} practice={data} />
      </Box>
    </Box>
  );
}

/** By practical, so that it is clear what a figure rests on. */
function WhatCostsMost({ group, lost }: { group: string; lost: GroupPractice["lost"] }) {
  return (
    <Section title="What costs most">
      {lost.length === 0 && <Typography>No result of this group is released yet.</Typography>}
      {lost.map((it) => (
        <Box key={it.assessment} sx={{ mb: 2 }}>
          <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "baseline", columnGap: 2 }}>
            <Typography variant="h3">{it.title}</Typography>
            <Typography sx={{ color: "text.secondary" }}>{day(it.held_on)}</Typography>
            <Link to={`/practice/${it.standard}/opener`}>Opener on the wall</Link>
            <Link to={`/practice/${it.standard}`}>Card and practice</Link>
          </Box>
          {it.most.map(({ title, points: lostPoints, times, trays }) => (
            <Box
              key={title}
              sx={{
                display: "grid",
                gridTemplateColumns: "64px minmax(0, 1fr) auto",
                gap: 1.5,
                py: 0.5,
                borderBottom: "1px solid",
                borderColor: "divider",
              }}
            >
              <Typography variant="figure" sx={{ textAlign: "right" }}>
                {points(lostPoints)}
              </Typography>
              <Typography>{title}</Typography>
              <Typography sx={{ color: "text.secondary", whiteSpace: "nowrap" }}>
                {times} of {counted(trays, "tray")}
              </Typography>
            </Box>
          ))}
        </Box>
      ))}
      {lost.length > 0 && (
        <Typography variant="body2" sx={{ color: "text.secondary" }}>
          Points of the total lost a tray, the mean over all of that practical.{" "}
          <a href={`/api/v1/groups/${group}/drills.pdf`} target="_blank" rel="noreferrer">
            Drill cards, PDF
          </a>
        </Typography>
      )}
    </Section>
  );
}

const heads = [
  { title: "Student" },
  { title: "The last fortnight" },
  { title: "Answers", isFigure: true },
  { title: "Cards", isFigure: true },
  { title: "Trays", isFigure: true },
];

/** How much, by which standards, and on which days: never what was answered or weighed, and in no order but that of names. */
function WhoPractised({ practice: { students, days } }: { practice: GroupPractice }) {
  return (
    <Section title="Who practised">
      {students === null ? (
        <Typography>
          How much a student practises is shown to them alone. A coordinator can change that under{" "}
          <Link to="/standards/school">Standards, School</Link>.
        </Typography>
      ) : (
        <PlainTable label="Who practised" heads={heads} minWidth={620}>
          {students.map((it) => (
            <tr key={it.id}>
              <td>
                {it.name}
                {it.standards.length > 0 && (
                  <Typography variant="caption" component="p" sx={{ color: "text.secondary" }}>
                    {it.standards.join("; ")}
                  </Typography>
                )}
              </td>
              <td>
                <Box
                  role="img"
                  aria-label={it.days.length === 0 ? "on no day" : `on ${it.days.map(day).join(", ")}`}
                  sx={{ display: "flex", gap: "3px" }}
                >
                  {days.map((date) => (
                    <Box
                      key={date}
                      sx={{
                        width: 13,
                        height: 18,
                        border: "1px solid",
                        borderColor: it.days.includes(date) ? "text.primary" : "divider",
                        bgcolor: it.days.includes(date) ? "text.primary" : "transparent",
                      }}
                    />
                  ))}
                </Box>
              </td>
              <FigureCell>{it.answers}</FigureCell>
              <FigureCell>{it.cards}</FigureCell>
              <FigureCell>{it.trays}</FigureCell>
            </tr>
          ))}
        </PlainTable>
      )}
    </Section>
  );
}
