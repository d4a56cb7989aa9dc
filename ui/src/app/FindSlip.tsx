import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useEffect, useState, type KeyboardEvent } from "react";
import { useNavigate } from "react-router";
import type { Found } from "../api/types";
import { useFind } from "../api/useFind";
import { Field } from "../parts/Field";
import { saidOf } from "../parts/problems";
import { Slip } from "../parts/Slip";

const addressOf = ({ kind, id }: Found): string =>
  ({ practical: `/sheet/${id}`, student: `/verdict/${id}`, standard: `/standards/${id}` })[kind];

const titles: Record<Found["kind"], string> = { practical: "Practicals", student: "Students, at their latest tray", standard: "Standards" };

/** Finds a practical, a student, a standard: type, then Enter for the first, or the arrows for another. */
export function FindSlip({ onClose }: { onClose: () => void }) {
  const navigate = useNavigate();
  const [text, setText] = useState("");
  const [chosen, setChosen] = useState(0);
  /** Enter was pressed before it was found. */
  const [isMeant, setMeant] = useState(false);
  const words = text.trim();
  const found = useFind(words);
  // Until it is answered, what is shown was found for fewer letters: the first of it is not what is meant.
  const isOpen = words !== "" && (found.isPending || found.isPlaceholderData);
  const list = words === "" ? [] : (found.data ?? []);
  const open = (it: Found | undefined): void => {
    if (it === undefined) return;
    onClose();
    void navigate(addressOf(it));
  };
  const [first] = list;
  useEffect(() => {
    if (!isMeant || isOpen || first === undefined) return;
    onClose();
    void navigate(addressOf(first));
  }, [isMeant, isOpen, first, onClose, navigate]);
  const move = (event: KeyboardEvent): void => {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (step === undefined || list.length === 0) return;
    event.preventDefault();
    setChosen((chosen + step + list.length) % list.length);
  };

  return (
    <Slip
      title="Find"
      onClose={onClose}
      onSubmit={() => (isOpen ? setMeant(true) : open(list[chosen]))}
      actions={
        <>
          <Button type="submit" variant="contained" disabled={!isOpen && list.length === 0}>
            Open
          </Button>
          <Button onClick={onClose}>Close</Button>
        </>
      }
    >
      <Box onKeyDown={move}>
        <Field
          label="Practical, student or standard"
          type="search"
          autoFocus
          autoComplete="off"
          value={text}
          problem={saidOf(found.error)}
          onChange={({ target }) => {
            setText(target.value);
            setChosen(0);
            setMeant(false);
          }}
          inputProps={{ maxLength: 100 }}
        />
      </Box>
      <Box aria-label="Found" role="group" sx={{ display: "grid", gap: 1.5 }}>
        {(Object.keys(titles) as Found["kind"][]).map((kind) => (
          <Kind key={kind} title={titles[kind]} list={list} of={kind} chosen={chosen} onOpen={open} />
        ))}
      </Box>
      <Typography role="status" sx={{ color: "text.secondary", minHeight: "1.4em" }}>
        {words !== "" && found.isSuccess && !isOpen && list.length === 0 && `Nothing is called “${words}”.`}
      </Typography>
    </Slip>
  );
}

interface KindProps {
  title: string;
  list: Found[];
  of: Found["kind"];
  chosen: number;
  onOpen: (found: Found) => void;
}

function Kind({ title, list, of, chosen, onOpen }: KindProps) {
  if (!list.some((it) => it.kind === of)) return null;

  return (
    <Box component="section" aria-label={title}>
      <Typography variant="caption" component="h3" sx={{ color: "text.secondary" }}>
        {title}
      </Typography>
      {list.map(
        (it, index) =>
          it.kind === of && (
            <ButtonBase
              key={it.id}
              aria-current={index === chosen ? "true" : undefined}
              onClick={() => onOpen(it)}
              sx={{
                display: "flex",
                width: "100%",
                justifyContent: "space-between",
                gap: 2,
                minHeight: 44,
                px: 1.25,
                textAlign: "left",
                typography: "label",
                borderLeft: "5px solid",
                borderColor: index === chosen ? "text.primary" : "transparent",
                bgcolor: index === chosen ? "background.default" : undefined,
                "&:hover": { bgcolor: "background.default" },
              }}
            >
              <span>{it.title}</span>
              <Box component="span" sx={{ color: "text.secondary" }}>
                {it.note}
              </Box>
            </ButtonBase>
          ),
      )}
    </Box>
  );
}
