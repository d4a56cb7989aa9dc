import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { Policy } from "../../../api/types";
import { NumberField } from "../../../parts/NumberField";
import { percent, shareOf } from "../../../parts/format";
import { AddByTitle } from "../editor/AddByTitle";
import { isJudged, judgedComponent, settingOf, settingsOf, wholeWeight, withSetting, type PolicyComponent } from "./policy";
import { Section } from "../../../parts/Section";
import { WeightBar } from "./WeightBar";

interface ComponentFieldsProps {
  policy: Policy;
  /** The policy in force in the words of the school, for its titles. */
  said: Policy;
  onChange: (policy: Policy) => void;
}

/** What the grade is made of: each component with its weight, its share of the whole and its own figures. */
export function ComponentFields({ policy, said, onChange }: ComponentFieldsProps) {
  const whole = wholeWeight(policy);
  const titleOf = (it: PolicyComponent): string => said.components.find((other) => other.id === it.id)?.title ?? it.title ?? it.id;
  const put = (component: PolicyComponent): void =>
    onChange({ ...policy, components: policy.components.map((it) => (it.id === component.id ? component : it)) });

  return (
    <Section title="What the grade is made of">
      <WeightBar components={policy.components.map((it) => ({ id: it.id, title: titleOf(it), weight: it.weight }))} />
      {policy.components.map((it) => (
        <Box
          key={it.id}
          role="group"
          aria-label={titleOf(it)}
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "minmax(0, 1fr) 84px 60px", sm: "minmax(110px, 1fr) minmax(0, 300px) 84px 60px" },
            columnGap: 1.5,
            alignItems: "center",
            py: 0.75,
            borderBottom: "1px solid",
            borderColor: "divider",
          }}
        >
          <Typography variant="h3" component="p" sx={{ fontSize: "1.1rem" }}>
            {titleOf(it)}
          </Typography>
          <Box
            sx={{
              display: "grid",
              gridTemplateColumns: "repeat(auto-fit, minmax(96px, 140px))",
              justifyContent: { sm: "end" },
              gap: 1.25,
              gridColumn: { xs: "1 / -1", sm: "auto" },
              order: { xs: 1, sm: 0 },
            }}
          >
            {settingsOf(it).map(({ key, label, times }) => (
              <NumberField
                key={key}
                label={label}
                aria-label={`${titleOf(it)}: ${label}`}
                value={settingOf(it, key) * times}
                onNumber={(value) => put(withSetting(it, key, times === 100 ? shareOf(value) : value / times))}
              />
            ))}
          </Box>
          <NumberField
            label="Weight"
            aria-label={`Weight of ${titleOf(it)}`}
            value={it.weight}
            onNumber={(weight) => put({ ...it, weight })}
          />
          <Typography variant="figure" sx={{ textAlign: "right", fontSize: 20, alignSelf: "end", pb: 1 }}>
            {whole > 0 ? percent(it.weight / whole, 1) : "–"}
          </Typography>
          {isJudged(it) && it.weight === 0 && (
            <Box sx={{ gridColumn: "1 / -1", pt: 0.5 }}>
              <Button
                size="small"
                onClick={() => onChange({ ...policy, components: policy.components.filter((other) => other.id !== it.id) })}
                aria-label={`Take away ${titleOf(it)}`}
              >
                Take away
              </Button>
            </Box>
          )}
        </Box>
      ))}
      <AddByTitle
        label="One more that is judged by looking"
        onAdd={(title) => {
          const component = judgedComponent(title, policy);
          if (component !== null) onChange({ ...policy, components: [...policy.components, component] });
        }}
      />
    </Section>
  );
}
