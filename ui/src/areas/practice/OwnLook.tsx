import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Fact, PracticeTray } from "../../api/types";
import { CriterionRow } from "../../parts/CriterionRow";
import { counted } from "../../parts/format";
import { Toggle } from "../../parts/Toggle";

interface OwnLookProps {
  tray: PracticeTray;
  onTake: (...facts: Fact[]) => Promise<boolean>;
}

/** How one judges one's own tray by the descriptors, and then how assessors saw the last one that was marked. */
export function OwnLook({ tray, onTake }: OwnLookProps) {
  const { criteria = [] } = tray.standard;
  const { levels } = tray.holds;
  const judged = Object.keys(levels).length;
  const [isOpen, setOpen] = useState(judged > 0);
  if (criteria.length === 0) return null;

  return (
    <Box component="section" aria-label="Your own look" sx={{ mt: 3 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 2, mb: 1 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          Your own look
        </Typography>
        <Toggle isOn={isOpen} onToggle={() => setOpen(!isOpen)}>
          {judged === 0 ? "Judge it yourself" : `${judged} of ${criteria.length} judged`}
        </Toggle>
      </Box>
      <Apart apart={tray.apart} />
      {isOpen &&
        criteria.map((it) => (
          <CriterionRow
            key={it.id}
            criterion={it}
            level={levels[it.id]}
            isCurrent={false}
            isExcused={false}
            onJudge={(level) => levels[it.id] !== level && void onTake({ kind: "level", criterion: it.id, level })}
          />
        ))}
    </Box>
  );
}

function Apart({ apart }: { apart: PracticeTray["apart"] }) {
  if (apart.length === 0) return null;
  const steps = [...new Set(apart.map((it) => it.kinder))].filter((it) => it !== 0).sort((one, other) => Math.abs(other) - Math.abs(one));

  return (
    <Box role="status" sx={{ borderLeft: "5px solid", borderColor: "secondary.main", pl: 2, mb: 2 }}>
      {steps.length === 0 && (
        <Typography>You judge yourself as your assessors last did, on {counted(apart.length, "criterion", "criteria")}.</Typography>
      )}
      {steps.map((kinder) => (
        <Typography key={kinder}>
          You are {kinder > 0 ? "kinder to" : "harder on"} yourself by {counted(Math.abs(kinder), "step")} than your assessors last were:{" "}
          {apart
            .filter((it) => it.kinder === kinder)
            .map((it) => it.title)
            .join("; ")}
          .
        </Typography>
      ))}
    </Box>
  );
}
