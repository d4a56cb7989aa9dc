import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { School } from "../../api/types";
import { Field } from "../../parts/Field";

interface OwnWordsProps {
  own: School["own"];
  isFixed: boolean;
  /** Null takes a word back. */
  onSay: (book: string, said: string | null) => void;
}

/** Words of the school's own for words of the book: whatever is not among those offered above. */
export function OwnWords({ own, isFixed, onSay }: OwnWordsProps) {
  const [book, setBook] = useState("");
  const [school, setSchool] = useState("");
  const isTaken = own.some((it) => it.book === book.trim().toLowerCase());
  const isWritten = book.trim() !== "" && school.trim() !== "" && !isTaken;

  return (
    <Box
      role="group"
      aria-label="Words of our own"
      sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: "260px minmax(0, 1fr)" }, columnGap: 3, rowGap: 0.5, py: 1.5 }}
    >
      <Typography variant="h3" sx={{ fontSize: "1.1rem" }}>
        Words of our own
      </Typography>
      <Box sx={{ display: "grid", gap: 1 }}>
        {own.map((it) => (
          <Box key={it.book} sx={{ display: "flex", alignItems: "center", gap: 1.5 }}>
            <Typography sx={{ flex: 1, minWidth: 0 }}>
              <Box component="span" sx={{ color: "secondary.main" }}>
                {it.book}
              </Box>{" "}
              is called <strong>{it.school}</strong>
            </Typography>
            {!isFixed && (
              <Button size="small" onClick={() => onSay(it.book, null)} aria-label={`Say ${it.book} again`}>
                By the book again
              </Button>
            )}
          </Box>
        ))}
        {!isFixed && (
          <Box
            component="form"
            onSubmit={(event) => {
              event.preventDefault();
              if (!isWritten) return;
              onSay(book.trim().toLowerCase(), school.trim());
              setBook("");
              setSchool("");
            }}
            sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr auto" }, gap: 1.5, alignItems: "start" }}
          >
            <Field
              label="The book says"
              placeholder="drumette"
              value={book}
              onChange={({ target }) => setBook(target.value)}
              autoComplete="off"
              problem={isTaken ? "This word has one of your own already." : undefined}
            />
            <Field label="We say" value={school} onChange={({ target }) => setSchool(target.value)} autoComplete="off" />
            <Button type="submit" disabled={!isWritten} sx={{ mt: "28px" }}>
              Say it so
            </Button>
          </Box>
        )}
        <Typography variant="body2">
          Words that a standard marks, {"{like this}"}; write the plural as a word of its own. It goes before what is chosen above. Names,
          notes, identifiers and exported files stay as they are.
        </Typography>
      </Box>
    </Box>
  );
}
