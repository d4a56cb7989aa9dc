import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { CarcassPlan } from "../../../api/types";
import { CutMap } from "../../../parts/CutMap";
import { holdersOf } from "../../../parts/holders";
import { holderOf, movePart, type Draft } from "./draft";
import { useSchoolWords } from "./schoolWords";

interface DraftMapProps {
  draft: Draft;
  plan: CarcassPlan | null;
  chosen: string | null;
  onChoose: (part: string | null) => void;
  onChange: (draft: Draft) => void;
}

/** The cut map of a draft: a part goes to another cut by a drag, by two taps, or by the keyboard. */
export function DraftMap({ draft, plan, chosen, onChoose, onChange }: DraftMapProps) {
  const { nameOf } = useSchoolWords();
  const parts = draft.carcass.parts.map((it) => ({ ...it, title: nameOf(it) }));
  const titleOf = (part: string): string => parts.find((it) => it.id === part)?.title ?? part;
  const moveBeside = (part: string, other: string): void => {
    const to = holderOf(draft, other);
    if (to === undefined) return;
    onChange(movePart(draft, part, to));
    onChoose(null);
  };
  const tap = (part: string): void => {
    if (chosen === null || chosen === part) onChoose(chosen === part ? null : part);
    else moveBeside(chosen, part);
  };

  return (
    <Box sx={{ position: { md: "sticky" }, top: { md: 12 } }}>
      <Typography
        role="status"
        aria-label="Part in hand"
        sx={{ minHeight: "2.9em", color: chosen === null ? "text.secondary" : "secondary.main" }}
      >
        {chosen === null
          ? "Drag a part to the cut it should go to, or choose it and then a part of that cut."
          : `${titleOf(chosen)} is chosen: choose a part of the cut it should go to, or a cut in the list.`}
      </Typography>
      <Box sx={{ height: { xs: 520, md: "min(600px, calc(100vh - 290px))" } }}>
        <CutMap
          plan={plan}
          parts={parts}
          holders={holdersOf(draft).map((it) => ({ ...it, title: nameOf(it) }))}
          chosen={chosen}
          onChoose={tap}
          chooses="part"
          onDrop={moveBeside}
          describe={() => ""}
        />
      </Box>
    </Box>
  );
}
