import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import type { Lot } from "../../api/types";
import { useMassWords } from "../../parts/mass";
import { useNow } from "../../parts/useNow";
import { CoolingChart } from "./CoolingChart";
import { coolingLeft } from "./coolingLeft";
import { TakeReading } from "./TakeReading";
import type { TakeLots } from "./useTakeLots";

interface CoolingRowProps {
  lot: Lot;
  isHot: boolean;
  hasProbe: boolean;
  mayRecord: boolean;
  lots: TakeLots;
}

/** A container that was drawn from a pot: while it cools, how long is left, the curve, and the next reading. */
export function CoolingRow({ lot, isHot, hasProbe, mayRecord, lots }: CoolingRowProps) {
  const mass = useMassWords();
  const isCooling = isHot && (lot.cooling === null || lot.cooling.verdict === "open") && lot.on_hand_mg > 0;
  const now = useNow(isCooling);
  const [isOpen, setOpen] = useState(false);
  const { words, isLate } = coolingLeft(lot.cooling, now);
  const name = [lot.title, lot.container].filter((it) => it !== null).join(", ");

  return (
    <Box role="group" aria-label={name} sx={{ borderTop: "1px solid", borderColor: "divider", pt: 1, display: "grid", gap: 1 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, rowGap: 0.5, alignItems: "center" }}>
        <Typography sx={{ flex: 1, minWidth: 180 }}>
          <Link to={`/ledger/lots/${lot.id}`}>{name}</Link>, {lot.on_hand_mg === 0 ? "all gone" : `${mass.bulk(lot.on_hand_mg)} on hand`}
        </Typography>
        {isHot && (
          <Typography variant="label" sx={{ color: isLate ? "error.main" : "text.primary", fontWeight: isLate ? 700 : 500 }}>
            {words}
          </Typography>
        )}
        {lot.cooling !== null && !isCooling && (
          <Button size="small" aria-expanded={isOpen} aria-label={`Curve of ${name}`} onClick={() => setOpen(!isOpen)}>
            Curve
          </Button>
        )}
      </Box>
      {isLate && isCooling && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          It can still be mended: an ice wand, shallow pans, an ice bath.
        </Typography>
      )}
      {mayRecord && isCooling && (
        <TakeReading
          hasProbe={hasProbe}
          lot={lot.id}
          name={name}
          onReading={(c) => void lots.take(`${name}: ${c} °C`, [{ kind: "cool", lot: lot.id, c }])}
        />
      )}
      {lot.cooling !== null && (isOpen || isCooling) && <CoolingChart cooling={lot.cooling} />}
    </Box>
  );
}
