import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Brief, BriefDocument } from "../../api/types";
import type { BriefKeeping } from "../../api/useBriefs";
import { Field } from "../../parts/Field";
import { shareOf } from "../../parts/format";
import { NumberField } from "../../parts/NumberField";
import { Pick } from "../../parts/Pick";
import { Toggle } from "../../parts/Toggle";
import { useMassWords } from "../../parts/mass";
import { minorPerUnit, moneyWords } from "../../parts/money";
import { useTimeWords } from "../../parts/times";
import { Section } from "../../parts/Section";
import { Fields } from "./Fields";

interface BriefPart {
  document: BriefDocument;
  brief: Brief;
  onChange: BriefKeeping["change"];
}

const pans = [
  { key: "1", title: "own tray" },
  { key: "2", title: "pan for 2" },
  { key: "3", title: "pan for 3" },
  { key: "4", title: "pan for 4" },
];

type Order = BriefDocument["lists"][number]["order"];

/** What to buy, for each list, and what it costs. */
export function OrderSection({ document, brief, onChange }: BriefPart) {
  const mass = useMassWords();
  const put = (at: number, part: Partial<Order>): void =>
    onChange((before) => ({
      ...before,
      lists: before.lists.map((it, index) => (index === at ? { ...it, order: { ...it.order, ...part } } : it)),
    }));

  return (
    <Section title="With what">
      {document.lists.map((list, index) => (
        <OrderFields
          key={index}
          order={list.order}
          list={brief.lists[index]}
          currency={brief.currency}
          onPut={(part) => put(index, part)}
          perPan={list.per_pan ?? 1}
          onPerPan={(per_pan) =>
            onChange((before) => ({ ...before, lists: before.lists.map((it, at) => (at === index ? { ...it, per_pan } : it)) }))
          }
        />
      ))}
      {brief.lists.length > 1 && brief.cost_minor !== null && (
        <Typography sx={{ mt: 1 }}>
          In all {mass.bulk(brief.mass_mg)}, {moneyWords(brief.cost_minor, brief.currency)}.
        </Typography>
      )}
      {brief.stocks.length > 0 && (
        <Box component="ul" aria-label="Stock from the bones" sx={{ m: 0, pl: 2.5 }}>
          {brief.stocks.map((it) => (
            <Typography component="li" key={it}>
              {it}
            </Typography>
          ))}
        </Box>
      )}
    </Section>
  );
}

interface OrderFieldsProps {
  order: Order;
  list: Brief["lists"][number] | undefined;
  currency: string;
  onPut: (part: Partial<Order>) => void;
  /** How many present on one pan. */
  perPan: number;
  onPerPan: (perPan: number) => void;
}

function OrderFields({ order, list, currency, onPut, perPan, onPerPan }: OrderFieldsProps) {
  const mass = useMassWords();
  const { dayOf, timeOfDay } = useTimeWords();
  // For what a price will be, before one is written.
  const [perUnpriced, setPerUnpriced] = useState<"kg" | "each">("kg");
  const per = order.price?.per ?? perUnpriced;
  const bought = list?.order ?? null;
  const title = list?.title ?? "No standard yet";

  return (
    <Box role="group" aria-label={`Order for ${title}`} sx={{ mb: 2 }}>
      <Typography variant="h3">{title}</Typography>
      <Field
        label="As the supplier is asked"
        placeholder="grade, size, air- or water-chilled, head and feet, giblets"
        value={order.specification}
        autoComplete="off"
        onChange={({ target }) => onPut({ specification: target.value })}
        sx={{ mb: 1.25 }}
      />
      <Fields least={104}>
        <NumberField label="On hand" places={0} value={order.on_hand} onNumber={(it) => onPut({ on_hand: Math.max(0, Math.round(it)) })} />
        <NumberField
          label="To spare, %"
          places={1}
          value={100 * order.spare_fraction}
          onNumber={(it) => onPut({ spare_fraction: shareOf(it) })}
        />
        <NumberField
          label="but at least"
          places={0}
          value={order.spare_at_least}
          onNumber={(it) => onPut({ spare_at_least: Math.max(0, Math.round(it)) })}
        />
        <NumberField
          label="In a case"
          places={0}
          value={order.per_case}
          onNumber={(it) => onPut({ per_case: Math.max(1, Math.round(it)) })}
        />
        <NumberField
          label={`One weighs, ${mass.unit}`}
          places={1}
          value={order.typical_mg === null ? null : order.typical_mg / mass.mgPerUnit}
          placeholder={bought === null ? "" : String(Math.round(bought.typical_mg / mass.mgPerUnit))}
          onNumber={(it) => it > 0 && onPut({ typical_mg: Math.round(it * mass.mgPerUnit) })}
          onClear={() => onPut({ typical_mg: null })}
        />
        <NumberField
          label={`Price, ${currency}`}
          value={order.price === null ? null : order.price.minor / minorPerUnit(currency)}
          onNumber={(it) => it >= 0 && onPut({ price: { per, minor: Math.round(it * minorPerUnit(currency)) } })}
          onClear={() => onPut({ price: null })}
        />
        <Pick
          label="per"
          value={per}
          options={[
            { key: "kg", title: "kilogram" },
            { key: "each", title: "carcass" },
          ]}
          onPick={(key) => {
            setPerUnpriced(key);
            if (order.price !== null) onPut({ price: { ...order.price, per: key } });
          }}
        />
        <Toggle isOn={order.is_frozen} onToggle={() => onPut({ is_frozen: !order.is_frozen })}>
          {order.is_frozen ? "frozen" : "fresh"}
        </Toggle>
        <Pick label="Presented on" value={String(perPan)} options={pans} onPick={(key) => onPerPan(Number(key))} />
      </Fields>
      {bought !== null && (
        <Typography sx={{ mt: 1 }} data-testid="order">
          {bought.needed} needed with spares, {bought.to_buy} to buy: {bought.cases === 1 ? "1 case" : `${bought.cases} cases`},{" "}
          {bought.ordered} carcasses, about {mass.bulk(bought.mass_mg)}
          {bought.cost_minor !== null && `, ${moneyWords(bought.cost_minor, currency)}`}
          {bought.cost_per_student_minor !== null && ` (${moneyWords(bought.cost_per_student_minor, currency)} a student)`}.
          {bought.thaw_from !== null &&
            ` Into the refrigerator to thaw by ${dayOf(bought.thaw_from)}, ${timeOfDay(bought.thaw_from).slice(0, 5)}.`}
        </Typography>
      )}
    </Box>
  );
}
