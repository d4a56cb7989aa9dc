import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useSchool } from "../../../api/useSchool";
import { Pick } from "../../../parts/Pick";
import { dropped, type Draft } from "./draft";
import { Fields } from "./Entry";

const AS_THE_SCHOOL = "";

/** Where the standard holds to a school of its own, whatever the school does. */
export function DraftVariants({ draft, onChange }: { draft: Draft; onChange: (draft: Draft) => void }) {
  const { data: school } = useSchool();
  const own = draft.schools ?? {};
  const asked = (school?.variants ?? []).filter((it) => it.species.length === 0 || it.species.includes(draft.species ?? ""));
  const choose = (question: string, school: string): void => {
    const schools = school === AS_THE_SCHOOL ? dropped(own, question) : { ...own, [question]: school };
    onChange(Object.keys(schools).length === 0 ? dropped(draft, "schools") : { ...draft, schools });
  };

  return (
    <Box role="group" aria-label="Variants of practice">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Variants of practice
      </Typography>
      <Fields least={240}>
        {asked.map((question) => (
          <Pick
            key={question.key}
            label={question.title}
            value={own[question.key] ?? AS_THE_SCHOOL}
            options={[
              {
                key: AS_THE_SCHOOL,
                title: `As the school: ${question.options.find((it) => it.key === question.chosen)?.title ?? question.chosen}`,
              },
              ...question.options.map((it) => ({ key: it.key, title: it.title })),
            ]}
            onPick={(school) => choose(question.key, school)}
          />
        ))}
      </Fields>
    </Box>
  );
}
