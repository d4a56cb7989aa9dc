import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Brief, BriefDocument } from "../../api/types";
import type { BriefKeeping } from "../../api/useBriefs";
import { Field } from "../../parts/Field";
import { Pick } from "../../parts/Pick";
import { readStations, stationsInWords } from "../../parts/stations";
import { Toggle } from "../../parts/Toggle";

interface AssessorsProps {
  document: BriefDocument;
  brief: Brief;
  onChange: BriefKeeping["change"];
}

/** Who marks which stations, and who does not assess whom. */
export function Assessors({ document, brief, onChange }: AssessorsProps) {
  const nameOf = (id: string): string => brief.staff.find((it) => it.id === id)?.name ?? "";
  const students = brief.lists.flatMap((it) => it.students);
  const [kin, setKin] = useState({ person: "", student: "" });
  const put = (at: number, part: Partial<BriefDocument["assessors"][number]>): void =>
    onChange((before) => ({ ...before, assessors: before.assessors.map((it, index) => (index === at ? { ...it, ...part } : it)) }));
  const last = Math.max(0, ...students.map((it) => it.station));

  return (
    <Box sx={{ mt: 2 }}>
      <Typography variant="h3">Who marks</Typography>
      {document.assessors.map((it, index) => (
        <Box
          key={index}
          role="group"
          aria-label={nameOf(it.person)}
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "minmax(0, 1fr) auto", sm: "minmax(0, 1fr) minmax(90px, 150px) auto auto" },
            gap: 1,
            alignItems: "end",
            py: 0.5,
          }}
        >
          <Typography variant="label" sx={{ pb: 1.5 }}>
            {nameOf(it.person)}
          </Typography>
          <StationsField stations={it.stations} onStations={(stations) => put(index, { stations })} />
          <Toggle isOn={it.is_second} onToggle={() => put(index, { is_second: !it.is_second })}>
            {it.is_second ? "second" : "first"}
          </Toggle>
          <Button
            size="small"
            aria-label={`Take ${nameOf(it.person)} off`}
            onClick={() => onChange((before) => ({ ...before, assessors: before.assessors.filter((_, other) => other !== index) }))}
          >
            ×
          </Button>
        </Box>
      ))}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.25, alignItems: "end" }}>
        <Pick
          label="One more who marks"
          value=""
          options={[{ key: "", title: "choose somebody" }, ...brief.staff.map((it) => ({ key: it.id, title: it.name }))]}
          onPick={(person) => {
            if (person === "") return;
            const stations = Array.from({ length: last }, (_, index) => index + 1);
            onChange((before) => ({
              ...before,
              assessors: [...before.assessors, { person, is_second: before.assessors.length > 0, stations }],
            }));
          }}
        />
      </Box>
      <Typography variant="h3" sx={{ mt: 1.5 }}>
        Who does not assess whom
      </Typography>
      {document.not_by.map((it, index) => (
        <Box key={`${it.person} ${it.student}`} sx={{ display: "flex", alignItems: "center", gap: 1 }}>
          <Typography variant="label">
            {nameOf(it.person)} not {students.find((other) => other.id === it.student)?.name ?? "a student who is not on a list"}
          </Typography>
          <Button
            size="small"
            aria-label={`${nameOf(it.person)} may assess them again`}
            onClick={() => onChange((before) => ({ ...before, not_by: before.not_by.filter((_, other) => other !== index) }))}
          >
            ×
          </Button>
        </Box>
      ))}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.25, alignItems: "end" }}>
        <Pick
          label="Assessor"
          value={kin.person}
          options={[{ key: "", title: "choose" }, ...brief.staff.map((it) => ({ key: it.id, title: it.name }))]}
          onPick={(person) => setKin({ ...kin, person })}
        />
        <Pick
          label="does not assess"
          value={kin.student}
          options={[{ key: "", title: "choose" }, ...students.map((it) => ({ key: it.id, title: it.name }))]}
          onPick={(student) => setKin({ ...kin, student })}
        />
        <Button
          disabled={kin.person === "" || kin.student === ""}
          onClick={() => {
            if (!document.not_by.some((it) => it.person === kin.person && it.student === kin.student))
              onChange((before) => ({ ...before, not_by: [...before.not_by, kin] }));
            setKin({ person: "", student: "" });
          }}
        >
          Note it
        </Button>
      </Box>
    </Box>
  );
}

/** Station numbers as one writes them; what cannot be read stands until it can. */
function StationsField({ stations, onStations }: { stations: number[]; onStations: (stations: number[]) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const isWrong = typed !== null && readStations(typed) === null;

  return (
    <Field
      label="Stations"
      value={typed ?? stationsInWords(stations)}
      autoComplete="off"
      problem={isWrong ? "such as 1–6, 9" : undefined}
      onChange={({ target }) => {
        setTyped(target.value);
        const read = readStations(target.value);
        if (read !== null) onStations(read);
      }}
      onBlur={() => !isWrong && setTyped(null)}
    />
  );
}
