import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Brief } from "../../api/types";
import { day } from "../../parts/format";
import { useTimeWords } from "../../parts/times";

/** What became of a practical since it was set, each with its reason. */
export function WhatBecame({ brief }: { brief: Brief }) {
  const { dayOf } = useTimeWords();
  if (brief.changes.length === 0) return null;

  return (
    <Box component="ul" aria-label="Since it was set" sx={{ listStyle: "none", m: 0, mb: 2, p: 0 }}>
      {brief.changes.map((it) => (
        <Box
          component="li"
          key={it.at}
          sx={{ borderLeft: "5px solid", borderColor: it.day === null ? "error.main" : "secondary.main", pl: 1.5, py: 0.5 }}
        >
          <Typography sx={{ fontWeight: 700, color: it.day === null ? "error.main" : "text.primary" }}>
            {it.day === null
              ? "Cancelled"
              : `Put off to ${day(it.day)}, ${it.start ?? ""}${it.was_day === null ? "" : `, from ${day(it.was_day)}, ${it.was_start ?? ""}`}`}
          </Typography>
          <Typography>
            {it.reason} ({it.by}, {dayOf(it.at)})
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
