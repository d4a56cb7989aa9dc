import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import type { Moderation, ModerationRow } from "../../api/types";
import { useUser } from "../../api/useSession";
import { useCaptureQueue } from "../../offline/Sending";
import { counted, percent } from "../../parts/format";
import { Notice } from "../../parts/Notice";
import { Pick } from "../../parts/Pick";
import { Toggle } from "../../parts/Toggle";

/** Which trays a second assessor should look at and why, who is asked, and how both looks stand. */
export function MarkTwice({ moderation }: { moderation: Moderation }) {
  const { assessors, rows } = moderation;
  const { id: self } = useUser();
  const queue = useCaptureQueue();
  const [marker, setMarker] = useState(assessors.find((it) => it.id !== self)?.id ?? assessors[0]?.id ?? "");
  const [showsAll, setShowsAll] = useState(false);
  const listed = rows.filter((it) => showsAll || it.causes.length + it.open.length + it.finished.length > 0);
  const may = (row: ModerationRow): boolean =>
    row.first_by.length > 0 && row.open.length === 0 && row.finished.length === 0 && !row.first_by.some((it) => it.id === marker);
  const unasked = listed.filter((it) => it.causes.length > 0 && may(it));
  const ask = (asked: ModerationRow[]): void => {
    for (const { attempt } of asked) void queue.take(attempt, { kind: "second_look", event: "asked", marker });
  };

  return (
    <>
      <Typography sx={{ mb: 1, maxWidth: "75ch" }}>
        Every borderline result, every one in the lowest band or under a cap, everything an assessor in training marked, and{" "}
        {percent(moderation.share, 0)} of the class drawn at random. Until a second assessor has finished, the first look is hidden from
        them everywhere.
        {!moderation.has_moderation &&
          " The policy of this practical says nothing of two looks: the first holds, unless both agree on another level."}
      </Typography>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1.5, mb: 1.5 }}>
        {assessors.length > 0 && (
          <Pick
            label="Second assessor"
            value={marker}
            options={assessors.map((it) => ({ key: it.id, title: it.name }))}
            onPick={setMarker}
          />
        )}
        <Button variant="contained" disabled={unasked.length === 0} onClick={() => ask(unasked)}>
          {unasked.length === 0 ? "Nothing more to ask for" : `Ask for ${counted(unasked.length, "second look")}`}
        </Button>
        <Toggle isOn={showsAll} onToggle={() => setShowsAll(!showsAll)}>
          Every tray
        </Toggle>
      </Box>
      {listed.length === 0 && <Notice title="Nobody is on the list yet">Trays come on it as they are judged.</Notice>}
      <Box component="ul" aria-label="Trays to mark twice" sx={{ listStyle: "none", m: 0, p: 0 }}>
        {listed.map((row) => (
          <TwiceRow
            key={row.attempt}
            row={row}
            mayAsk={may(row)}
            onAsk={() => ask([row])}
            onCallOff={(person) => void queue.take(row.attempt, { kind: "second_look", event: "called_off", marker: person })}
          />
        ))}
      </Box>
    </>
  );
}

interface TwiceRowProps {
  row: ModerationRow;
  mayAsk: boolean;
  onAsk: () => void;
  onCallOff: (person: string) => void;
}

function TwiceRow({ row, mayAsk, onAsk, onCallOff }: TwiceRowProps) {
  const names = (of: ModerationRow["open"]): string => of.map((it) => it.name).join(", ");

  return (
    <Box
      component="li"
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "44px minmax(0, 1fr)", md: "44px minmax(0, 2fr) minmax(0, 3fr) minmax(0, 2fr) auto" },
        columnGap: 2,
        rowGap: 0.5,
        alignItems: "center",
        py: 1,
        borderBottom: "1px solid",
        borderColor: "divider",
        "& > * + * ~ *": { gridColumn: { xs: "2", md: "auto" } },
      }}
    >
      <Typography variant="figure" sx={{ fontSize: 24 }}>
        {row.station}
      </Typography>
      <Typography variant="label" sx={{ overflowWrap: "anywhere" }}>
        {row.student}
      </Typography>
      <Typography variant="body2">
        {row.is_hidden ? "you mark it a second time" : row.causes.map((it) => it.text).join("; ") || "not on the list"}
      </Typography>
      <Typography variant="body2" sx={{ color: row.to_agree > 0 ? "error.main" : "text.secondary" }}>
        {row.to_agree > 0
          ? `${row.to_agree} to agree on`
          : row.finished.length > 0
            ? `looked at by ${names(row.finished)}; ${row.differ === 0 ? "both see the same" : `${row.differ} not alike`}`
            : row.open.length > 0
              ? `asked: ${names(row.open)}`
              : row.first_by.length > 0
                ? `first look: ${names(row.first_by)}`
                : "not judged yet"}
      </Typography>
      <Box sx={{ display: "flex", gap: 1 }}>
        {mayAsk && (
          <Button size="small" aria-label={`Ask for a second look at station ${row.station}`} onClick={onAsk}>
            Ask
          </Button>
        )}
        {row.open.map((it) => (
          <Button key={it.id} size="small" aria-label={`Call off: ${it.name}, station ${row.station}`} onClick={() => onCallOff(it.id)}>
            Call off
          </Button>
        ))}
        {row.finished.length > 0 && !row.is_hidden && (
          <Button size="small" component={Link} to={`/agree/${row.attempt}`} aria-label={`Both looks, station ${row.station}`}>
            Both looks
          </Button>
        )}
      </Box>
    </Box>
  );
}
