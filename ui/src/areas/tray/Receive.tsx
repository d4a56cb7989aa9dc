import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Assessment, Tray } from "../../api/types";
import { ArrivalDefects } from "../../parts/ArrivalDefects";
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
  const receive = (massMg: number, found: string[]): Promise<boolean> =>
    entries.take({ kind: "received", mass_mg: massMg, defects: found });
  const note = async (found: string[]): Promise<boolean> => {
    if (asPurchasedMg !== null) return receive(asPurchasedMg, found);
    setEarly(found);

    return true;
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
          onLook={(fact) => entries.take(fact)}
          onRefuse={(reason) => void entries.take({ kind: "refused", reason })}
        />
        <Typography variant="h2" gutterBottom>
          Defects on arrival
        </Typography>
        <Typography sx={{ color: "text.secondary", mb: 1.5 }}>
          A defect excuses what it spoils, so that it costs the student nothing.
        </Typography>
        <ArrivalDefects defects={assessment.standard.defects ?? []} noted={defects} onNote={note} />
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
        onMass={(mg) => void receive(mg, defects)}
      />
    </BesideScale>
  );
}
