import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link, useParams } from "react-router";
import type { ClassLook } from "../../api/types";
import { useClassLook } from "../../api/useTrends";
import { Rail } from "../../app/Rail";
import { counted, dayInFull, points } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { FigureCell, PlainTable } from "../../parts/PlainTable";
import { Section } from "../../parts/Section";
import { signed } from "../../parts/signed";
import { LostByPart } from "./LostByPart";
import { differenceInWords, valueTitle } from "./factors";
import { median } from "./median";
import { TotalsPicture } from "./TotalsPicture";

const TO_TEACH = 3;

/** One class looked back on: what to teach next, and how it stands beside earlier ones. */
export function ClassLookPage() {
  const { assessment = "" } = useParams();
  const look = useClassLook(assessment);
  if (look.isPending) return <Loading what="the class" />;
  if (look.isLoadingError) return <ProblemNotice problem={look.error} onRetry={() => void look.refetch()} />;
  const { title, group, held_on: heldOn, totals, standard_key: key, group_id: groupId } = look.data;

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2, maxWidth: 1180, width: "100%", mx: "auto" }}>
      <Rail area="Look back" steps={[{ label: "Over time", to: `/look-back?standard=${key}` }, { label: title }]} />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1.5, mb: 2 }}>
        <Box sx={{ flex: 1, minWidth: 240 }}>
          <Typography variant="h1">{title}</Typography>
          <Typography sx={{ color: "text.secondary" }}>
            {dayInFull(heldOn)}, {group}. {counted(totals.length, "tray")} marked to the end.
          </Typography>
        </Box>
        <Button component="a" href={`/api/v1/assessments/${assessment}/look-back.csv`}>
          CSV
        </Button>
        <Button component={Link} to={`/sheet/${assessment}`}>
          Class sheet
        </Button>
        <Button component={Link} to={`/roster/${groupId}/practice`}>
          Homework and drills
        </Button>
      </Box>
      {totals.length === 0 ? (
        <Notice title="Nothing is marked to the end yet">What cost this class most stands here then.</Notice>
      ) : (
        <Box sx={{ display: "grid", gap: 4, gridTemplateColumns: "minmax(0, 1fr)" }}>
          <Teach look={look.data} />
          {look.data.lost_by.length > 0 && <LostByPart look={look.data} />}
          <Parts look={look.data} />
          <Totals look={look.data} />
        </Box>
      )}
    </Box>
  );
}

/** The three things that cost most, each with what to say and what to show again. */
function Teach({ look: { teach, standard } }: { look: ClassLook }) {
  // A yield or a pair is missed by what is cut before it: only what can be aimed at is taught.
  const first = teach.filter((it) => it.aim !== null).slice(0, TO_TEACH);
  const others = teach.filter((it) => !first.includes(it));

  return (
    <Section title="What to teach next">
      <Box component="ol" sx={{ m: 0, p: 0, listStyle: "none", display: "grid", gap: 1.5 }}>
        {first.map((it) => (
          <Box
            component="li"
            key={it.title}
            sx={{
              display: "grid",
              gridTemplateColumns: "76px minmax(0, 1fr)",
              gap: 2,
              borderBottom: "1px solid",
              borderColor: "divider",
              pb: 1.5,
            }}
          >
            <Typography variant="figure" sx={{ fontSize: 30, lineHeight: 1.1, textAlign: "right" }}>
              −{points(it.points)}
            </Typography>
            <Box>
              <Typography variant="h3">{it.title}</Typography>
              <Typography sx={{ fontSize: "1.1rem" }}>Say: {it.aim}</Typography>
              {it.step !== null && (
                <Typography>
                  Show again: <Link to={`/practice/${standard}/follow?step=${it.step + 1}`}>step {it.step + 1}</Link>, {it.do}
                </Typography>
              )}
              <Typography variant="body2" sx={{ color: "text.secondary" }}>
                {it.times} of {counted(it.trays, "tray")} lost points at it{it.trays < FEW && "; so few say little"}.
              </Typography>
            </Box>
          </Box>
        ))}
      </Box>
      {others.length > 0 && (
        <Typography sx={{ mt: 1 }}>
          It lost points too at: {others.map((it) => `${it.title} (−${points(it.points)})`).join(", ")}. Points of the total a tray, the
          mean over all of them.
        </Typography>
      )}
    </Section>
  );
}

