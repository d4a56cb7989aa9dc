import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Brief, BriefDocument } from "../../api/types";
import { useMissedTries, type BriefKeeping } from "../../api/useBriefs";
import { useRoster, useStudents, useStudentsOf } from "../../api/useRoster";
import { Field } from "../../parts/Field";
import { counted, day } from "../../parts/format";
import { Pick } from "../../parts/Pick";
import { saidOf } from "../../parts/problems";
import { Assessors } from "./Assessors";
import { Section } from "../../parts/Section";

interface BriefPart {
  document: BriefDocument;
  brief: Brief;
  onChange: BriefKeeping["change"];
}

/** Who works, in the order of stations, and who marks them. */
export function WhoSection({ document, brief, onChange }: BriefPart) {
  const roster = useRoster();
  const [at, setAt] = useState("0");
  const list = Math.min(Number(at), document.lists.length - 1);
  const put = (how: (students: string[]) => string[]): void =>
    onChange((before) => ({
      ...before,
      lists: before.lists.map((it, index) => (index === list ? { ...it, students: how(it.students) } : it)),
    }));
  const add = (added: string[]): void =>
    onChange((before) => {
      const taken = new Set(before.lists.flatMap((it) => it.students));
      const fresh = added.filter((it) => !taken.has(it));

      return { ...before, lists: before.lists.map((it, index) => (index === list ? { ...it, students: [...it.students, ...fresh] } : it)) };
    });

  const wholeGroup = useStudentsOf((found) => add(found.map((it) => it.id)));
  const resit = (student: string, isResit: boolean): void =>
    onChange((before) => ({
      ...before,
      lists: before.lists.map((it) => {
        const others = (it.resits ?? []).filter((other) => other !== student);

        return { ...it, resits: isResit && it.students.includes(student) ? [...others, student] : others };
      }),
    }));

  return (
    <Section title="Who">
      {document.lists.length > 1 && (
        <Pick
          label="List"
          value={String(list)}
          options={document.lists.map((_, index) => ({ key: String(index), title: brief.lists[index]?.title ?? `List ${index + 1}` }))}
          onPick={setAt}
        />
      )}
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "minmax(0, 1fr) minmax(0, 1fr)" },
          gap: 1.25,
          alignItems: "end",
        }}
      >
        <Pick
          label="A whole group"
          value=""
          options={[
            { key: "", title: "choose one" },
            ...(roster.data?.groups ?? []).map((it) => ({
              key: it.id,
              title: `${[it.course, it.name, it.term].filter((part) => part !== "").join(", ")}, ${counted(it.students, "student")}`,
            })),
          ]}
          onPick={(group) => {
            if (group !== "") wholeGroup.mutate(group);
          }}
        />
        <AddStudent onAdd={(student) => add([student])} />
      </Box>
      {wholeGroup.error !== null && (
        <Typography role="alert" sx={{ color: "error.main", mt: 0.5 }}>
          The group was not added. {saidOf(wholeGroup.error)}
        </Typography>
      )}
      <Missed
        taken={document.lists.flatMap((it) => it.students)}
        onAdd={(student, isResit) => {
          add([student]);
          if (isResit) resit(student, true);
        }}
      />
      <StudentRows document={document} brief={brief} list={list} onPut={put} onResit={resit} />
      <Assessors document={document} brief={brief} onChange={onChange} />
    </Section>
  );
}

interface MissedProps {
  taken: string[];
  onAdd: (student: string, isResit: boolean) => void;
}

