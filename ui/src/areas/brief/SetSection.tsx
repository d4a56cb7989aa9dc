import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Brief } from "../../api/types";
import { useSetBrief } from "../../api/useBriefs";
import { counted, day } from "../../parts/format";
import { saidOf } from "../../parts/problems";
import { Slip } from "../../parts/Slip";
import { Section } from "../../parts/Section";

/** What is still missing, what should be looked at, and the button that sets the practical. */
export function SetSection({ brief, isKept }: { brief: Brief; isKept: boolean }) {
  const [asks, setAsks] = useState(false);
  const set = useSetBrief();
  const students = brief.lists.reduce((sum, it) => sum + it.students.length, 0);

  return (
    <Section title={brief.missing.length === 0 ? "Ready to be set" : "Still missing"}>
      {brief.missing.length > 0 && (
        <Box component="ul" aria-label="Missing" sx={{ m: 0, pl: 2.5 }}>
          {brief.missing.map((it) => (
            <Typography component="li" key={it}>
              {it}
            </Typography>
          ))}
        </Box>
      )}
      {brief.warnings.map((it) => (
        <Typography key={it} variant="body2" sx={{ borderLeft: "4px solid", borderColor: "error.main", pl: 1, mt: 0.75 }}>
          {it}
        </Typography>
      ))}
      <Button variant="contained" sx={{ mt: 1.25 }} disabled={brief.missing.length > 0 || !isKept} onClick={() => setAsks(true)}>
        Set it
      </Button>
      {asks && (
        <Slip
          title={`Set ${brief.document.title}?`}
          onClose={() => setAsks(false)}
          actions={
            <>
              <Button
                variant="contained"
                autoFocus
                disabled={set.isPending}
                onClick={() => set.mutate({ id: brief.id, version: brief.version })}
              >
                {set.isPending ? "Setting it …" : "Set it"}
              </Button>
              <Button onClick={() => setAsks(false)}>Not yet</Button>
            </>
          }
        >
          <Typography>
            {counted(students, "student")} on {brief.document.day === null ? "" : day(brief.document.day)} at {brief.document.start}. The
            standard, the policy and the words it is held against are kept as they are now; what is published later does not touch it.
          </Typography>
          {saidOf(set.error) !== undefined && (
            <Typography role="alert" sx={{ color: "error.main" }}>
              {saidOf(set.error)}
            </Typography>
          )}
        </Slip>
      )}
    </Section>
  );
}
