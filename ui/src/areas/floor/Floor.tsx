import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { useCursor } from "../../api/useCursor";
import { usePresence } from "../../api/useFloor";
import { useUser } from "../../api/useSession";
import { device } from "../../api/device";
import type { Floor as FloorState, Present } from "../../api/types";
import { Rail } from "../../app/Rail";
import { usePrepared } from "../../offline/usePrepared";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { Standing } from "../../parts/Standing";
import { Tabs } from "../../parts/Tabs";
import { Unseen } from "../../parts/Unseen";
import { useKeys } from "../../parts/useKey";
import { useNow } from "../../parts/useNow";
import { ArrangeRoom } from "./ArrangeRoom";
import { CheckScale } from "./CheckScale";
import { MiseRound } from "./MiseRound";
import { NothingOn } from "./NothingOn";
import { scaleQueue } from "./scaleQueue";
import { ReceiveRound } from "./ReceiveRound";
import { StationPanel } from "./StationPanel";
import { StationTile } from "./StationTile";
import { StartClocks } from "./StartClocks";
import { UndoBar } from "../../parts/UndoBar";
import { useRoom } from "./useRoom";
import { useStationCaptures } from "./useStationCaptures";
import { useTheRoom } from "./useTheRoom";

const rounds = { room: "Room", mise: "Mise", receive: "Receiving", scale: "Scale", arrange: "Arrange" } as const;
type Round = keyof typeof rounds;

/** How much of an upright screen the picked station takes. */
const PANEL_HEIGHT = "56vh";

/** The room of a practical: the one of the address, or today's. */
export function Floor() {
  const { id, floor, isNothingOn, next, problem, retry } = useTheRoom();
  const cursor = useCursor(id);
  const others = (cursor.data?.present ?? []).filter((it) => it.device !== device());
  if (problem !== null) return <ProblemNotice problem={problem} onRetry={retry} />;
  if (isNothingOn) return <NothingOn shows="The Floor shows the practical of the day." next={next} />;
  if (floor === undefined) return <Loading what="the room" />;

  return <Room key={floor.assessment} server={floor} others={others} />;
}

