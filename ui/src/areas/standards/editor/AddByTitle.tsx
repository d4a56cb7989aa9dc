import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { Field } from "../../../parts/Field";

/** A line to name another thing of a draft by. */
export function AddByTitle({ label, onAdd }: { label: string; onAdd: (title: string) => void }) {
  const [title, setTitle] = useState("");

  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        if (title.trim() !== "") onAdd(title.trim());
        setTitle("");
      }}
      sx={{ display: "grid", gridTemplateColumns: "1fr auto", gap: 1, alignItems: "end", my: 2 }}
    >
      <Field label={label} value={title} onChange={(event) => setTitle(event.target.value)} autoComplete="off" />
      <Button type="submit" disabled={title.trim() === ""} aria-label={`Add: ${label.toLowerCase()}`}>
        Add
      </Button>
    </Box>
  );
}
