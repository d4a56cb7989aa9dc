import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import type { Needs, UntimedLotFact } from "../../api/types";
import { Field } from "../../parts/Field";
import { counted, lowerFirst } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { MassField } from "../../parts/MassField";
import { NumberField } from "../../parts/NumberField";
import { Pick } from "../../parts/Pick";
import { Slip } from "../../parts/Slip";
import { useTaking } from "../../parts/useTaking";
import { daysAfter } from "../../parts/weeks";

interface NeedSlipProps {
  needs: Needs;
  /** False where this device cannot keep it. */
  onAsk: (words: string, facts: UntimedLotFact[]) => Promise<boolean>;
  onClose: () => void;
}

const USUAL_PIECES = 12;
const MOST_PIECES = 10_000;

const ways = [
  { key: "pieces", title: "So many pieces" },
  { key: "mass", title: "So much" },
] as const;

const goals = [
  { key: "practical", title: "A class" },
  { key: "service", title: "Service" },
] as const;

/** What somebody will need, how much of it, when and what for. */
export function NeedSlip({ needs, onAsk, onClose }: NeedSlipProps) {
  const mass = useMassWords();
  const options = needs.products.map((it, index) => ({ key: String(index), title: `${it.title}, ${lowerFirst(it.species)}` }));
  const [picked, setPicked] = useState("0");
  const [way, setWay] = useState<"pieces" | "mass">("pieces");
  const [pieces, setPieces] = useState(USUAL_PIECES);
  const [massMg, setMassMg] = useState<number | null>(null);
  const [on, setOn] = useState(() => daysAfter(needs.date, 1));
  const [to, setTo] = useState<"practical" | "service">("practical");
  const [text, setText] = useState("");
  const { isTaking, taking } = useTaking();
  const of = needs.products[Number(picked)];
  const amount = way === "pieces" ? { pieces } : massMg === null || massMg === 0 ? null : { mass_mg: massMg };
  const isReady = of !== undefined && amount !== null && on >= needs.date && text.trim() !== "";
  const submit = (): void => {
    if (of === undefined || amount === null || !isReady) return;
    const words = "pieces" in amount ? counted(amount.pieces, "piece") : mass.full(amount.mass_mg);
    taking(
      onAsk(`${of.title}, ${words}, for ${text.trim()}`, [
        { kind: "need", species: of.species, product: of.product, title: of.marked, ...amount, on, to, text: text.trim() },
      ]),
      onClose,
    );
  };

  return (
    <Slip
      title="Ask for something"
      width="md"
      onClose={onClose}
      onSubmit={submit}
      actions={
        <>
          <Button type="submit" variant="contained" disabled={!isReady || isTaking}>
            Ask for it
          </Button>
          <Button onClick={onClose}>Cancel</Button>
        </>
      }
    >
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "2fr 1fr 1fr" }, gap: 2, alignItems: "start" }}>
        <Pick label="Of what" value={picked} options={options} onPick={setPicked} />
        <Pick label="Counted or weighed" value={way} options={[...ways]} onPick={setWay} />
        {way === "pieces" ? (
          <NumberField
            label="Pieces"
            value={pieces}
            places={0}
            onNumber={(it) => setPieces(Math.min(MOST_PIECES, Math.max(1, Math.round(it))))}
          />
        ) : (
          <MassField label="How much" onMass={setMassMg} />
        )}
        <Field label="For which class or menu" value={text} autoComplete="off" onChange={({ target }) => setText(target.value)} />
        <Pick label="Where it goes" value={to} options={[...goals]} onPick={setTo} />
        <Field
          label="On which day"
          type="date"
          value={on}
          problem={on !== "" && on < needs.date ? "That day is over" : undefined}
          onChange={({ target }) => setOn(target.value)}
        />
      </Box>
    </Slip>
  );
}
