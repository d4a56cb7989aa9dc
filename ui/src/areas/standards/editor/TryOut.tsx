import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Slider from "@mui/material/Slider";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Problem } from "../../../api/problem";
import { usePolicy } from "../../../api/usePolicy";
import { useTry, type MadeUpTray } from "../../../api/useStandards";
import { points } from "../../../parts/format";
import { useMassWords } from "../../../parts/mass";
import { NumberField } from "../../../parts/NumberField";
import { PieceTable } from "../../../parts/PieceTable";
import { Reasons } from "../../../parts/Reasons";
import type { Draft } from "./draft";

interface TryOutProps {
  draft: Draft;
  isSound: boolean;
  usualMg: number | null;
}

const SOME_CARCASS_MG = 2_000_000;

/** What would this tray get? A made-up carcass, cut by made-up hands, graded by the draft as it stands. */
export function TryOut({ draft, isSound, usualMg }: TryOutProps) {
  const mass = useMassWords();
  const policy = usePolicy();
  const [turn, setTurn] = useState(1);
  const [tray, setTray] = useState<Omit<MadeUpTray, "seed">>({ ap_mg: usualMg ?? SOME_CARCASS_MG, skill: 0.75, care: 0.85 });
  const { data: result, error } = useTry(draft, { ...tray, seed: `carcass ${turn}` }, isSound);

  return (
    <Box component="section" aria-label="Made-up tray">
      <Box sx={{ display: "grid", gridTemplateColumns: "130px minmax(0, 1fr) minmax(0, 1fr) auto", gap: 2.5, alignItems: "end", mb: 2 }}>
        <NumberField
          label={`AP weight, ${mass.unit}`}
          value={tray.ap_mg / mass.mgPerUnit}
          onNumber={(it) => it > 0 && setTray({ ...tray, ap_mg: Math.round(it * mass.mgPerUnit) })}
        />
        <Hand label="Eye for the standard" value={tray.skill} onChange={(skill) => setTray({ ...tray, skill })} />
        <Hand label="Care with the knife" value={tray.care} onChange={(care) => setTray({ ...tray, care })} />
        <Button onClick={() => setTurn(turn + 1)}>Another carcass</Button>
      </Box>
      {!isSound && <Typography sx={{ color: "error.main" }}>A draft is tried once it adds up; what is missing stands above.</Typography>}
      {error !== null && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {error instanceof Problem ? error.detail : "The server does not answer."}
        </Typography>
      )}
      {result && policy.data && (
        <>
          <Box
            sx={{
              display: "flex",
              alignItems: "end",
              gap: 2,
              py: 1,
              borderTop: "3px solid",
              borderBottom: "1px solid",
              borderColor: "text.primary",
            }}
          >
            <Typography variant="figure" sx={{ fontSize: 60, lineHeight: 0.9 }} data-testid="tried-total">
              {result.total === null ? "–" : points(result.total, policy.data.said.places)}
            </Typography>
            <Typography variant="h2" component="p" role="status" aria-label="What this tray would get">
              {result.band ?? "No band"}
            </Typography>
          </Box>
          <Reasons result={result} policy={policy.data.said} />
          <Box sx={{ mt: 2 }}>
            <PieceTable result={result} standard={draft} />
          </Box>
        </>
      )}
    </Box>
  );
}

function Hand({ label, value, onChange }: { label: string; value: number; onChange: (value: number) => void }) {
  return (
    <Box>
      <Typography variant="label">{label}</Typography>
      <Slider
        aria-label={label}
        min={0}
        max={1}
        step={0.05}
        value={value}
        onChange={(_, it) => onChange(it)}
        sx={{ height: 4, borderRadius: 0, "& .MuiSlider-thumb": { width: 14, height: 28, borderRadius: "2px", boxShadow: "none" } }}
      />
    </Box>
  );
}
