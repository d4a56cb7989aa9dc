import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Link, useSearchParams } from "react-router";
import type { Trends } from "../../api/types";
import { useTrends } from "../../api/useTrends";
import { Loading } from "../../parts/Loading";
import { useMassWords } from "../../parts/mass";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { Section } from "../../parts/Section";
import { ClassesTable } from "./ClassesTable";
import { ControlPicture } from "./ControlPicture";
import { DayNotes } from "./DayNotes";
import { inWords } from "./inWords";
import { LookFrame } from "./LookFrame";
import { measureTitles } from "./measures";

/** The classes by one standard as they follow each other: is the last one like those before it? */
export function OverTime() {
  const [address] = useSearchParams();
  const trends = useTrends(address.get("standard") ?? "");
  if (trends.isPending) return <Loading what="the classes" />;
  if (trends.isLoadingError) return <ProblemNotice problem={trends.error} onRetry={() => void trends.refetch()} />;
  const { standard, standards } = trends.data;
  if (standard === null)
    return <Notice title="Nothing to look back on yet">When the first class is marked, its means stand here, class by class.</Notice>;
  const id = standards.find((it) => it.key === standard)?.id ?? "";

  return (
    <LookFrame look="time" standard={{ id, key: standard }}>
      <Charts trends={trends.data} id={id} />
      <Box sx={{ display: "grid", gap: 4, mt: 4, gridTemplateColumns: "minmax(0, 1fr)" }}>
        <DayNotes trends={trends.data} />
        <ClassesTable trends={trends.data} standard={standard} />
      </Box>
    </LookFrame>
  );
}

function Charts({ trends: { charts, classes, notes }, id }: { trends: Trends; id: string }) {
  const mass = useMassWords();
  if (charts.length === 0)
    return <Typography>One class alone is like no other: with the second, what they have in common is drawn here.</Typography>;

  return (
    <Box sx={{ display: "grid", gap: 3, gridTemplateColumns: { xs: "minmax(0, 1fr)", lg: "minmax(0, 1fr) minmax(0, 1fr)" } }}>
      {charts.map((it) => (
        <Section key={it.measure} title={measureTitles[it.measure]}>
          <ControlPicture chart={it} classes={classes} notes={notes} />
          <Typography sx={{ mt: 0.5 }}>{inWords(it, classes, notes, mass)}</Typography>
          {it.measure === "yield" && it.signals.some(({ rule }) => rule === "run") && (
            <Typography>
              <Link to={`/look-back/standards/${id}/carcasses`}>What the school’s carcasses weigh</Link>
            </Typography>
          )}
        </Section>
      ))}
    </Box>
  );
}
