import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import type { Moderation, ModerationRow } from "../../api/types";
import { useUser } from "../../api/useSession";
import { counted, points } from "../../parts/format";
import { ReleaseSlip } from "../../parts/ReleaseSlip";
import { Toggle } from "../../parts/Toggle";
import { Unseen } from "../../parts/Unseen";
import { BandCounts } from "./BandCounts";

const isStopped = (row: ModerationRow): boolean => row.is_hidden || row.pauses.some((it) => it.stops);

const isDone = (row: ModerationRow): boolean => row.release_state === "current";

/** What stands in the way of releasing each result, or should give pause; those without are chosen, and any may be held back. */
export function BeforeRelease({ moderation, assessment }: { moderation: Moderation; assessment: string }) {
  const mayRelease = useUser().may_release && !moderation.is_rehearsal && moderation.cancelled === null;
  const [turned, setTurned] = useState<ReadonlySet<string>>(new Set());
  const [asks, setAsks] = useState(false);
  const open = moderation.rows.filter((it) => !isDone(it));
  const isChosen = (row: ModerationRow): boolean => !isStopped(row) && (row.pauses.length === 0) !== turned.has(row.attempt);
  const chosen = open.filter(isChosen);
  const turn = (attempt: string): void => {
    const next = new Set(turned);
    if (!next.delete(attempt)) next.add(attempt);
    setTurned(next);
  };
  const groups = [
    { title: "In the way", rows: open.filter(isStopped) },
    { title: "Should give pause", rows: open.filter((it) => !isStopped(it) && it.pauses.length > 0) },
    { title: "Ready", rows: open.filter((it) => !isStopped(it) && it.pauses.length === 0) },
    { title: "Released", rows: moderation.rows.filter(isDone) },
  ];

  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 2fr) minmax(0, 1fr)" },
        gap: 4,
        alignItems: "start",
      }}
    >
      <Box>
        {mayRelease && (
          <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1.5, mb: 1 }}>
            <Button variant="contained" disabled={chosen.length === 0} onClick={() => setAsks(true)}>
              {chosen.length === 0 ? "Nothing is chosen" : `Release ${counted(chosen.length, "result")}`}
            </Button>
            <Typography variant="body2">The others are held back until you choose them.</Typography>
          </Box>
        )}
        {groups
          .filter((it) => it.rows.length > 0)
          .map(({ title, rows }) => (
            <Box key={title} component="section" aria-label={title} sx={{ mt: 2 }}>
              <Typography variant="h2" sx={{ borderBottom: "2px solid", borderColor: "text.primary" }}>
                {title}, {rows.length}
              </Typography>
              {rows.map((row) => (
                <ReleaseRow
                  key={row.attempt}
                  row={row}
                  isChosen={isChosen(row)}
                  onTurn={mayRelease && !isStopped(row) && !isDone(row) ? () => turn(row.attempt) : undefined}
                />
              ))}
            </Box>
          ))}
      </Box>
      <BandCounts moderation={moderation} />
      {asks && <ReleaseSlip assessment={assessment} results={chosen} onClose={() => setAsks(false)} />}
    </Box>
  );
}

function ReleaseRow({ row, isChosen, onTurn }: { row: ModerationRow; isChosen: boolean; onTurn: (() => void) | undefined }) {
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "36px minmax(0, 1fr) auto", sm: "36px minmax(0, 3fr) minmax(0, 4fr) 150px 120px" },
        columnGap: 2,
        alignItems: "center",
        py: 0.75,
        borderBottom: "1px solid",
        borderColor: "divider",
      }}
    >
      <Typography variant="figure" sx={{ fontSize: 22 }}>
        {row.station}
      </Typography>
      <Typography variant="label" component={Link} to={`/verdict/${row.attempt}`} sx={{ color: "inherit", overflowWrap: "anywhere" }}>
        {row.student}
      </Typography>
      <Typography
        variant="body2"
        sx={{ gridColumn: { xs: "2 / -1", sm: "auto" }, color: isStopped(row) ? "error.main" : "text.secondary" }}
      >
        {row.is_hidden ? "you mark it a second time" : row.pauses.map((it) => it.text).join("; ")}
      </Typography>
      <Typography variant="figure" sx={{ gridColumn: { xs: "2", sm: "auto" } }}>
        {row.total === null ? "–" : points(row.total)} {row.band ?? ""}
      </Typography>
      {onTurn !== undefined && (
        <Toggle isOn={isChosen} onToggle={onTurn}>
          {isChosen ? "Release" : "Held back"}
          <Unseen>, station {row.station}</Unseen>
        </Toggle>
      )}
    </Box>
  );
}