/** Who missed an earlier practical: taken on as a first try, or as a resit, which the policy may cap. */
function Missed({ taken, onAdd }: MissedProps) {
  const open = (useMissedTries().data ?? []).filter((it) => !taken.includes(it.student));
  if (open.length === 0) return null;

  return (
    <Box component="details" sx={{ mt: 1 }}>
      <Typography component="summary" variant="label" sx={{ cursor: "pointer", minHeight: 36, alignContent: "center" }}>
        {counted(open.length, "student")} missed an earlier practical
      </Typography>
      <Box component="ul" aria-label="Missed an earlier practical" sx={{ listStyle: "none", m: 0, p: 0 }}>
        {open.map((it) => (
          <Box
            component="li"
            key={`${it.student} ${it.held_on}`}
            sx={{
              display: "flex",
              flexWrap: "wrap",
              alignItems: "center",
              gap: 1,
              borderTop: "1px solid",
              borderColor: "divider",
              py: 0.5,
            }}
          >
            <Typography variant="label" sx={{ flex: 1, minWidth: 200 }}>
              {it.name}
              <Box component="span" sx={{ display: "block", fontSize: 14.5, color: "text.secondary" }}>
                {it.practical}, {day(it.held_on)}
              </Box>
            </Typography>
            <Button size="small" aria-label={`${it.name}, first try`} onClick={() => onAdd(it.student, false)}>
              First try
            </Button>
            <Button size="small" aria-label={`${it.name}, resit`} onClick={() => onAdd(it.student, true)}>
              Resit
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** One student, found by name or number. */
function AddStudent({ onAdd }: { onAdd: (student: string) => void }) {
  const [search, setSearch] = useState("");
  const found = useStudents({ search: search.trim(), group: null, hasLeft: false, page: 1 });
  // Who matched what was written before is not offered for what is written now.
  const shown = search.trim() === "" || found.isPlaceholderData ? [] : (found.data?.students ?? []).slice(0, 4);

  return (
    <Box sx={{ position: "relative" }}>
      <Field
        label="A student"
        type="search"
        placeholder="part of the name"
        value={search}
        autoComplete="off"
        onChange={({ target }) => setSearch(target.value)}
      />
      {shown.length > 0 && (
        <Box
          component="ul"
          aria-label="Students found"
          sx={{
            listStyle: "none",
            m: 0,
            p: 0,
            position: "absolute",
            zIndex: 2,
            left: 0,
            right: 0,
            bgcolor: "background.paper",
            border: "2px solid",
            borderColor: "text.primary",
          }}
        >
          {shown.map((it) => (
            <li key={it.id}>
              <Button
                fullWidth
                variant="text"
                sx={{ justifyContent: "flex-start", textAlign: "left" }}
                onClick={() => {
                  onAdd(it.id);
                  setSearch("");
                }}
              >
                {it.name}, {it.group_name}
              </Button>
            </li>
          ))}
        </Box>
      )}
    </Box>
  );
}

interface StudentRowsProps {
  document: BriefDocument;
  brief: Brief;
  list: number;
  onPut: (how: (students: string[]) => string[]) => void;
  onResit: (student: string, isResit: boolean) => void;
}

const needWords: Record<string, string> = {
  stool: "stool",
  reader: "reader",
  large_print: "large print",
  supervised: "a knife only under supervision",
  other: "allowance",
  more_time: "more time",
};

function StudentRows({ document, brief, list, onPut, onResit }: StudentRowsProps) {
  const chosen = document.lists[list]?.students ?? [];
  const resits = new Set(document.lists[list]?.resits);
  const known = new Map((brief.lists[list]?.students ?? []).map((it) => [it.id, it]));
  const moveUp = (student: string): void =>
    onPut((students) => {
      const at = students.indexOf(student);

      return at < 1 ? students : [...students.slice(0, at - 1), student, ...students.slice(at - 1, at), ...students.slice(at + 1)];
    });

  return (
    <Box component="ol" aria-label="Students" sx={{ listStyle: "none", m: 0, mt: 1.25, p: 0, columns: { lg: 2 }, columnGap: 3 }}>
      {chosen.map((id, index) => {
        const student = known.get(id);

        return (
          <Box
            component="li"
            key={id}
            sx={{
              display: "grid",
              gridTemplateColumns: "30px minmax(0, 1fr) auto",
              alignItems: "center",
              gap: 0.5,
              borderBottom: "1px solid",
              borderColor: "divider",
              breakInside: "avoid",
            }}
          >
            <Typography variant="figure" sx={{ fontSize: 18 }}>
              {student?.station ?? ""}
            </Typography>
            <Typography variant="label" sx={{ overflowWrap: "anywhere", lineHeight: 1.15 }}>
              {student?.name ?? "…"}
              {student?.pan != null && (
                <Box component="span" sx={{ color: "text.secondary" }}>{`, pan ${student.pan.pan} ${student.pan.zone}`}</Box>
              )}
              {student !== undefined && (student.needs.length > 0 || student.is_barred) && (
                <Box component="span" sx={{ display: "block", fontSize: 14.5, color: student.is_barred ? "error.main" : "text.secondary" }}>
                  {[...student.needs.map((it) => needWords[it] ?? it), ...(student.is_barred ? ["allergy: not to handle it"] : [])].join(
                    ", ",
                  )}
                </Box>
              )}
            </Typography>
            <Box sx={{ whiteSpace: "nowrap" }}>
              <Button
                size="small"
                aria-pressed={resits.has(id)}
                aria-label={`${student?.name ?? "Student"}: resit`}
                onClick={() => onResit(id, !resits.has(id))}
                sx={{
                  minWidth: 36,
                  px: 0.75,
                  ...(resits.has(id) && { bgcolor: "text.primary", color: "background.paper", "&:hover": { bgcolor: "text.primary" } }),
                }}
              >
                resit
              </Button>
              <Button
                size="small"
                disabled={index === 0}
                aria-label={`${student?.name ?? "Student"} one station down`}
                onClick={() => moveUp(id)}
                sx={{ minWidth: 36, px: 0 }}
              >
                ↑
              </Button>
              <Button
                size="small"
                aria-label={`Take ${student?.name ?? "student"} off`}
                onClick={() => onPut((students) => students.filter((it) => it !== id))}
                sx={{ minWidth: 36, px: 0 }}
              >
                ×
              </Button>
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
