import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState, type FormEvent } from "react";
import type { Trends } from "../../api/types";
import { useUser } from "../../api/useSession";
import { useNoteDay, useTakeBackDayNote } from "../../api/useTrends";
import { Field } from "../../parts/Field";
import { dayInFull } from "../../parts/format";
import { saidOf } from "../../parts/problems";
import { Section } from "../../parts/Section";
import { letter } from "./ControlPicture";

/** What changed at the school, and when: each a letter in the pictures. */
export function DayNotes({ trends: { notes } }: { trends: Trends }) {
  const { may_set_terms: mayWrite } = useUser();
  const takeBack = useTakeBackDayNote();

  return (
    <Section title="What changed">
      {notes.length === 0 && <Typography>Nothing is written down.</Typography>}
      <Box component="ul" aria-label="What changed" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {notes.map((it, index) => (
          <Box component="li" key={it.id} sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1.5, py: 0.5 }}>
            <Typography variant="figure" sx={{ color: "secondary.main", minWidth: 20 }}>
              {letter(index)}
            </Typography>
            <Typography sx={{ flex: 1, minWidth: 200 }}>
              {dayInFull(it.on)}: {it.text}
            </Typography>
            {mayWrite && (
              <Button
                size="small"
                sx={{ minHeight: 48 }}
                disabled={takeBack.isPending}
                onClick={() => takeBack.mutate(it.id)}
                aria-label={`Take it back: ${it.text}`}
              >
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
      {mayWrite && <WriteNote />}
    </Section>
  );
}

function WriteNote() {
  const note = useNoteDay();
  const [on, setOn] = useState("");
  const [text, setText] = useState("");
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    note.mutate(
      { on, text: text.trim() },
      {
        onSuccess: () => {
          setOn("");
          setText("");
        },
      },
    );
  };

  return (
    <Box
      component="form"
      aria-label="Write down what changed"
      onSubmit={submit}
      sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "190px minmax(0, 1fr) auto" }, gap: 1.5, alignItems: "end", mt: 1.5 }}
    >
      <Field label="On" type="date" value={on} onChange={({ target }) => setOn(target.value)} />
      <Field
        label="What changed"
        placeholder="Birds from another supplier"
        value={text}
        autoComplete="off"
        inputProps={{ maxLength: 120 }}
        problem={saidOf(note.error)}
        onChange={({ target }) => setText(target.value)}
      />
      <Button type="submit" disabled={on === "" || text.trim() === "" || note.isPending} sx={{ minHeight: 48 }}>
        Write it down
      </Button>
    </Box>
  );
}
