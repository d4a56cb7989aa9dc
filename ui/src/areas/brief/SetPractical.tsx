import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect } from "react";
import { Link, useNavigate } from "react-router";
import type { Brief } from "../../api/types";
import { useBeginBrief } from "../../api/useBriefs";
import { Rail } from "../../app/Rail";
import { saidOf } from "../../parts/problems";
import { useTimeWords } from "../../parts/times";
import { BriefSheet } from "./BriefSheet";
import { HeldAt } from "./HeldAt";
import { HourChart } from "./HourChart";
import { PrintSection } from "./PrintSection";
import { PutOff } from "./PutOff";
import { WhatBecame } from "./WhatBecame";

/** A practical that is set: where it is found now, and a copy for another day. */
export function SetPractical({ brief }: { brief: Brief }) {
  const { dayOf, timeOfDay } = useTimeWords();
  const copy = useBeginBrief();
  const navigate = useNavigate();
  // Set from far down the page it was planned on, it begins at its top.
  useEffect(() => {
    window.scrollTo({ top: 0 });
  }, []);

  return (
    <Box sx={{ px: 3, py: 2, maxWidth: 900 }}>
      <Rail area="Brief" steps={[{ label: "Brief", to: "/brief" }, { label: brief.document.title }]} />
      <Typography variant="h1">{brief.document.title}</Typography>
      <Typography sx={{ color: "text.secondary", mb: 1.5 }}>
        {brief.set_at !== null && `Set on ${dayOf(brief.set_at)} at ${timeOfDay(brief.set_at).slice(0, 5)}.`} What it is held against stays
        as it was then.
      </Typography>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mb: 2 }}>
        {brief.assessments.map((it, index) => (
          <Button key={it} component={Link} to={`/floor/${it}`}>
            {brief.assessments.length === 1 ? "To the Floor" : `Floor: ${brief.lists[index]?.title ?? ""}`}
          </Button>
        ))}
        {brief.cancelled === null && <PutOff brief={brief} />}
        <Button
          disabled={copy.isPending}
          onClick={() => copy.mutate({ ...brief.document, day: null }, { onSuccess: ({ id }) => void navigate(`/brief/${id}`) })}
        >
          Copy to another day
        </Button>
      </Box>
      {saidOf(copy.error) !== undefined && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(copy.error)}
        </Typography>
      )}
      {brief.cancelled === null && brief.assessments.map((it) => <HeldAt key={it} assessment={it} />)}
      <WhatBecame brief={brief} />
      <PrintSection brief={brief} document={brief.document} />
      <Box sx={{ mt: 3 }}>
        <BriefSheet document={brief.document} brief={brief} />
      </Box>
      <HourChart brief={brief} />
    </Box>
  );
}
