import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link, useParams } from "react-router";
import type { StandardLook } from "../../api/types";
import { useUser } from "../../api/useSession";
import { useStandardLook } from "../../api/useStandardLook";
import { clock, counted, percent } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { FigureCell, PlainTable } from "../../parts/PlainTable";
import { Section } from "../../parts/Section";
import { findingInWords, placeInEditor } from "./findings";
import { ItemsPicture, numberOf } from "./ItemsPicture";
import { LevelBars } from "./LevelBars";
import { LookFrame } from "./LookFrame";

/** The standard itself, looked at by the trays that were marked by it: what it measures, and what is worth a look in the editor. */
export function StandardLookPage() {
  const { standard = "" } = useParams();
  const look = useStandardLook(standard);
  if (look.isPending) return <Loading what="the standard" />;
  if (look.isLoadingError) return <ProblemNotice problem={look.error} onRetry={() => void look.refetch()} />;

  return (
    <LookFrame look="standard" standard={{ id: look.data.standard, key: look.data.key }}>
      <Box sx={{ display: "grid", gap: 4, gridTemplateColumns: "minmax(0, 1fr)" }}>
        <Findings look={look.data} />
        <Criteria look={look.data} />
        <Windows look={look.data} />
      </Box>
    </LookFrame>
  );
}

function Findings({ look }: { look: StandardLook }) {
  const { trays, at_least: atLeast, standard } = look;
  const never = look.findings.filter((it) => it.kind === "level_never_given");
  const findings = look.findings.filter((it) => it.kind !== "level_never_given");
  const { may_publish: mayPublish } = useUser();

  return (
    <Section title="Worth a look in the editor">
      {trays < atLeast && (
        <Typography>
          {counted(trays, "tray")} {trays === 1 ? "is" : "are"} marked to the end; on fewer than {atLeast} nothing is said of the standard.
        </Typography>
      )}
      {trays >= atLeast && look.findings.length === 0 && <Typography>Nothing on {counted(trays, "tray")}.</Typography>}
      <Box component="ul" aria-label="Worth a look" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {findings.map((it, index) => (
          <Box
            component="li"
            key={index}
            sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, py: 0.75, borderBottom: "1px solid", borderColor: "divider" }}
          >
            <Typography sx={{ flex: 1, minWidth: 240 }}>{findingInWords(it)}</Typography>
            {mayPublish && (
              <Box component={Link} to={placeInEditor(standard, it)} sx={{ py: 0.5 }}>
                Change it
                <Box component="span" sx={{ position: "absolute", clipPath: "inset(50%)" }}>
                  : {it.title}
                </Box>
              </Box>
            )}
          </Box>
        ))}
      </Box>
      {never.length > 0 && (
        <Typography sx={{ mt: 1 }}>
          {counted(never.length, "step")} of {counted(new Set(never.map((it) => it.place)).size, "criterion", "criteria")}{" "}
          {never.length === 1 ? "was" : "were"} never given; below {never.length === 1 ? "it stands" : "they stand"} at 0 in red. Take such
          a step away, or say it so that it can be met.
        </Typography>
      )}
    </Section>
  );
}

function Criteria({ look: { criteria, alpha, key, standard } }: { look: StandardLook }) {
  const { may_publish: mayPublish } = useUser();
  const addressOf = (id: string): string =>
    mayPublish ? `/standards/${standard}/edit?tab=criteria&at=${encodeURIComponent(id)}` : `/standards/${standard}`;
  const shown = criteria.filter((it) => it.difficulty !== null && it.discrimination !== null);

  return (
    <Section title="Criteria">
      <Box sx={{ display: "grid", gap: 3, gridTemplateColumns: { xs: "minmax(0, 1fr)", lg: "minmax(0, 330px) minmax(0, 1fr)" } }}>
        <Box>
          {shown.length > 0 && <ItemsPicture criteria={criteria} addressOf={addressOf} />}
          <Typography>
            {alpha === null
              ? "How far the criteria measure one thing cannot be said yet."
              : `Taken together they measure one thing with an alpha of ${alpha.toFixed(2).replace("-", "−")} (1 at best; under 0.7 they measure several things, or by chance).`}
          </Typography>
        </Box>
        <PlainTable
          label="Criteria"
          heads={[
            { title: "Criterion" },
            { title: "Trays", isFigure: true },
            { title: "Share of points", isFigure: true },
            { title: "Goes with the others", isFigure: true },
            { title: "Steps given" },
          ]}
          minWidth={620}
        >
          {criteria.map((it) => (
            <tr key={it.id}>
              <Box component="td" sx={{ minWidth: 230 }}>
                {numberOf(criteria, it.id)} <Link to={addressOf(it.id)}>{it.title}</Link>
              </Box>
              <FigureCell>{it.trays}</FigureCell>
              <FigureCell>{it.difficulty === null ? "–" : percent(it.difficulty, 0)}</FigureCell>
              <FigureCell>{it.discrimination === null ? "–" : it.discrimination.toFixed(2).replace("-", "−")}</FigureCell>
              <td>
                <LevelBars levels={it.levels} />
              </td>
            </tr>
          ))}
        </PlainTable>
      </Box>
      <Typography variant="body2" sx={{ color: "text.secondary", mt: 1 }}>
        Share of points: the mean of what was given; near 100 % it tells nobody apart. Goes with the others: the correlation with the sum of
        the other criteria. Only what was judged by the steps of today is counted.{" "}
        <a href={`/api/v1/standards/${standard}/look-back.csv`} aria-label={`CSV of ${key}`}>
          CSV
        </a>
      </Typography>
    </Section>
  );
}

function Windows({ look: { windows, in_time: inTime, timed, standard_ms: standardMs } }: { look: StandardLook }) {
  return (
    <Section title="Windows and time">
      <Box sx={{ maxWidth: 720 }}>
        <PlainTable
          label="Windows"
          heads={[{ title: "Piece" }, { title: "Trays", isFigure: true }, { title: "Within its window", isFigure: true }, { title: "" }]}
        >
          {windows.map((it) => (
            <tr key={it.id}>
              <td>{it.title}</td>
              <FigureCell>{it.trays}</FigureCell>
              <FigureCell>{it.within === null ? "–" : percent(it.within, 0)}</FigureCell>
              <Box component="td" aria-hidden sx={{ width: "40%" }}>
                {it.within !== null && (
                  <Box sx={{ height: 12, border: "1px solid", borderColor: "text.primary" }}>
                    <Box sx={{ height: 1, width: `${it.within * 100}%`, bgcolor: "text.primary", opacity: 0.65 }} />
                  </Box>
                )}
              </Box>
            </tr>
          ))}
        </PlainTable>
      </Box>
      <Typography sx={{ mt: 1.5 }}>
        {standardMs === null
          ? "No time is set."
          : inTime === null
            ? `The standard time is ${clock(standardMs)}; no tray took one yet.`
            : `${percent(inTime, 0)} of ${counted(timed, "tray")} were done within the standard time of ${clock(standardMs)} (extra time counted in).`}
      </Typography>
    </Section>
  );
}
