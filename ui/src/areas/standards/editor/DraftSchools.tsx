import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useHouse } from "../../../api/useHouse";
import { Pick } from "../../../parts/Pick";
import { dropped, type Draft } from "./draft";
import { Fields } from "./Entry";

const AS_THE_HOUSE = "";

/** Where the standard holds to a school of its own, whatever the house does. */
export function DraftSchools({ draft, onChange }: { draft: Draft; onChange: (draft: Draft) => void }) {
  const { data: house } = useHouse();
  const own = draft.schools ?? {};
  const asked = (house?.schools ?? []).filter((it) => it.species.length === 0 || it.species.includes(draft.species ?? ""));
  const choose = (question: string, school: string): void => {
    const schools = school === AS_THE_HOUSE ? dropped(own, question) : { ...own, [question]: school };
    onChange(Object.keys(schools).length === 0 ? dropped(draft, "schools") : { ...draft, schools });
  };

  return (
    <Box role="group" aria-label="Schools of practice">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Schools of practice
      </Typography>
      <Fields least={240}>
        {asked.map((question) => (
          <Pick
            key={question.key}
            label={question.title}
            value={own[question.key] ?? AS_THE_HOUSE}
            options={[
              {
                key: AS_THE_HOUSE,
                title: `As the house: ${question.options.find((it) => it.key === question.chosen)?.title ?? question.chosen}`,
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
