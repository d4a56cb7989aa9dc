import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Criterion, Tray } from "../../api/types";
import { useUser } from "../../api/useSession";
import { Slip } from "../../parts/Slip";
import { counted, lowerFirst } from "../../parts/format";
import type { Entries } from "./useTakeDown";

interface FinishLookProps {
  tray: Tray;
  entries: Entries;
  /** Criteria that this look says nothing of. */
  open: Criterion[];
}

/** Ends a second look: what was given stands, and both looks are shown to each other. Asked once, since it cannot be taken back. */
export function FinishLook({ tray, entries, open }: FinishLookProps) {
  const user = useUser();
  const [asks, setAsks] = useState(false);
  const given = Object.keys(tray.holds.second_levels).length;

  return (
    <>
      <Button variant="contained" disabled={given === 0} onClick={() => setAsks(true)}>
        Finish
      </Button>
      {asks && (
        <Slip
          title="Finish this second look?"
          onClose={() => setAsks(false)}
          onSubmit={() => {
            setAsks(false);
            void entries.take({ kind: "second_look", event: "finished", marker: user.id });
          }}
          actions={
            <>
              <Button onClick={() => setAsks(false)}>Not yet</Button>
              <Button type="submit" variant="contained">
                Finish
              </Button>
            </>
          }
        >
          <Typography>
            {counted(given, "level")} given. They stand then, and you see the first look; what you both see differently is agreed.
          </Typography>
          {open.length > 0 && (
            <Typography>
              Left out: {open.map((it) => lowerFirst(it.title ?? it.id)).join("; ")}. There the first look counts alone.
            </Typography>
          )}
        </Slip>
      )}
    </>
  );
}
