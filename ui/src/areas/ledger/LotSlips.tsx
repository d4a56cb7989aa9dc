import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState, type ReactNode } from "react";
import type { Lot, SentLotFact } from "../../api/types";
import { Field } from "../../parts/Field";
import { useMassWords } from "../../parts/mass";
import { MassField } from "../../parts/MassField";
import { Pick } from "../../parts/Pick";
import { Slip } from "../../parts/Slip";
import { useTaking } from "../../parts/useTaking";

interface AskProps {
  title: string;
  /** Takes it down when all is said, false where this device cannot keep it; null while something lacks. */
  onDone: (() => Promise<boolean>) | null;
  done: string;
  onClose: () => void;
  children: ReactNode;
}

function Ask({ title, onDone, done, onClose, children }: AskProps) {
  const { isTaking, taking } = useTaking();
  const submit = (): void => {
    if (onDone !== null) taking(onDone(), onClose);
  };

  return (
    <Slip
      title={title}
      onClose={onClose}
      onSubmit={submit}
      actions={
        <>
          <Button type="submit" variant="contained" disabled={onDone === null || isTaking}>
            {done}
          </Button>
          <Button onClick={onClose}>Cancel</Button>
        </>
      }
    >
      {children}
    </Slip>
  );
}

interface DivideSlipProps {
  lot: Lot;
  onDivide: (massMg: number, container: string) => Promise<boolean>;
  onClose: () => void;
}

/** Part of a lot into a container of its own, with its own label. */
export function DivideSlip({ lot, onDivide, onClose }: DivideSlipProps) {
  const mass = useMassWords();
  const half = Math.round(lot.on_hand_mg / 2 / 1_000) * 1_000;
  const [massMg, setMassMg] = useState<number | null>(half);
  const [container, setContainer] = useState("");
  const isReady = massMg !== null && massMg > 0 && massMg <= lot.on_hand_mg;

  return (
    <Ask title={`Divide ${lot.title}`} done="Divide" onDone={isReady ? () => onDivide(massMg, container.trim()) : null} onClose={onClose}>
      <MassField label="Into the new container" initialMg={half} hint={`${mass.full(lot.on_hand_mg)} is on hand`} onMass={setMassMg} />
      <Field
        label="What the container is called (may be left empty)"
        value={container}
        autoComplete="off"
        onChange={({ target }) => setContainer(target.value)}
      />
    </Ask>
  );
}

interface PanSlipProps {
  lot: Lot;
  onWeigh: (massMg: number) => Promise<boolean>;
  onClose: () => void;
}

/** The container on the scale, less its own weight: a check that changes no mass. */
export function PanSlip({ lot, onWeigh, onClose }: PanSlipProps) {
  const mass = useMassWords();
  const [massMg, setMassMg] = useState<number | null>(null);

  return (
    <Ask title="Weigh the container" done="Keep it" onDone={massMg === null ? null : () => onWeigh(massMg)} onClose={onClose}>
      <Typography>A check: its pieces weighed {mass.full(lot.mass_mg)} together when it was made. Tare the container first.</Typography>
      <MassField label="The scale says" autoFocus onMass={setMassMg} />
    </Ask>
  );
}

type Treatment = Extract<SentLotFact, { kind: "raw" }>["treatment"];

const treatments: { key: Treatment; title: string }[] = [
  { key: "minus_20_7_days", title: "−20 °C or colder for 7 days" },
  { key: "minus_35_15_hours", title: "−35 °C or colder until solid, and for 15 hours" },
  { key: "exempt", title: "Exempt: the supplier’s letter is kept" },
];

interface RawSlipProps {
  onRecord: (treatment: Treatment, text: string) => Promise<boolean>;
  onClose: () => void;
}

/** Which treatment makes fish fit to be served raw, and where that is written down. */
export function RawSlip({ onRecord, onClose }: RawSlipProps) {
  const [treatment, setTreatment] = useState<Treatment>("minus_20_7_days");
  const [text, setText] = useState("");

  return (
    <Ask
      title="Record for raw service"
      done="Keep the record"
      onDone={text.trim() === "" ? null : () => onRecord(treatment, text.trim())}
      onClose={onClose}
    >
      <Typography>Food Code 3-402.11. Local codes and the school’s own licensed staff decide.</Typography>
      <Pick label="How parasites were destroyed" value={treatment} options={treatments} onPick={setTreatment} />
      <Field label="Where that is written down" value={text} autoComplete="off" onChange={({ target }) => setText(target.value)} />
    </Ask>
  );
}
