import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useSchool, useSchoolChanges } from "../../api/useSchool";
import type { School, SchoolChoice } from "../../api/types";
import { useUser } from "../../api/useSession";
import { Rail } from "../../app/Rail";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { ChoiceRow } from "./ChoiceRow";
import { OwnWords } from "./OwnWords";
import { SchoolIdentity } from "./SchoolIdentity";
import { TimeZone } from "./TimeZone";

/** What the school calls things, what it weighs in, and how it answers the questions on which kitchens differ. */
export function SchoolPage() {
  const school = useSchool();
  if (school.isPending) return <Loading what="the school" />;
  if (school.isLoadingError) return <ProblemNotice problem={school.error} onRetry={() => void school.refetch()} />;

  return <Choices server={school.data} />;
}

const unitChoices: Omit<SchoolChoice, "chosen"> = {
  key: "units",
  title: "Weights",
  reason: "Weights are kept in milligrams; this is how they are said. Whatever is typed with its unit is understood.",
  species: [],
  options: [
    { key: "metric", title: "Grams", reason: null, effects: [] },
    { key: "us", title: "Pounds and ounces", reason: null, effects: [] },
  ],
};

const practiceChoices: Omit<SchoolChoice, "chosen"> = {
  key: "practice",
  title: "Who sees how much a student practises",
  reason: "What is answered and weighed in practice is the student's own either way, and counts for nothing.",
  species: [],
  options: [
    { key: "own", title: "The student alone", reason: "What is watched is not tried.", effects: [] },
    {
      key: "staff",
      title: "Their instructors too",
      reason: "On which days, by which standards and how much; so that homework can be followed up.",
      effects: [],
    },
  ],
};

function Choices({ server }: { server: School }) {
  const { may_choose: mayChoose } = useUser();
  const { school, isBusy, outcome, choose } = useSchoolChanges(server);

  return (
    <Box sx={{ px: 3, py: 2, maxWidth: 1120 }}>
      <Rail area="Standards" steps={[{ label: "Standards", to: "/standards" }, { label: "School" }]} />
      <Typography variant="h1">The school</Typography>
      <Typography sx={{ color: "text.secondary", maxWidth: 720 }}>
        What holds here for every standard that does not say otherwise. A practical keeps what was chosen when it was set up; nothing that
        is graded changes.
      </Typography>
      <Typography role="status" sx={{ minHeight: "1.6em", color: outcome?.isKept === false ? "error.main" : "text.secondary" }}>
        {isBusy ? "Keeping it …" : (outcome?.words ?? "")}
      </Typography>
      <Box component="section" aria-label="Words">
        <Typography variant="h2" sx={{ mt: 1, borderBottom: "2px solid", borderColor: "text.primary", pb: 0.5 }}>
          Words
        </Typography>
        <SchoolIdentity school={school} isFixed={!mayChoose} onChoose={choose} />
        <ChoiceRow
          choice={{ ...unitChoices, chosen: school.units }}
          isFixed={!mayChoose}
          onChoose={(units) => choose({ units: units === "us" ? "us" : "metric" })}
        />
        <TimeZone
          chosen={school.time_zone}
          zones={school.time_zones}
          isFixed={!mayChoose}
          onChoose={(time_zone) => choose({ time_zone })}
        />
        {school.words.map((it) => (
          <ChoiceRow
            key={it.key}
            choice={it}
            isFixed={!mayChoose}
            onChoose={(key) => choose({ words: { [it.key]: byTheBook(it, key) } })}
          />
        ))}
        <OwnWords own={school.own} isFixed={!mayChoose} onSay={(book, said) => choose({ own: { [book]: said } })} />
      </Box>
      <Box component="section" aria-label="Variants of practice">
        <Typography variant="h2" sx={{ mt: 4, borderBottom: "2px solid", borderColor: "text.primary", pb: 0.5 }}>
          Variants of practice
        </Typography>
        {school.variants.map((it) => (
          <ChoiceRow
            key={it.key}
            choice={it}
            isFixed={!mayChoose}
            onChoose={(key) => choose({ variants: { [it.key]: byTheBook(it, key) } })}
          />
        ))}
      </Box>
      <Box component="section" aria-label="Practice">
        <Typography variant="h2" sx={{ mt: 4, borderBottom: "2px solid", borderColor: "text.primary", pb: 0.5 }}>
          Practice
        </Typography>
        <ChoiceRow
          choice={{ ...practiceChoices, chosen: school.practice }}
          isFixed={!mayChoose}
          onChoose={(practice) => choose({ practice: practice === "staff" ? "staff" : "own" })}
        />
      </Box>
      <Typography variant="body2" sx={{ color: "text.secondary", mt: 3 }}>
        Local codes and the school&rsquo;s own licensed staff decide where a choice touches food safety.
      </Typography>
    </Box>
  );
}

/** What the book says is no choice: what it says later holds. */
const byTheBook = (choice: SchoolChoice, key: string): string | null => (key === choice.options[0]?.key ? null : key);
