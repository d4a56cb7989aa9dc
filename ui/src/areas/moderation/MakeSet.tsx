import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { v7 as uuid } from "uuid";
import { useMakeStandardisingSet } from "../../api/useStandardising";
import type { Moderation } from "../../api/types";
import { Field } from "../../parts/Field";
import { counted } from "../../parts/format";
import { Notice } from "../../parts/Notice";
import { saidOf } from "../../parts/problems";
import { Toggle } from "../../parts/Toggle";
import { toggled } from "../../parts/toggled";

const LEAST = 3;
const MOST = 6;

/** Released trays of this class, chosen for assessors to judge alone before an exam. */
export function MakeSet({ moderation }: { moderation: Moderation }) {
  const navigate = useNavigate();
  const make = useMakeStandardisingSet();
  const [id] = useState(() => uuid());
  const [title, setTitle] = useState(`${moderation.title}, before the exam`);
  const [chosen, setChosen] = useState<string[]>([]);
  const released = moderation.rows.filter((it) => it.release !== null && !it.is_hidden);
  const isReady = chosen.length >= LEAST && chosen.length <= MOST && title.trim() !== "";
  if (released.length < LEAST)
    return (
      <Notice
        title="Nothing to choose from yet"
        action={
          <Button component={Link} to="/standardising">
            Standardising sets
          </Button>
        }
      >
        A set is made of {LEAST} to {MOST} released trays of one practical.
      </Notice>
    );

  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        if (isReady)
          make.mutate({ id, title: title.trim(), attempts: chosen }, { onSuccess: (made) => void navigate(`/standardising/${made.id}`) });
      }}
    >
      <Typography sx={{ mb: 1, maxWidth: "75ch" }}>
        Choose {LEAST} to {MOST} trays. Everybody judges them alone from weights, photographs and notes; names, stations, bands and what was
        given are taken away, and so is a note that names its student. Then all look at them together.
      </Typography>
      <Field
        label="What the set is called"
        value={title}
        autoComplete="off"
        sx={{ maxWidth: 480, mb: 1.5 }}
        onChange={({ target }) => setTitle(target.value)}
      />
      <Box role="group" aria-label="Trays" sx={{ display: "flex", flexWrap: "wrap", gap: 1, mb: 1.5 }}>
        {released.map((it) => {
          const isOn = chosen.includes(it.attempt);

          return (
            <Toggle
              key={it.attempt}
              isOn={isOn}
              disabled={!isOn && chosen.length === MOST}
              onToggle={() => setChosen((now) => toggled(now, it.attempt))}
            >
              {it.station} {it.student}
              {it.band !== null && `, ${it.band}`}
            </Toggle>
          );
        })}
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center" }}>
        <Button type="submit" variant="contained" disabled={!isReady || make.isPending}>
          Make a set of {counted(chosen.length, "tray")}
        </Button>
        <Button component={Link} to="/standardising">
          Standardising sets
        </Button>
        {make.error !== null && (
          <Typography role="alert" sx={{ color: "error.main" }}>
            {saidOf(make.error)}
          </Typography>
        )}
      </Box>
    </Box>
  );
}
