import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Group } from "../../api/types";
import { useKeepGroup } from "../../api/useRoster";
import { Field } from "../../parts/Field";
import { saidOf, saidOfPath } from "../../parts/problems";
import { Slip } from "../../parts/Slip";

/** A group: its course, its name, its term. */
export function GroupSlip({ group, onClose }: { group: Group | null; onClose: () => void }) {
  const keep = useKeepGroup(group?.id ?? null);
  const [says, setSays] = useState({
    course: group?.course ?? "",
    name: group?.name ?? "",
    term: group?.term ?? "",
    starts_on: group?.starts_on ?? "",
    ends_on: group?.ends_on ?? "",
  });
  const field = (key: keyof typeof says) => ({
    value: says[key],
    problem: saidOfPath(keep.error, key),
    onChange: ({ target }: { target: { value: string } }) => setSays({ ...says, [key]: target.value }),
  });
  const isPlaced = Object.keys(says).some((key) => saidOfPath(keep.error, key) !== undefined);

  return (
    <Slip
      title={group === null ? "A new group" : group.name}
      onClose={onClose}
      onSubmit={() => keep.mutate({ ...says, starts_on: says.starts_on || null, ends_on: says.ends_on || null }, { onSuccess: onClose })}
      actions={
        <>
          <Button onClick={onClose}>Not now</Button>
          <Button type="submit" variant="contained" disabled={keep.isPending}>
            {group === null ? "Make it" : "Change it"}
          </Button>
        </>
      }
    >
      <Field label="Course" autoFocus {...field("course")} />
      <Field label="Name of the group" required {...field("name")} />
      <Field label="Term" hint="Such as spring 2027; may stay empty." {...field("term")} />
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "minmax(0, 1fr) minmax(0, 1fr)" }, gap: 2 }}>
        <Field label="From" type="date" {...field("starts_on")} />
        <Field label="Until" type="date" {...field("ends_on")} />
      </Box>
      {keep.error !== null && !isPlaced && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(keep.error)}
        </Typography>
      )}
    </Slip>
  );
}
