import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useMassWords } from "../../../parts/mass";
import { shareOf } from "../../../parts/format";
import { NumberField } from "../../../parts/NumberField";
import { Toggle } from "../../../parts/Toggle";
import { dropped, type Draft } from "./draft";
import { AllowanceFields } from "./AllowanceFields";
import { DraftCheckpoints } from "./DraftCheckpoints";
import { DraftMatches } from "./DraftMatches";
import { DraftVariants } from "./DraftVariants";
import { Fields } from "./Entry";

interface DraftRulesProps {
  draft: Draft;
  onChange: (draft: Draft) => void;
}

const usual = {
  time: { standard_ms: 1_500_000, limit_ms: 2_100_000 },
  frame: { clean_mg: 10_000, limit_mg: 42_700 },
  yield: { floor: 0.55, target: 0.65 },
};

/** Time, scrape, yield, what weighs alike, stops on the way, schools of its own. */
export function DraftRules({ draft, onChange }: DraftRulesProps) {
  const mass = useMassWords();
  const { time, frame, yield: target } = draft;

  return (
    <Box component="section" aria-label="Rules of the draft" sx={{ display: "grid", gap: 2.5 }}>
      <Rule
        title="Time"
        isOn={time !== null}
        word="counts"
        onToggle={() => onChange({ ...draft, time: time === null ? usual.time : null })}
      >
        {time !== null && <AllowanceFields what="Time" allowance={time} onChange={(it) => onChange({ ...draft, time: it })} />}
      </Rule>
      <Rule
        title="Scrape"
        isOn={frame !== null}
        word="is weighed"
        onToggle={() => onChange({ ...draft, frame: frame === null ? usual.frame : null })}
      >
        {frame !== null && (
          <Fields>
            <NumberField
              label={`Scrape clean to, ${mass.unit}`}
              value={frame.clean_mg / mass.mgPerUnit}
              onNumber={(it) => onChange({ ...draft, frame: { ...frame, clean_mg: Math.round(it * mass.mgPerUnit) } })}
            />
            <NumberField
              label={`Scrape limit, ${mass.unit}`}
              value={frame.limit_mg / mass.mgPerUnit}
              onNumber={(it) => onChange({ ...draft, frame: { ...frame, limit_mg: Math.round(it * mass.mgPerUnit) } })}
            />
          </Fields>
        )}
      </Rule>
      <Rule
        title="Portion yield"
        isOn={target !== null}
        word="counts"
        onToggle={() => onChange(target === null ? dropped(draft, "yield") : { ...draft, yield: null })}
      >
        {target !== null && (
          <Fields>
            <Toggle
              isOn={target !== undefined}
              onToggle={() => onChange(target === undefined ? { ...draft, yield: usual.yield } : dropped(draft, "yield"))}
            >
              {target === undefined ? "As the policy says" : "A target of its own"}
            </Toggle>
            {target !== undefined && (
              <>
                <NumberField
                  label="Nothing at, % of AP"
                  value={100 * target.floor}
                  onNumber={(it) => onChange({ ...draft, yield: { ...target, floor: shareOf(it) } })}
                />
                <NumberField
                  label="Full at, % of AP"
                  value={100 * target.target}
                  onNumber={(it) => onChange({ ...draft, yield: { ...target, target: shareOf(it) } })}
                />
              </>
            )}
          </Fields>
        )}
      </Rule>
      <DraftMatches draft={draft} onChange={onChange} />
      <DraftCheckpoints draft={draft} onChange={onChange} />
      <DraftVariants draft={draft} onChange={onChange} />
    </Box>
  );
}

interface RuleProps {
  title: string;
  isOn: boolean;
  word: string;
  onToggle: () => void;
  children: React.ReactNode;
}

function Rule({ title, isOn, word, onToggle, children }: RuleProps) {
  return (
    <Box role="group" aria-label={title}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1.5, mb: 1 }}>
        <Typography variant="h2" sx={{ minWidth: 160 }}>
          {title}
        </Typography>
        <Toggle isOn={isOn} onToggle={onToggle}>
          {isOn ? word : "left out"}
        </Toggle>
      </Box>
      {children}
    </Box>
  );
}
