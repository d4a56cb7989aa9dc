import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import type { Group, Student } from "../../api/types";
import { useKeepStudent, type StudentSent } from "../../api/useRoster";
import { Field } from "../../parts/Field";
import { Pick } from "../../parts/Pick";
import { saidOf, saidOfPath } from "../../parts/problems";
import { Slip } from "../../parts/Slip";
import { Toggle } from "../../parts/Toggle";
import { toggled } from "../../parts/toggled";
import { Allowances } from "./Allowances";

interface StudentSlipProps {
  /** Null for one who is to be added. */
  student: Student | null;
  groups: Group[];
  /** Classes of product an allergy can bar. */
  products: string[];
  inGroup: string;
  onClose: () => void;
}

/** A student: who they are, in which group, what they may not touch, what they work under. */
export function StudentSlip({ student, groups, products, inGroup, onClose }: StudentSlipProps) {
  const keep = useKeepStudent(student?.id ?? null);
  const [says, setSays] = useState({
    name: student?.name ?? "",
    number: student?.number ?? "",
    email: student?.email ?? "",
    group: inGroup,
    barred: student?.barred ?? [],
  });
  const [isAllowing, setAllowing] = useState(false);
  const changed: StudentSent =
    student === null
      ? says
      : {
          ...(says.name.trim() !== student.name && { name: says.name.trim() }),
          ...(says.number.trim() !== (student.number ?? "") && { number: says.number.trim() }),
          ...(says.email.trim() !== (student.email ?? "") && { email: says.email.trim() }),
          ...(says.group !== student.group && { group: says.group }),
          ...(says.barred.join() !== student.barred.join() && { barred: says.barred }),
        };
  const field = (key: "name" | "number" | "email") => ({
    value: says[key],
    problem: saidOfPath(keep.error, key),
    onChange: ({ target }: { target: { value: string } }) => setSays({ ...says, [key]: target.value }),
  });
  const isPlaced = ["name", "number", "email"].some((key) => saidOfPath(keep.error, key) !== undefined);

  return (
    <Slip
      title={student?.name ?? "A new student"}
      onClose={onClose}
      onSubmit={() => (Object.keys(changed).length === 0 ? onClose() : keep.mutate(changed, { onSuccess: onClose }))}
      actions={
        <>
          <Button onClick={onClose}>Close</Button>
          {student !== null && (
            <>
              <Button component={Link} to={`/look-back/students/${student.id}`}>
                Over the course
              </Button>
              <Button component="a" href={`/api/v1/students/${student.id}/record.pdf`} target="_blank">
                Results, PDF
              </Button>
              <Button component="a" href={`/api/v1/students/${student.id}/record.csv`} download>
                CSV
              </Button>
            </>
          )}
          <Button type="submit" variant="contained" disabled={keep.isPending || isAllowing}>
            {student === null ? "Add" : "Change"}
          </Button>
          {student !== null && (
            <Button sx={{ ml: "auto" }} disabled={keep.isPending} onClick={() => keep.mutate({ left: student.left_at === null })}>
              {student.left_at === null ? "Has left" : "Is back"}
            </Button>
          )}
        </>
      }
    >
      <Field label="Name" required autoFocus={student === null} {...field("name")} />
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 2 }}>
        <Field label="Number" {...field("number")} />
        <Field label="E-mail" type="email" {...field("email")} />
      </Box>
      <Pick
        label="Group"
        value={says.group}
        options={groups.map((it) => ({ key: it.id, title: [it.course, it.name, it.term].filter((word) => word !== "").join(", ") }))}
        onPick={(group) => setSays({ ...says, group })}
      />
      <Box role="group" aria-label="Must not touch">
        <Typography variant="label" component="p" sx={{ mb: 0.5 }}>
          Must not touch (allergy)
        </Typography>
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
          {products.map((product) => (
            <Toggle
              key={product}
              isOn={says.barred.includes(product)}
              onToggle={() => setSays((now) => ({ ...now, barred: toggled(now.barred, product) }))}
            >
              {product}
            </Toggle>
          ))}
        </Box>
      </Box>
      {student !== null && <Allowances student={student} isWriting={isAllowing} onWriting={setAllowing} />}
      {isAllowing && <Typography variant="body2">An allowance is being written: allow it or leave it, then change the rest.</Typography>}
      {keep.error !== null && !isPlaced && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(keep.error)}
        </Typography>
      )}
    </Slip>
  );
}
