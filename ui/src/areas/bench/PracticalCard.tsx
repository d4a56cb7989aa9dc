import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { Practical, TrayCard } from "../../api/types";
import { FlagMark } from "../../parts/FlagMark";
import { MarkedBy } from "../../parts/MarkedBy";
import { Standing } from "../../parts/Standing";
import { Unseen } from "../../parts/Unseen";
import { MiniTray } from "../../parts/MiniTray";
import { day, points } from "../../parts/format";
import { stageWords } from "../../parts/stages";

const farDown = { contentVisibility: "auto", containIntrinsicSize: "auto none auto 900px" };

/** Whose it is. A group need not be of a course. */
const classOf = ({ course, group }: Practical): string => (course === "" ? `Group ${group}` : `${course}, group ${group}`);

interface TodaysPracticalProps {
  practical: Practical;
  /** Laid out by the browser only when it comes near the screen; its height is guessed until then. */
  isFarDown?: boolean;
}

/** Today's practical: a card for each station, each with its tray. */
export function TodaysPractical({ practical, isFarDown = false }: TodaysPracticalProps) {
  const judged = practical.trays.filter((tray) => tray.stage === "judged").length;

  return (
    <Box component="section" aria-label={practical.title} sx={{ mt: 1, ...(isFarDown && farDown) }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", columnGap: 2, rowGap: 1, mb: 1.5 }}>
        <Box sx={{ flex: "1 1 220px", minWidth: 0 }}>
          <Typography variant="h2">{practical.title}</Typography>
          <Typography sx={{ color: "text.secondary" }}>
            {classOf(practical)}, {practical.room}. {judged} of {practical.trays.length} trays judged.
          </Typography>
          <MarkedBy assessors={practical.assessors} />
          <Standing practical={practical} />
        </Box>
        <Button component={Link} to={`/sheet/${practical.id}`}>
          Class sheet
        </Button>
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(200px, 1fr))", gap: 1.25 }}>
        {practical.trays.map((tray) => (
          <StationCard key={tray.attempt} tray={tray} practical={practical} />
        ))}
      </Box>
    </Box>
  );
}

function StationCard({ tray, practical }: { tray: TrayCard; practical: Practical }) {
  const isJudged = tray.stage === "judged";

  return (
    <ButtonBase
      component={Link}
      to={isJudged ? `/verdict/${tray.attempt}` : `/tray/${tray.attempt}`}
      sx={{
        display: "flex",
        flexDirection: "column",
        alignItems: "stretch",
        justifyContent: "flex-start",
        textAlign: "left",
        minWidth: 0,
        bgcolor: "background.paper",
        border: "2px solid",
        p: 1.25,
        gap: 0.75,
        borderColor: isJudged ? "divider" : "text.primary",
        "&:hover": { borderColor: "secondary.main" },
      }}
    >
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1 }}>
        <Typography variant="figure" sx={{ fontSize: 26, lineHeight: 1 }}>
          <Unseen>Station </Unseen>
          {tray.station}
        </Typography>
        <Typography variant="label" sx={{ flex: 1, minWidth: 0, overflowWrap: "anywhere", lineHeight: 1.15 }} title={tray.student}>
          {tray.student}
        </Typography>
      </Box>
      <MiniTray layout={practical.layout} verdicts={hideWhatIsToCome(tray)} />
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1, minHeight: 26 }}>
        <Typography variant="label" sx={{ color: isJudged ? "text.primary" : "text.secondary" }}>
          {isJudged ? tray.band : stageWords[tray.stage]}
        </Typography>
        {isJudged && tray.total !== null && (
          <Typography variant="figure" sx={{ fontSize: 20, ml: "auto" }}>
            {points(tray.total)}
          </Typography>
        )}
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, minHeight: 21, mt: -0.5 }}>
        {tray.flags
          .filter(({ flag }) => flag !== "provisional")
          .map((flag) => (
            <FlagMark key={flag.flag} flag={flag} />
          ))}
      </Box>
    </ButtonBase>
  );
}

/** A piece of a tray that is still to be weighed is a gap, not a missing one. */
function hideWhatIsToCome(tray: TrayCard): TrayCard["verdicts"] {
  if (tray.stage === "judged" || tray.stage === "weighed") return tray.verdicts;

  return Object.fromEntries(Object.entries(tray.verdicts).map(([place, verdict]) => [place, verdict === "missing" ? "pending" : verdict]));
}

interface PracticalLineProps {
  practical: Practical;
  where: string;
  state: string;
  to: { label: string; address: string };
}

/** A practical of another day: one line. */
function PracticalLine({ practical, where, state, to }: PracticalLineProps) {
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr) auto", sm: "190px minmax(0, 1fr) auto auto" },
        alignItems: "center",
        columnGap: 2,
        rowGap: 0.5,
        borderTop: "1px solid",
        borderColor: "divider",
        py: 1,
      }}
    >
      <Typography variant="label">{day(practical.held_on)}</Typography>
      <Box sx={{ minWidth: 0, gridArea: { xs: "2 / 1", sm: "auto" } }}>
        <Typography variant="h3" component="p">
          {practical.title}
        </Typography>
        <Typography variant="body2" sx={{ color: "text.secondary" }}>
          {where}
        </Typography>
        <MarkedBy assessors={practical.assessors} />
        <Standing practical={practical} />
      </Box>
      <Typography variant="label" sx={{ justifySelf: "end" }}>
        {state}
      </Typography>
      <Button size="small" component={Link} to={to.address}>
        {to.label}
      </Button>
    </Box>
  );
}

/** A practical of a day to come, and the room it will be in. */
export function ComingPractical({ practical }: { practical: Practical }) {
  return (
    <PracticalLine
      practical={practical}
      where={`${classOf(practical)}, ${practical.room}`}
      state={`${practical.trays.length} stations`}
      to={{ label: "Floor", address: `/floor/${practical.id}` }}
    />
  );
}

/** A practical that is over, and how much of it is released. */
export function EarlierPractical({ practical }: { practical: Practical }) {
  const released = practical.trays.filter((tray) => tray.release_state !== "unreleased").length;

  return (
    <PracticalLine
      practical={practical}
      where={classOf(practical)}
      state={`${released} of ${practical.trays.length} released`}
      to={{ label: "Class sheet", address: `/sheet/${practical.id}` }}
    />
  );
}
