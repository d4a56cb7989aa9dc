import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import type { Group, IssuedCode } from "../../api/types";
import { useGroupCodes, useRoster } from "../../api/useRoster";
import { Rail } from "../../app/Rail";
import { CodeSlip } from "../../parts/CodeSlip";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { saidOf } from "../../parts/problems";
import { GroupList } from "./GroupList";
import { GroupSlip } from "./GroupSlip";
import { StudentList } from "./StudentList";
import { StudentSlip } from "./StudentSlip";

/** The groups of the school and their students. */
export function Roster() {
  const roster = useRoster();
  const codes = useGroupCodes();
  const [picked, setPicked] = useState<string | null>(null);
  const [slip, setSlip] = useState<"group" | "new group" | "student" | null>(null);
  const [issued, setIssued] = useState<IssuedCode[] | null>(null);
  if (roster.isPending) return <Loading what="the roster" />;
  if (roster.isLoadingError) return <ProblemNotice problem={roster.error} onRetry={() => void roster.refetch()} />;
  const { groups, products } = roster.data;
  const group: Group | undefined = groups.find((it) => it.id === picked);

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2 }}>
      <Rail area="Roster" />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1, mb: 2 }}>
        <Typography variant="h1" sx={{ flex: { xs: "1 1 100%", md: 1 } }}>
          Roster
        </Typography>
        <Button component="a" href={`/api/v1/roster.csv${group === undefined ? "" : `?group=${group.id}`}`} download>
          Export CSV
        </Button>
        <Button component="a" href={`/api/v1/roster.zip${group === undefined ? "" : `?group=${group.id}`}`} download>
          Export OneRoster
        </Button>
        <Button onClick={() => setSlip("new group")}>New group</Button>
        {groups.length > 0 && <Button onClick={() => setSlip("student")}>Add a student</Button>}
        <Button component={Link} to="/roster/import" variant="contained">
          Bring in a file
        </Button>
      </Box>
      {groups.length === 0 ? (
        <Notice
          title="Nobody is on the roster yet"
          action={
            <Button component={Link} to="/roster/import" variant="contained">
              Bring in a file
            </Button>
          }
        >
          A CSV file, cells pasted from a spreadsheet, or a OneRoster zip. Or make a group and add its students by hand.
        </Notice>
      ) : (
        <Box
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "1fr", md: "270px minmax(0, 1fr)" },
            columnGap: 4,
            rowGap: 3,
            alignItems: "start",
          }}
        >
          <GroupList groups={groups} picked={picked} onPick={setPicked} />
          <Box component="section" aria-label={group === undefined ? "Everybody" : group.name} sx={{ minWidth: 0 }}>
            <Box
              sx={{
                display: "flex",
                flexWrap: "wrap",
                alignItems: "center",
                gap: 1,
                borderBottom: "2px solid",
                borderColor: "text.primary",
                pb: 0.75,
              }}
            >
              <Typography variant="h2" sx={{ flex: 1, minWidth: 160 }}>
                {group === undefined ? "Everybody" : [group.course, group.name, group.term].filter((it) => it !== "").join(", ")}
              </Typography>
              {group !== undefined && (
                <>
                  <Button size="small" component={Link} to={`/roster/${group.id}/practice`}>
                    Practice
                  </Button>
                  <Button size="small" onClick={() => setSlip("group")}>
                    Change the group
                  </Button>
                  <Button size="small" disabled={codes.isPending} onClick={() => codes.mutate(group.id, { onSuccess: setIssued })}>
                    Codes for the group
                  </Button>
                </>
              )}
            </Box>
            {codes.error !== null && (
              <Typography role="alert" sx={{ color: "error.main" }}>
                {saidOf(codes.error)}
              </Typography>
            )}
            <StudentList key={picked} group={picked} groups={groups} products={products} />
          </Box>
        </Box>
      )}
      {slip === "group" && group !== undefined && <GroupSlip group={group} onClose={() => setSlip(null)} />}
      {slip === "new group" && <GroupSlip group={null} onClose={() => setSlip(null)} />}
      {slip === "student" && (
        <StudentSlip
          student={null}
          groups={groups}
          products={products}
          inGroup={picked ?? groups[0]?.id ?? ""}
          onClose={() => setSlip(null)}
        />
      )}
      {issued !== null &&
        (issued.length === 0 ? (
          <CodeSlip title="Everybody in this group has a password already" codes={[]} onClose={() => setIssued(null)} />
        ) : (
          <CodeSlip title={`Codes for ${group?.name ?? "the group"}`} codes={issued} onClose={() => setIssued(null)} />
        ))}
    </Box>
  );
}