const FEW = 6;

/** Waves, scales, assessors and boxes of birds beside each other, where there is more than one. */
function Parts({ look: { parts } }: { look: ClassLook }) {
  if (parts.length === 0) return null;
  const found = parts.filter((it) => it.difference.stands_out);

  return (
    <Section title="Waves, scales, assessors, boxes">
      <Typography>
        {found.length === 0
          ? "None of them stands out."
          : found
              .map(
                (it) =>
                  `${valueTitle(it.factor, it.difference.value)} stands out: ${signed(it.difference.points?.value ?? 0)} points beside the others.`,
              )
              .join(" ")}{" "}
        Small numbers scatter: what may be chance is in the brackets.
      </Typography>
      <Box sx={{ maxWidth: 720, mt: 1 }}>
        <PlainTable
          label="Waves, scales, assessors, boxes"
          heads={[{ title: "Which" }, { title: "Trays", isFigure: true }, { title: "Beside the others", isFigure: true }]}
          minWidth={420}
        >
          {parts.map((it) => (
            <tr key={`${it.factor} ${it.difference.value}`}>
              <td>{valueTitle(it.factor, it.difference.value)}</td>
              <FigureCell>{it.difference.trays}</FigureCell>
              <FigureCell>{differenceInWords(it.difference)}</FigureCell>
            </tr>
          ))}
        </PlainTable>
      </Box>
    </Section>
  );
}

function Totals({ look }: { look: ClassLook }) {
  const rows = [{ held_on: look.held_on, totals: look.totals, assessment: look.assessment }, ...look.earlier];

  return (
    <Section title="Totals, beside earlier classes">
      <TotalsPicture look={look} />
      {look.components.length > 0 && (
        <Box sx={{ maxWidth: 720, my: 1.5 }}>
          <PlainTable
            label="Components"
            heads={[
              { title: "Component" },
              { title: "Lowest", isFigure: true },
              { title: "Median", isFigure: true },
              { title: "Highest", isFigure: true },
              { title: "Median of earlier classes", isFigure: true },
            ]}
          >
            {look.components.map((it) => (
              <tr key={it.title}>
                <td>{it.title}</td>
                <FigureCell>{points(it.scores[0] ?? 0, 0)}</FigureCell>
                <FigureCell>{points(median(it.scores), 0)}</FigureCell>
                <FigureCell>{points(it.scores.at(-1) ?? 0, 0)}</FigureCell>
                <FigureCell>{it.earlier.length === 0 ? "–" : points(median(it.earlier), 0)}</FigureCell>
              </tr>
            ))}
          </PlainTable>
        </Box>
      )}
      <Box sx={{ maxWidth: 720, mt: 1.5 }}>
        <PlainTable
          label="Totals"
          heads={[
            { title: "Class" },
            { title: "Trays", isFigure: true },
            { title: "Lowest", isFigure: true },
            { title: "Median", isFigure: true },
            { title: "Highest", isFigure: true },
          ]}
        >
          {rows.map((it) => (
            <tr key={it.assessment}>
              <td>
                {it.assessment === look.assessment ? (
                  `${dayInFull(it.held_on)}, this class`
                ) : (
                  <Link to={`/look-back/${it.assessment}`}>{dayInFull(it.held_on)}</Link>
                )}
              </td>
              <FigureCell>{it.totals.length}</FigureCell>
              <FigureCell>{points(it.totals[0] ?? 0)}</FigureCell>
              <FigureCell>{points(median(it.totals))}</FigureCell>
              <FigureCell>{points(it.totals.at(-1) ?? 0)}</FigureCell>
            </tr>
          ))}
        </PlainTable>
      </Box>
    </Section>
  );
}