function Room({ server, others }: { server: FloorState; others: Present[] }) {
  const floor = useRoom(server);
  const { may_capture: mayCapture } = useUser();
  const navigate = useNavigate();
  const entries = useStationCaptures();
  // An incident stays on record.
  const undoable = entries.undoable?.taken.some((it) => it.capture.kind === "incident") === true ? null : entries.undoable;
  const [round, setRound] = useState<Round>("room");
  const [picked, setPicked] = useState<number | null>(null);
  const station = floor.stations.find((it) => it.station === picked);
  const now = useNow(floor.stations.some((it) => it.running_since_ms !== null || it.cold_since_ms !== null));
  const queue = scaleQueue(floor);
  const [next] = queue;
  usePresence(floor.assessment, station?.attempt ?? null);
  usePrepared(
    mayCapture ? floor.assessment : undefined,
    floor.stations.map((it) => it.attempt),
  );
  useKeys((key) => {
    const digit = /^\d$/.test(key) ? Number(key) : null;
    if (round === "room" && digit !== null) {
      const typed = picked !== null && picked < 10 ? picked * 10 + digit : digit;
      const found = [typed, digit].find((number) => floor.stations.some((it) => it.station === number));
      if (found !== undefined) setPicked(found);

      return true;
    }
    if (key === "Escape" && picked !== null) {
      setPicked(null);

      return true;
    }
    if (key === "u") {
      void entries.undo();

      return true;
    }
    if (key === "n" && picked !== null) {
      document.getElementById("floor-note")?.focus();

      return true;
    }
    if (key === "w" && next !== undefined) {
      void navigate(`/tray/${next.attempt}/weigh`);

      return true;
    }

    return false;
  });
  const abreast = Math.max(...floor.rows.map((row) => row.length), 1);

  return (
    <Box sx={{ display: "flex", flexDirection: "column", flex: 1, minHeight: 0 }}>
      <Rail area="Floor" steps={[{ label: floor.title, to: `/sheet/${floor.assessment}` }, { label: floor.room }]} />
      {round !== "mise" && <Unseen component="h1">The room as it stands</Unseen>}
      <Box
        sx={{
          display: "flex",
          alignItems: "center",
          gap: 1,
          px: 2,
          py: 0.75,
          borderBottom: "1px solid",
          borderColor: "divider",
          flexWrap: "wrap",
        }}
      >
        <Tabs label="Rounds" tabs={mayCapture ? rounds : { room: rounds.room }} current={round} onTurn={setRound} />
        {mayCapture && round === "room" && <StartClocks floor={floor} now={now} entries={entries} />}
        <Box sx={{ flex: 1 }} />
        <Standing practical={floor} />
        {next !== undefined && (
          <Button component={Link} to={`/tray/${next.attempt}/weigh`}>
            Next on the scale: {next.station}
            {queue.length > 1 && ` of ${queue.length}`}
          </Button>
        )}
        <Button component={Link} to={`/floor/wall/${floor.assessment}`}>
          Wall
        </Button>
      </Box>
      {round === "mise" && <MiseRound floor={floor} entries={entries} />}
      {round === "receive" && <ReceiveRound floor={floor} now={now} entries={entries} />}
      {round === "scale" && <CheckScale floor={floor} />}
      {round === "arrange" && <ArrangeRoom floor={floor} onDone={() => setRound("room")} />}
      {round === "room" && (
        <Box
          sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: station === undefined ? "1fr" : "minmax(0, 1fr) 400px" }, flex: 1 }}
        >
          <Box
            role="group"
            aria-label="Stations"
            sx={{
              display: "grid",
              // A phone has room for two abreast, in the order of the room.
              gridTemplateColumns: { xs: "repeat(2, minmax(0, 1fr))", sm: `repeat(${abreast}, minmax(0, 1fr))` },
              gridAutoRows: { xs: "minmax(190px, 1fr)", sm: "minmax(118px, 1fr)" },
              gap: 1,
              p: 1.5,
              // On an upright tablet the panel lies over the lower part of the room; every station can be scrolled above it.
              pb: { xs: station === undefined ? 1.5 : PANEL_HEIGHT, md: 1.5 },
            }}
          >
            {floor.rows.flatMap((row, y) =>
              row.map((number, x) => {
                const it = floor.stations.find((other) => other.station === number);

                return (
                  it && (
                    <Box key={number} sx={{ gridArea: { sm: `${y + 1} / ${x + 1}` }, display: "grid", minHeight: 0, minWidth: 0 }}>
                      <StationTile
                        station={it}
                        floor={floor}
                        now={now}
                        isPicked={number === picked}
                        others={others.filter(({ attempt }) => attempt === it.attempt).map(({ name }) => name)}
                        onPick={() => setPicked(number === picked ? null : number)}
                        onNote={() => {
                          setPicked(number);
                          requestAnimationFrame(() => document.getElementById("floor-note")?.focus());
                        }}
                      />
                    </Box>
                  )
                );
              }),
            )}
          </Box>
          {station !== undefined && mayCapture && (
            // What the panel holds scrolls within it; the room keeps its height.
            <Box
              sx={{
                position: { xs: "fixed", md: "relative" },
                left: { xs: 0 },
                right: { xs: 0 },
                bottom: { xs: 0 },
                zIndex: { xs: 1, md: "auto" },
                height: { xs: PANEL_HEIGHT, md: "auto" },
                borderTop: { xs: "3px solid", md: 0 },
                borderColor: "text.primary",
                "& > aside": { position: "absolute", inset: 0 },
              }}
            >
              <StationPanel
                key={station.attempt}
                floor={floor}
                station={station}
                now={now}
                entries={entries}
                onClose={() => setPicked(null)}
              />
            </Box>
          )}
        </Box>
      )}
      {undoable !== null && <UndoBar words={undoable.words} onUndo={() => void entries.undo()} />}
    </Box>
  );
}
