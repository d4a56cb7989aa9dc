import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Pot } from "../../api/types";
import { Field } from "../../parts/Field";
import { MassField } from "../../parts/MassField";
import { NumberField } from "../../parts/NumberField";
import { Slip } from "../../parts/Slip";
import { useTaking } from "../../parts/useTaking";

interface DrawSlipProps {
  pot: Pot;
  name: string;
  /** False where this device cannot keep it. */
  onDraw: (drawn: { volume_ml: number } | { mass_mg: number }, container: string) => Promise<boolean>;
  onClose: () => void;
}

/** What a pot made, into a container: stock by its litres, the rest by its weight. */
export function DrawSlip({ pot, name, onDraw, onClose }: DrawSlipProps) {
  const [volumeMl, setVolumeMl] = useState(0);
  const [massMg, setMassMg] = useState(0);
  const [container, setContainer] = useState("");
  const { isTaking, taking } = useTaking();
  const isStock = pot.use === "stock";
  const isReady = (isStock ? volumeMl : massMg) > 0;
  const submit = (): void => {
    if (isReady) taking(onDraw(isStock ? { volume_ml: volumeMl } : { mass_mg: massMg }, container.trim()), onClose);
  };

  return (
    <Slip
      title={`${name}, into a container`}
      onClose={onClose}
      onSubmit={submit}
      actions={
        <>
          <Button type="submit" variant="contained" disabled={!isReady || isTaking}>
            Into the container
          </Button>
          <Button onClick={onClose}>Cancel</Button>
        </>
      }
    >
      {pot.is_hot && (
        <Typography>
          Shallow pans, ice wands and small containers cool fast: from 57 to 21 °C within 2 hours, to 5 °C within 6 in all (Food Code
          3-501.14).
        </Typography>
      )}
      {isStock ? (
        <NumberField
          label="How many litres"
          value={volumeMl === 0 ? null : volumeMl / 1_000}
          places={3}
          autoFocus
          onNumber={(it) => setVolumeMl(Math.max(0, Math.round(it * 1_000)))}
          onClear={() => setVolumeMl(0)}
        />
      ) : (
        <MassField label="How much it weighs" autoFocus onMass={(it) => setMassMg(it ?? 0)} />
      )}
      <Field
        label="What the container is called (may be left empty)"
        value={container}
        autoComplete="off"
        onChange={({ target }) => setContainer(target.value)}
      />
    </Slip>
  );
}
