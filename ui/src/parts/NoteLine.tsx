import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState, type FormEvent } from "react";
import { Field } from "./Field";

interface NoteLineProps {
  id?: string;
  /** Whether it was taken down: what this device cannot keep stays on the line. */
  onNote: (text: string) => Promise<boolean>;
}

/** A note in words about a tray. */
export function NoteLine({ id, onNote }: NoteLineProps) {
  const [text, setText] = useState("");
  const submit = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    if (text.trim() === "") return;
    setText("");
    // What was begun meanwhile stands as it is.
    if (!(await onNote(text.trim()))) setText((now) => (now === "" ? text : now));
  };

  return (
    <Box
      component="form"
      onSubmit={(event) => void submit(event)}
      sx={{ display: "grid", gridTemplateColumns: "1fr auto", gap: 1, alignItems: "end" }}
    >
      <Field
        label="Note"
        {...(id !== undefined && { id })}
        value={text}
        autoComplete="off"
        onChange={({ target }) => setText(target.value)}
      />
      {/* Not switched off where the line is empty: the focus would be nowhere after each note, and the next key not heard. */}
      <Button type="submit">Add</Button>
    </Box>
  );
}
