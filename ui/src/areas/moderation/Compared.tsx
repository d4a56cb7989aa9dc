import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Standard, StandardisedTray } from "../../api/types";
import { Field } from "../../parts/Field";
import { Toggle } from "../../parts/Toggle";
import { StepsRow } from "./StepsRow";

interface ComparedProps {
  tray: StandardisedTray;
  standard: Standard;
  isLead: boolean;
  onFix: (criterion: string, level: number, reason: string) => void;
}

/** What everybody gave, those furthest apart first; the lead fixes the reference and says why. */
export function Compared({ tray, standard, isLead, onFix }: ComparedProps) {
  const [reason, setReason] = useState("As the descriptor says");
  const [showsAll, setShowsAll] = useState(false);
  const looks = tray.looks.filter((it) => it.given.length > 0).sort((a, b) => (b.spread ?? 0) - (a.spread ?? 0));
  const shown = showsAll ? looks : looks.filter((it) => it.spread !== 0 || it.reference !== null);

  return (
    <>
      <Typography variant="body2" sx={{ mb: 1 }}>
        {looks.filter((it) => it.spread === 0).length} of {looks.length} criteria were seen alike by everybody.
      </Typography>
      {isLead && (
        <Field
          label="The reference, because"
          hint="Said with each step that is tapped below."
          value={reason}
          autoComplete="off"
          sx={{ maxWidth: 560, mb: 1 }}
          onChange={({ target }) => setReason(target.value)}
        />
      )}
      <Box sx={{ mb: 1 }}>
        <Toggle isOn={showsAll} onToggle={() => setShowsAll(!showsAll)}>
          Every criterion
        </Toggle>
      </Box>
      {shown.map((it) => {
        const criterion = standard.criteria?.find(({ id }) => id === it.criterion);

        return (
          criterion !== undefined && (
            <StepsRow
              key={it.criterion}
              criterion={criterion}
              note={it.spread === null ? "" : it.spread === 0 ? "seen alike" : `${it.spread} ${it.spread === 1 ? "step" : "steps"} apart`}
              isOpen={(it.spread ?? 0) > 1 && it.reference === null}
              said={it.reference === null ? "" : `Reference by ${it.reference.by}: ${it.reference.reason}`}
              marks={[
                ...it.given.map(({ level, by }) => ({ level, text: by })),
                ...(it.reference === null ? [] : [{ level: it.reference.level, text: "reference" }]),
              ]}
              ringed={it.reference?.level}
              isShut={!isLead || reason.trim() === ""}
              onStep={(level) => onFix(it.criterion, level, reason.trim())}
            />
          )
        );
      })}
    </>
  );
}
