import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { usePrice, type PriceSaid } from "../../api/useLedger";
import { Field } from "../../parts/Field";
import { NumberField } from "../../parts/NumberField";
import { saidOf } from "../../parts/problems";
import { Slip } from "../../parts/Slip";
import { useToday } from "../../offline/useToday";

interface PriceSlipProps {
  title: string;
  currency: string;
  /** Minor units that make one of the currency. */
  perUnit: number;
  price: PriceSaid;
  onClose: () => void;
}

/** A price, where it was found and when; the one before it is kept. */
export function PriceSlip({ title, currency, perUnit, price, onClose }: PriceSlipProps) {
  const today = useToday();
  const keeping = usePrice();
  const [minor, setMinor] = useState(price.minor);
  const [source, setSource] = useState(price.source);
  const submit = (): void => keeping.mutate({ ...price, minor, source: source.trim(), found_on: today }, { onSuccess: onClose });

  return (
    <Slip
      title={title}
      onClose={onClose}
      onSubmit={submit}
      actions={
        <>
          <Button type="submit" variant="contained" disabled={keeping.isPending}>
            Keep it
          </Button>
          <Button onClick={onClose}>Cancel</Button>
        </>
      }
    >
      <NumberField
        label={`${currency} ${price.product === "wage" ? "an hour" : "a kilogram"}; empty where nobody knows`}
        value={minor === null ? null : minor / perUnit}
        autoFocus
        onNumber={(it) => setMinor(Math.max(0, Math.round(it * perUnit)))}
        onClear={() => setMinor(null)}
      />
      <Field label="Where that was found" value={source} autoComplete="off" onChange={({ target }) => setSource(target.value)} />
      {keeping.isError && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(keeping.error)}
        </Typography>
      )}
    </Slip>
  );
}
