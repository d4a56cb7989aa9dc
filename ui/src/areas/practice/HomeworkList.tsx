import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState, type FormEvent } from "react";
import type { GroupPractice, Homework } from "../../api/types";
import { usePracticeShelf } from "../../api/usePractice";
import { useSetHomework, useTakeBackHomework } from "../../api/useGroupPractice";
import { useUser } from "../../api/useSession";
import { Field } from "../../parts/Field";
import { day } from "../../parts/format";
import { OneOf } from "../../parts/OneOf";
import { Pick } from "../../parts/Pick";
import { saidOf } from "../../parts/problems";
import { Section } from "../../parts/Section";
import { drillWords } from "./drills";

interface HomeworkListProps {
  group: string;
  practice: GroupPractice;
}

/** What a group is to practise, and by when; who teaches it sets it here. */
export function HomeworkList({ group, practice: { homework, lost, size, days } }: HomeworkListProps) {
  const { may_capture: maySet } = useUser();
  const takeBack = useTakeBackHomework(group);

  return (
    <Section title="Homework">
      {homework.length === 0 && <Typography sx={{ mb: 2 }}>Nothing is set.</Typography>}
      <Box component="ul" aria-label="Set" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {homework.map((it) => (
          <Box
            component="li"
            key={it.id}
            sx={{
              display: "flex",
              flexWrap: "wrap",
              alignItems: "center",
              gap: 1.5,
              py: 1,
              borderBottom: "1px solid",
              borderColor: "divider",
            }}
          >
            <Box sx={{ flex: 1, minWidth: 200 }}>
              <Typography sx={{ fontWeight: 700 }}>
                {drillWords[it.kind]}: {it.title}
              </Typography>
              <Typography sx={{ color: "text.secondary" }}>
                by {day(it.until)}
                {it.done !== null && `, done by ${it.done} of ${size}`}
              </Typography>
              {it.note !== "" && <Typography>{it.note}</Typography>}
            </Box>
            {maySet && (
              <Button size="small" sx={{ minHeight: 48 }} disabled={takeBack.isPending} onClick={() => takeBack.mutate(it.id)}>
                Take it back
              </Button>
            )}
          </Box>
        ))}
      </Box>
      {takeBack.isError && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(takeBack.error)}
        </Typography>
      )}
      {maySet && <SetHomework group={group} first={lost[0]?.standard} today={days.at(-1) ?? ""} />}
    </Section>
  );
}

const kinds = (Object.keys(drillWords) as Homework["kind"][]).map((key) => ({ key, title: drillWords[key] }));

/** What the group lost most at is offered first. */
function SetHomework({ group, first, today }: { group: string; first: string | undefined; today: string }) {
  const shelf = usePracticeShelf();
  const set = useSetHomework(group);
  const items = shelf.data?.items ?? [];
  const [standard, setStandard] = useState<string | null>(null);
  const [kind, setKind] = useState<Homework["kind"]>("questions");
  const [until, setUntil] = useState("");
  const [note, setNote] = useState("");
  const chosen = standard ?? items.find((it) => it.id === first)?.id ?? items[0]?.id ?? "";
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    set.mutate(
      { standard: chosen, kind, until, note },
      {
        onSuccess: () => {
          setUntil("");
          setNote("");
        },
      },
    );
  };
  if (items.length === 0) return null;

  return (
    <Box component="form" aria-label="Set homework" onSubmit={submit} sx={{ display: "grid", gap: 1.5, mt: 2 }}>
      <OneOf label="What to do" chosen={kind} options={kinds} onChoose={setKind} />
      <Pick label="By which standard" value={chosen} options={items.map((it) => ({ key: it.id, title: it.title }))} onPick={setStandard} />
      <Field
        label="By"
        type="date"
        value={until}
        inputProps={{ min: today }}
        problem={saidOf(set.error)}
        onChange={({ target }) => setUntil(target.value)}
      />
      <Field
        label="To say with it, if anything"
        value={note}
        autoComplete="off"
        inputProps={{ maxLength: 500 }}
        onChange={({ target }) => setNote(target.value)}
      />
      <Button type="submit" variant="contained" disabled={until === "" || set.isPending}>
        Set it for the group
      </Button>
    </Box>
  );
}
