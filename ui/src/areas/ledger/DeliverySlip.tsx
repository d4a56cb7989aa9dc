import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useDeliver } from "../../api/useLedger";
import type { Cost } from "../../api/types";
import { Field } from "../../parts/Field";
import { MassField } from "../../parts/MassField";
import { minorPerUnit } from "../../parts/money";
import { NumberField } from "../../parts/NumberField";
import { saidOf } from "../../parts/problems";
import { Slip } from "../../parts/Slip";

/** How the carcasses of a class were delivered: from whom, how many, what they weighed and cost. */
export function DeliverySlip({ cost, onClose }: { cost: Cost; onClose: () => void }) {
  const deliver = useDeliver(cost.assessment);
  const unit = minorPerUnit(cost.currency);
  const [supplier, setSupplier] = useState(cost.delivery?.supplier ?? "");
  const [invoice, setInvoice] = useState(cost.delivery?.invoice ?? "");
  const [pieces, setPieces] = useState(cost.delivery?.pieces ?? cost.trays);
  const [massMg, setMassMg] = useState<number | null>(cost.delivery?.mass_mg ?? cost.ap_mg);
  const [minor, setMinor] = useState(cost.delivery?.cost_minor ?? 0);
  const isReady = massMg !== null && massMg > 0 && minor >= 0;
  const submit = (): void => {
    if (!isReady) return;
    deliver.mutate(
      { supplier: supplier.trim(), invoice: invoice.trim(), pieces, mass_mg: massMg, cost_minor: minor },
      { onSuccess: onClose },
    );
  };

  return (
    <Slip
      title="Delivery"
      onClose={onClose}
      onSubmit={submit}
      actions={
        <>
          <Button type="submit" variant="contained" disabled={!isReady || deliver.isPending}>
            Keep it
          </Button>
          <Button onClick={onClose}>Cancel</Button>
        </>
      }
    >
      <Field label="Supplier" value={supplier} autoComplete="off" autoFocus onChange={({ target }) => setSupplier(target.value)} />
      <Field label="Invoice" value={invoice} autoComplete="off" onChange={({ target }) => setInvoice(target.value)} />
      <NumberField label="Pieces" value={pieces} places={0} onNumber={(it) => setPieces(Math.max(0, Math.round(it)))} />
      <MassField label="Weight on the invoice" initialMg={massMg ?? 0} onMass={setMassMg} />
      <NumberField label={`Cost, ${cost.currency}`} value={minor / unit} onNumber={(it) => setMinor(Math.max(0, Math.round(it * unit)))} />
      {deliver.isError && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(deliver.error)}
        </Typography>
      )}
    </Slip>
  );
}
