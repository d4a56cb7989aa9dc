import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import type { Group } from "../../api/types";
import { counted } from "../../parts/format";

interface GroupListProps {
  groups: Group[];
  picked: string | null;
  onPick: (group: string | null) => void;
}

/** Groups by course; on top, everybody. */
export function GroupList({ groups, picked, onPick }: GroupListProps) {
  const courses = [...new Set(groups.map((it) => it.course))];

  return (
    <Box component="nav" aria-label="Groups" sx={{ display: "grid", gap: 1.5 }}>
      <Choice
        title="Everybody"
        note={counted(
          groups.reduce((sum, it) => sum + it.students, 0),
          "student",
        )}
        isPicked={picked === null}
        onPick={() => onPick(null)}
      />
      {courses.map((course) => (
        <Box key={course} component="section" aria-label={course === "" ? "Without a course" : course}>
          <Typography variant="h3" component="h2" sx={{ mb: 0.5 }}>
            {course === "" ? "Without a course" : course}
          </Typography>
          {groups
            .filter((it) => it.course === course)
            .map((it) => (
              <Choice
                key={it.id}
                title={[it.name, it.term].filter((word) => word !== "").join(", ")}
                note={counted(it.students, "student")}
                isPicked={picked === it.id}
                onPick={() => onPick(it.id)}
              />
            ))}
        </Box>
      ))}
    </Box>
  );
}

function Choice({ title, note, isPicked, onPick }: { title: string; note: string; isPicked: boolean; onPick: () => void }) {
  return (
    <ButtonBase
      aria-current={isPicked ? "true" : undefined}
      onClick={onPick}
      sx={{
        display: "flex",
        width: "100%",
        justifyContent: "space-between",
        gap: 1,
        minHeight: 44,
        px: 1.5,
        textAlign: "left",
        typography: "label",
        borderLeft: "5px solid",
        borderColor: isPicked ? "text.primary" : "divider",
        bgcolor: isPicked ? "background.paper" : undefined,
        "&:hover": { borderColor: "secondary.main" },
      }}
    >
      <span>{title}</span>
      <Box component="span" sx={{ color: "text.secondary", whiteSpace: "nowrap" }}>
        {note}
      </Box>
    </ButtonBase>
  );
}
