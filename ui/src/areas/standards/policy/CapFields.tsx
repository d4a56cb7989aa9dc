import Box from "@mui/material/Box";
import type { Policy } from "../../../api/types";
import { NumberField } from "../../../parts/NumberField";
import { Toggle } from "../../../parts/Toggle";
import { Section } from "../../../parts/Section";

type Cap = Policy["caps"][number];
const causes: { when: Cap["when"]; title: string; usual: number }[] = [
  { when: "critical", title: "After a critical fault", usual: 59 },
  { when: "resit", title: "At a resit", usual: 60 },
  { when: "over_limit", title: "Past the time limit", usual: 70 },
];

/** What a total is at most where something has happened. */
export function CapFields({ policy, onChange }: { policy: Policy; onChange: (policy: Policy) => void }) {
  const put = (when: Cap["when"], max: number | null): void => {
    const kept = causes.flatMap(({ when: cause }) => {
      const there = policy.caps.find((it) => it.when === cause);
      if (cause !== when) return there === undefined ? [] : [there];

      return max === null ? [] : [{ ...there, when, max }];
    });
    onChange({ ...policy, caps: kept });
  };

  return (
    <Section title="Caps">
      {causes.map(({ when, title, usual }) => {
        const cap = policy.caps.find((it) => it.when === when);

        return (
          <Box
            key={when}
            sx={{ display: "grid", gridTemplateColumns: "minmax(0, 1fr) 120px", gap: 1.25, alignItems: "end", minHeight: 72, pb: 1 }}
          >
            <Box>
              <Toggle isOn={cap !== undefined} onToggle={() => put(when, cap === undefined ? usual : null)}>
                {title}
              </Toggle>
            </Box>
            {cap !== undefined && (
              <NumberField label="at most" aria-label={`${title}, at most`} value={cap.max} onNumber={(max) => put(when, max)} />
            )}
          </Box>
        );
      })}
    </Section>
  );
}
