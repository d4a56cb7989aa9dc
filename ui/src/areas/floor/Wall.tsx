import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useCursor } from "../../api/useCursor";
import type { Floor } from "../../api/types";
import { Rail } from "../../app/Rail";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { stageWords } from "../../parts/stages";
import { Unseen } from "../../parts/Unseen";
import { useNow } from "../../parts/useNow";
import { ClockBar } from "./ClockBar";
import { NothingOn } from "./NothingOn";
import { StageMark } from "./stages";
import { useRoom } from "./useRoom";
import { useTheRoom } from "./useTheRoom";

/** For a second screen: nothing but the clocks, readable across the room. */
export function Wall() {
  const { id, floor, isNothingOn, next, problem, retry } = useTheRoom();
  useCursor(id);
  if (problem !== null) return <ProblemNotice problem={problem} onRetry={retry} />;
  if (isNothingOn) return <NothingOn shows="The wall shows the clocks of the practical of the day." next={next} />;
  if (floor === undefined) return <Loading what="the clocks" />;

  return <Clocks server={floor} />;
}

function Clocks({ server }: { server: Floor }) {
  const floor = useRoom(server);
  const now = useNow(true);
  const abreast = floor.stations.length > 12 ? 6 : 4;

  return (
    <Box
      role="group"
      aria-label="Clocks"
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "repeat(2, minmax(0, 1fr))", md: `repeat(${abreast}, minmax(0, 1fr))` },
        gridAutoRows: { xs: "minmax(132px, 1fr)", md: "1fr" },
        gap: 1,
        p: 1.5,
        flex: 1,
      }}
    >
      <Rail area="Floor" steps={[{ label: floor.title, to: `/floor/${floor.assessment}` }, { label: "Wall" }]} />
      <Unseen component="h1">Clocks of all stations</Unseen>
      {floor.stations.map((it) => (
        <Box
          key={it.attempt}
          sx={{
            bgcolor: it.stage === "judged" ? "background.default" : "background.paper",
            border: "2px solid",
            borderColor: "text.primary",
            containerType: "size",
            gridTemplateColumns: "minmax(0, 1fr)",
            px: 1.5,
            py: 1,
            minWidth: 0,
            display: "grid",
            alignContent: "space-between",
          }}
        >
          <Box sx={{ display: "flex", alignItems: "center", gap: 1 }}>
            <Typography variant="figure" sx={{ fontSize: 44, lineHeight: 1 }}>
              {it.station}
            </Typography>
            <Typography variant="h2" component="p" sx={{ flex: 1, minWidth: 0, fontSize: "clamp(14px, 11cqw, 28px)", lineHeight: 1 }}>
              {stageWords[it.stage]}
            </Typography>
            <Box sx={{ flex: "none", width: "clamp(24px, 17cqw, 40px)", "& svg": { width: "100%", height: "auto", display: "block" } }}>
              <StageMark stage={it.stage} size={40} />
            </Box>
          </Box>
          <ClockBar station={it} time={floor.time} now={now} large />
        </Box>
      ))}
    </Box>
  );
}
