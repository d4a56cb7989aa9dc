import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Policy } from "../../../api/types";
import { Field } from "../../../parts/Field";
import { NumberField } from "../../../parts/NumberField";
import { Pick } from "../../../parts/Pick";
import { Section } from "../../../parts/Section";
import { WholeOrNot } from "../../../parts/WholeOrNot";

interface BandFieldsProps {
  policy: Policy;
  onChange: (policy: Policy) => void;
}

type Band = Policy["bands"][number];
const places = [
  { key: "0", title: "whole points" },
  { key: "1", title: "1 decimal place" },
  { key: "2", title: "2 decimal places" },
];

/** The bands, each from its least total up to the next: so drawn and so written there is no gap and no overlap. */
export function BandFields({ policy, onChange }: BandFieldsProps) {
  const bands = policy.bands;
  const put = (at: number, band: Band): void => onChange({ ...policy, bands: bands.map((it, index) => (index === at ? band : it)) });
  const highest = Math.max(...bands.map((it) => it.min));

  return (
    <Section title="Bands">
      <BandScale bands={bands} />
      {bands.map((it, index) => (
        <Box
          key={index}
          role="group"
          aria-label={it.label}
          sx={{ display: "grid", gridTemplateColumns: "minmax(0, 1fr) minmax(64px, 100px) auto", gap: 1.25, alignItems: "end", py: 0.75 }}
        >
          <Field label="Band" value={it.label} autoComplete="off" onChange={({ target }) => put(index, { ...it, label: target.value })} />
          <NumberField label="From" aria-label={`${it.label}, from`} value={it.min} onNumber={(min) => put(index, { ...it, min })} />
          <Button
            size="small"
            disabled={it.min === 0}
            aria-label={`Take away ${it.label}`}
            onClick={() => onChange({ ...policy, bands: bands.filter((_, other) => other !== index) })}
          >
            Take away
          </Button>
        </Box>
      ))}
      <Box sx={{ display: "flex", gap: 1.25, alignItems: "end", mt: 1 }}>
        <Button
          disabled={highest >= 100}
          onClick={() => onChange({ ...policy, bands: [{ label: "New band", min: Math.round((highest + 100) / 2) }, ...bands] })}
        >
          One more band
        </Button>
        <Pick
          label="Totals are rounded to"
          value={String(policy.places)}
          options={
            places.some((it) => it.key === String(policy.places))
              ? places
              : [...places, { key: String(policy.places), title: `${policy.places} decimal places` }]
          }
          onPick={(key) => onChange({ ...policy, places: Number(key) })}
        />
      </Box>
    </Section>
  );
}

function BandScale({ bands }: { bands: Band[] }) {
  const up = [...bands].sort((a, b) => a.min - b.min);

  return (
    <Box aria-hidden sx={{ display: "flex", border: "2px solid", borderColor: "text.primary", height: 46, mb: 1 }}>
      {up.map((it, index) => {
        const width = (up[index + 1]?.min ?? 100) - it.min;

        return width <= 0 ? null : (
          <Box
            key={it.label}
            sx={{
              flex: `${width} 0 0`,
              minWidth: 0,
              overflow: "hidden",
              px: 0.5,
              borderLeft: index === 0 ? 0 : "2px solid",
              borderColor: "text.primary",
              bgcolor: "background.paper",
              lineHeight: 1.1,
            }}
          >
            <Box sx={{ typography: "figure", fontSize: 16 }}>{it.min}</Box>
            <Box sx={{ typography: "label", fontSize: 15 }}>
              <WholeOrNot>{it.label}</WholeOrNot>
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
