import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { Assessment, Tray } from "../../api/types";
import { useUser } from "../../api/useSession";
import { Notice } from "../../parts/Notice";
import { PieceTable } from "../../parts/PieceTable";
import { Inspect } from "./Inspect";
import type { Entries } from "./useTakeDown";

interface SecondLookProps {
  tray: Tray;
  assessment: Assessment;
  entries: Entries;
}

/** The second look at a tray: nothing of the first is shown until it is finished. */
export function SecondLook({ tray, assessment, entries }: SecondLookProps) {
  const user = useUser();
  switch (tray.second_look.yours) {
    case "gave_first":
      return (
        <Notice title="You gave the first look at this tray">
          Another assessor gives the second. {tray.second_look.open.length > 0 && `Asked: ${tray.second_look.open.join(", ")}.`}
        </Notice>
      );
    case "free":
      return (
        <Notice
          title="A second look"
          action={
            <Button variant="contained" onClick={() => void entries.take({ kind: "second_look", event: "asked", marker: user.id })}>
              Begin
            </Button>
          }
        >
          You judge this tray as if nobody had. What the first assessor judged and wrote is hidden from you until you have finished;
          weights, marked faults, the clock and photographs are shared.
        </Notice>
      );
    case "finished":
      return (
        <Notice
          title="Your second look is finished"
          action={
            <Button component={Link} to={`/agree/${tray.attempt}`} variant="contained">
              Both looks
            </Button>
          }
        >
          What you gave stands beside the first look.
        </Notice>
      );
    case "open":
      return (
        <>
          <Box sx={{ mx: 3, my: 1, pl: 1.5, borderLeft: "4px solid", borderColor: "secondary.main" }}>
            <Typography>Second look: nothing of the first is shown until you have finished.</Typography>
            <details>
              <Typography component="summary" variant="label">
                What was weighed
              </Typography>
              <PieceTable result={tray.result} standard={assessment.standard} />
            </details>
          </Box>
          <Inspect tray={tray} assessment={assessment} entries={entries} round="second" />
        </>
      );
  }
}
