import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Cost } from "../../api/types";
import { useStandard } from "../../api/useStandards";
import { CutMap } from "../../parts/CutMap";
import { holdersOf } from "../../parts/holders";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";

/** The dearest cut is tinted as strongly as this, the others by what they cost of it. */
const STRONGEST = 0.6;

/** The carcass, each cut tinted by what a kilogram of it cost. */
export function CostMap({ cost, money }: { cost: Cost; money: (minor: number) => string }) {
  const standard = useStandard(cost.standard);
  const [chosen, setChosen] = useState<string | null>(null);
  if (standard.isPending) return <Loading what="the cut map" />;
  if (standard.data === undefined) return <ProblemNotice problem={standard.error} onRetry={() => void standard.refetch()} />;
  const { document, plan } = standard.data;
  const dearest = Math.max(1, ...cost.lines.map((it) => it.cost_per_kg_minor ?? 0));
  const lineOf = (place: string) => cost.lines.find((it) => it.places.includes(place));
  const perKg = (place: string): string => {
    const line = lineOf(place);
    if (line?.cost_per_kg_minor != null) return `cost ${money(line.cost_per_kg_minor)} a kilogram`;

    return line?.per_kg_minor != null ? `worth ${money(line.per_kg_minor)} a kilogram` : "no price";
  };
  const holders = holdersOf(document);
  const picked = holders.find((it) => it.id === chosen);

  return (
    <Box sx={{ maxWidth: 520 }}>
      <Box sx={{ height: 460 }}>
        <CutMap
          plan={plan}
          parts={document.carcass.parts}
          holders={holders}
          chosen={chosen}
          onChoose={(id) => setChosen(id === chosen ? null : id)}
          tint={(place) => (STRONGEST * (lineOf(place)?.cost_per_kg_minor ?? 0)) / dearest}
          describe={perKg}
        />
      </Box>
      <Typography role="status" sx={{ mt: 1 }}>
        {picked === undefined
          ? "The stronger the blue, the dearer the kilogram. Pick a cut to read it."
          : `${picked.title}: ${perKg(picked.id)}.`}
      </Typography>
    </Box>
  );
}
