import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import type { Lot } from "../../api/types";
import { useMassWords } from "../../parts/mass";
import { DivideSlip, PanSlip, RawSlip } from "./LotSlips";
import { useToday } from "../../offline/useToday";
import type { TakeLots } from "./useTakeLots";

/** What else is done with a lot: divided, weighed as one, frozen and thawed, recorded for raw service. What was cooled too slowly is not kept. */
export function LotActions({ lot, lots }: { lot: Lot; lots: TakeLots }) {
  const mass = useMassWords();
  const today = useToday();
  const [slip, setSlip] = useState<"divide" | "pan" | "raw" | null>(null);
  const close = (): void => setSlip(null);

  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
      {lot.frozen_since === null ? (
        !lot.is_barred && (
          <Button onClick={() => void lots.take(`${lot.title} into the freezer`, [{ kind: "freeze", lot: lot.id, on: today }])}>
            Into the freezer
          </Button>
        )
      ) : (
        <Button onClick={() => void lots.take(`${lot.title} out of the freezer`, [{ kind: "thaw", lot: lot.id, on: today }])}>
          Out of the freezer
        </Button>
      )}
      <Button onClick={() => setSlip("divide")}>Divide …</Button>
      <Button onClick={() => setSlip("pan")}>Weigh the container …</Button>
      {lot.is_cooked_only && !lot.is_barred && <Button onClick={() => setSlip("raw")}>Record for raw service …</Button>}
      {slip === "divide" && (
        <DivideSlip
          lot={lot}
          onClose={close}
          onDivide={(massMg, container) =>
            lots.take(`${lot.title}: ${mass.full(massMg)} into ${container || "another container"}`, [
              { kind: "divide", lot: lot.id, mass_mg: massMg, ...(container !== "" && { container }) },
            ])
          }
        />
      )}
      {slip === "pan" && (
        <PanSlip
          lot={lot}
          onClose={close}
          onWeigh={(massMg) =>
            lots.take(`${lot.title}: the container weighs ${mass.full(massMg)}`, [{ kind: "weigh", lot: lot.id, mass_mg: massMg }])
          }
        />
      )}
      {slip === "raw" && (
        <RawSlip
          onClose={close}
          onRecord={(treatment, text) =>
            lots.take(`${lot.title}: recorded for raw service`, [{ kind: "raw", lot: lot.id, treatment, text }])
          }
        />
      )}
    </Box>
  );
}
