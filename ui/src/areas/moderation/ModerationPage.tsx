import Typography from "@mui/material/Typography";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Link, useNavigate, useParams } from "react-router";
import { useModeration } from "../../api/useModeration";
import { Rail } from "../../app/Rail";
import { day } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { Standing } from "../../parts/Standing";
import { Tabs } from "../../parts/Tabs";
import { BeforeRelease } from "./BeforeRelease";
import { MakeSet } from "./MakeSet";
import { MarkTwice } from "./MarkTwice";

const tabs = { twice: "Mark twice", release: "Before release", standardise: "Standardise" } as const;
type Tab = keyof typeof tabs;

const isTab = (tab: string | undefined): tab is Tab => tab !== undefined && tab in tabs;

/** A class before its results are released: whom to mark twice, what is to be agreed, and what should give pause. */
export function ModerationPage() {
  const { assessment = "", tab } = useParams();
  const navigate = useNavigate();
  const moderation = useModeration(assessment);
  const current = isTab(tab) ? tab : "twice";
  if (moderation.data === undefined)
    return moderation.isError ? (
      <ProblemNotice problem={moderation.error} onRetry={() => void moderation.refetch()} />
    ) : (
      <Loading what="the class" />
    );
  const { title, group, held_on } = moderation.data;

  return (
    <Box sx={{ px: 3, py: 2, maxWidth: 1280, width: "100%", mx: "auto" }}>
      <Rail area="Moderation" steps={[{ label: title, to: `/sheet/${assessment}` }, { label: tabs[current] }]} />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1.5, mb: 2 }}>
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h1">{title}</Typography>
          <Typography sx={{ color: "text.secondary" }}>
            Group {group}, {day(held_on)}
          </Typography>
          <Standing practical={moderation.data} />
        </Box>
        <Button component={Link} to="/agreement">
          Between assessors
        </Button>
        <Tabs
          label="Moderation"
          tabs={tabs}
          current={current}
          onTurn={(it) => void navigate(`/moderation/${assessment}/${it}`, { replace: true })}
        />
      </Box>
      {current === "twice" && <MarkTwice moderation={moderation.data} />}
      {current === "release" && <BeforeRelease moderation={moderation.data} assessment={assessment} />}
      {current === "standardise" && <MakeSet moderation={moderation.data} />}
    </Box>
  );
}
