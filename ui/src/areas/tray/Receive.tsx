import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Assessment, Tray } from "../../api/types";
import { BesideScale } from "../../parts/BesideScale";
import { CarcassLook } from "../../parts/CarcassLook";
import { useMassWords } from "../../parts/mass";
import { ScalePanel } from "../../parts/ScalePanel";
import type { Entries } from "./useTakeDown";

interface ReceiveProps {
  tray: Tray;
  assessment: Assessment;
  entries: Entries;
}

/** The carcass as purchased: its weight, and the defects that are not the student's fault. */
export function Receive({ tray, assessment, entries }: ReceiveProps) {
  const mass = useMassWords();
  const { as_purchased_mg: asPurchasedMg, defects: noted } = tray.holds;
  const [early, setEarly] = useState<string[]>([]);
  const defects = asPurchasedMg === null ? early : noted;
  const receive = (massMg: number, found: string[]): void => void entries.take({ kind: "received", mass_mg: massMg, defects: found });
  const toggle = (defect: string): void => {
    const found = defects.includes(defect) ? defects.filter((it) => it !== defect) : [...defects, defect];
    if (asPurchasedMg === null) setEarly(found);
    else receive(asPurchasedMg, found);
  };

  return (
    <BesideScale>
      <Box>
        <Box sx={{ display: "flex", alignItems: "baseline", gap: 2, borderBottom: "2px solid", borderColor: "text.primary", pb: 1, mb: 2 }}>
          <Typography variant="h2">AP weight</Typography>
          <Typography variant="figure" sx={{ fontSize: 54, lineHeight: 1, ml: "auto" }} data-testid="as-purchased">
            {asPurchasedMg === null ? "–" : mass.full(asPurchasedMg)}
          </Typography>
        </Box>
        <Typography sx={{ color: "text.secondary", mb: 3 }}>
          {asPurchasedMg === null
            ? "Weigh the carcass as it was bought, giblets out, or type its weight in g, kg, oz or lb."
            : "A new weight corrects this one; the log keeps both. Start the clock above when the student begins."}
        </Typography>
        <CarcassLook
          attempt={tray.attempt}
          isSimulated={assessment.scale_is_simulated}
          items={assessment.receiving}
          warmestC={assessment.warmest_core_c}
          look={{ not: tray.holds.look_not, coreC: tray.holds.core_c }}
          onLook={(fact) => void entries.take(fact)}
          onRefuse={(reason) => void entries.take({ kind: "refused", reason })}
        />
        <Typography variant="h2" gutterBottom>
          Defects on arrival
        </Typography>
        <Typography sx={{ color: "text.secondary", mb: 1.5 }}>
          A defect excuses what it spoils, so that it costs the student nothing.
        </Typography>
        <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(200px, 1fr))", gap: 1, mb: 3 }}>
          {(assessment.standard.defects ?? []).map((defect) => {
            const isNoted = defects.includes(defect.id);

            return (
              <Button
                key={defect.id}
                aria-pressed={isNoted}
                onClick={() => toggle(defect.id)}
                sx={{
                  justifyContent: "flex-start",
                  textAlign: "left",
                  ...(isNoted && { bgcolor: "text.primary", color: "background.paper", "&:hover": { bgcolor: "text.primary" } }),
                }}
              >
                {isNoted ? "× " : ""}
                {defect.title ?? defect.id}
              </Button>
            );
          })}
        </Box>
        {assessment.cautions.length > 0 && (
          <Box component="aside" aria-label="Cautions" sx={{ borderLeft: "5px solid", borderColor: "secondary.main", pl: 2 }}>
            {assessment.cautions.map((caution) => (
              <Typography key={caution} variant="body2">
                {caution}
              </Typography>
            ))}
          </Box>
        )}
      </Box>
      <ScalePanel
        attempt={tray.attempt}
        isSimulated={assessment.scale_is_simulated}
        place={{ id: "received", title: "AP weight" }}
        said={entries.said}
        onMass={(mg) => receive(mg, defects)}
      />
    </BesideScale>
  );
}
