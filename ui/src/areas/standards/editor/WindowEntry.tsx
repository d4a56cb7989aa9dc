import Button from "@mui/material/Button";
import type { Expected } from "../../../api/types";
import { useMassWords } from "../../../parts/mass";
import { NumberField } from "../../../parts/NumberField";
import { Pick } from "../../../parts/Pick";
import type { Piece } from "./draft";
import { Fields } from "./Entry";

type Window = NonNullable<Piece["window"]>;

interface WindowEntryProps {
  /** Unknown while the carcass cannot be read. */
  expected: Expected | undefined;
  own: Piece["window"];
  usualMg: number | null;
  onWindow: (window: Window | null) => void;
}

/** Where nothing is known of the usual carcass, what a share is turned into a mass by. */
const SOME_CARCASS_MG = 2_000_000;

/** The window of a cut: proposed from the carcass, expected ± 2 standard deviations, until it is written over, as a share or as a mass. */
export function WindowEntry({ expected, own, usualMg, onWindow }: WindowEntryProps) {
  const mass = useMassWords();
  const { basis, low, high } = own ?? { basis: expected?.basis ?? "share", low: expected?.low ?? 0, high: expected?.high ?? 0 };
  const unit = basis === "mass" ? mass.mgPerUnit : 0.01;
  const carcass = usualMg ?? SOME_CARCASS_MG;
  const turn = (to: Window["basis"]): void => {
    if (to === basis) return;
    const by = to === "mass" ? carcass : 1 / carcass;
    onWindow({ basis: to, low: tidy(low * by, to), high: tidy(high * by, to) });
  };

  return (
    <Fields>
      <Pick
        label="Window"
        value={basis}
        options={[
          { key: "share", title: "% of the carcass" },
          { key: "mass", title: mass.unit },
        ]}
        onPick={turn}
      />
      <NumberField label="From" value={low / unit} onNumber={(from) => onWindow({ basis, low: tidy(from * unit, basis), high })} />
      <NumberField label="To" value={high / unit} onNumber={(to) => onWindow({ basis, low, high: tidy(to * unit, basis) })} />
      <Button size="small" disabled={own === undefined} onClick={() => onWindow(null)}>
        As the carcass says
      </Button>
    </Fields>
  );
}

/** Masses are whole mg; shares are kept to a millionth. */
const tidy = (limit: number, basis: Window["basis"]): number => (basis === "mass" ? Math.round(limit) : Math.round(limit * 1e6) / 1e6);
