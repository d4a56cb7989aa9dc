import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useCalendars, useEndCalendar, useMakeCalendar } from "../../api/useCalendars";
import { useUser } from "../../api/useSession";
import { Field } from "../../parts/Field";
import { saidOf } from "../../parts/problems";
import { Slip } from "../../parts/Slip";
import { useTimeWords } from "../../parts/times";

/** Links by which the calendar on a phone reads one's practicals, or those of a room. */
export function Calendars() {
  const isStaff = useUser().role !== "student";
  const links = useCalendars();
  const make = useMakeCalendar();
  const end = useEndCalendar();
  const [room, setRoom] = useState("");
  const { dayInFull } = useTimeWords();

  return (
    <Box component="section" aria-label="Calendar" sx={{ display: "grid", gap: 1.25, justifyItems: "start" }}>
      <Typography variant="h2">Calendar</Typography>
      <Typography>
        A link that the calendar on your phone or desk can read. Whoever has it reads the practicals, so do not pass it on; a new one ends
        the one before.
      </Typography>
      {links.data === undefined && links.isError && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          The links you have cannot be shown. {saidOf(links.error)}
        </Typography>
      )}
      {links.data?.map((it) => (
        <Box key={it.id} sx={{ display: "flex", alignItems: "center", gap: 1.5, flexWrap: "wrap" }}>
          <Typography sx={{ fontWeight: 700 }}>{it.room ?? "Your practicals"}</Typography>
          <Typography variant="body2" sx={{ color: "text.secondary" }}>
            made on {dayInFull(it.made_at)}
          </Typography>
          <Button
            size="small"
            disabled={end.isPending}
            aria-label={`End it: ${it.room ?? "your practicals"}`}
            onClick={() => end.mutate(it.id)}
          >
            End it
          </Button>
        </Box>
      ))}
      <Button disabled={make.isPending} onClick={() => make.mutate(null)}>
        Link to your practicals
      </Button>
      {isStaff && (
        <Box
          component="form"
          aria-label="Calendar of a room"
          onSubmit={(event) => {
            event.preventDefault();
            if (room.trim() !== "") make.mutate(room.trim());
          }}
          sx={{ display: "flex", alignItems: "end", gap: 1.25, flexWrap: "wrap" }}
        >
          <Field label="Or to all in the room" value={room} onChange={({ target }) => setRoom(target.value)} />
          <Button type="submit" disabled={make.isPending || room.trim() === ""}>
            Link to the room
          </Button>
        </Box>
      )}
      {(saidOf(make.error) ?? saidOf(end.error)) !== undefined && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(make.error) ?? saidOf(end.error)}
        </Typography>
      )}
      {make.data?.address != null && (
        <Slip title={make.data.room ?? "Your practicals"} onClose={make.reset} actions={<Button onClick={make.reset}>Done</Button>}>
          <Typography>Give this address to the calendar as one to subscribe to. It is shown this once.</Typography>
          <Typography data-testid="address" sx={{ userSelect: "all", overflowWrap: "anywhere", fontWeight: 700, my: 1 }}>
            {make.data.address}
          </Typography>
        </Slip>
      )}
    </Box>
  );
}
