import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Group, Student } from "../../api/types";
import { useStudents } from "../../api/useRoster";
import { Field } from "../../parts/Field";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { Toggle } from "../../parts/Toggle";
import { counted } from "../../parts/format";
import { StudentSlip } from "./StudentSlip";
import { allowanceWords } from "./allowances";

interface StudentListProps {
  group: string | null;
  groups: Group[];
  products: string[];
}

/** Students, found by name, number or address, page by page. */
export function StudentList({ group, groups, products }: StudentListProps) {
  const [search, setSearch] = useState("");
  const [hasLeft, setHasLeft] = useState(false);
  const [page, setPage] = useState(1);
  const [open, setOpen] = useState<Student | null>(null);
  const found = useStudents({ search: search.trim(), group, hasLeft, page });
  if (found.isPending) return <Loading what="the students" />;
  if (found.isLoadingError) return <ProblemNotice problem={found.error} onRetry={() => void found.refetch()} />;
  const { students, count, a_page: aPage } = found.data;
  const pages = Math.max(1, Math.ceil(count / aPage));
  const current = students.find((it) => it.id === open?.id) ?? open;

  return (
    <>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1, my: 1 }}>
        <Field
          label="Find"
          type="search"
          value={search}
          onChange={({ target }) => {
            setSearch(target.value);
            setPage(1);
          }}
          sx={{ flex: "1 1 220px", maxWidth: 420 }}
        />
        <Toggle
          isOn={hasLeft}
          onToggle={() => {
            setHasLeft(!hasLeft);
            setPage(1);
          }}
        >
          Who left
        </Toggle>
        <Typography role="status" variant="label" sx={{ color: "text.secondary", py: 1 }}>
          {counted(count, "student")}
        </Typography>
      </Box>
      <Box component="ul" aria-label="Students" sx={{ listStyle: "none", m: 0, p: 0 }}>
        {students.map((it) => (
          <Box
            component="li"
            key={it.id}
            sx={{
              display: "grid",
              gridTemplateColumns: { xs: "minmax(0, 1fr) auto", sm: "90px minmax(0, 1fr) minmax(0, 1fr) auto" },
              alignItems: "center",
              columnGap: 2,
              py: 0.5,
              borderBottom: "1px solid",
              borderColor: "divider",
            }}
          >
            <Typography variant="figure" sx={{ fontWeight: 500, display: { xs: "none", sm: "block" } }}>
              {it.number ?? ""}
            </Typography>
            <Box sx={{ minWidth: 0 }}>
              <Typography variant="label" component="p" sx={{ overflowWrap: "anywhere" }}>
                {it.name}
              </Typography>
              <Typography variant="caption" sx={{ color: "text.secondary" }}>
                {[group === null ? it.group_name : "", it.has_account ? "" : "does not sign in"].filter((word) => word !== "").join("; ")}
              </Typography>
            </Box>
            <Typography variant="body2" sx={{ display: { xs: "none", sm: "block" }, overflowWrap: "anywhere" }}>
              {[...it.barred.map((product) => `no ${product}`), ...it.accommodations.map(allowanceWords)].join("; ")}
            </Typography>
            <Button size="small" aria-label={`Open ${it.name}`} onClick={() => setOpen(it)}>
              Open
            </Button>
          </Box>
        ))}
      </Box>
      {students.length === 0 && (
        <Typography sx={{ py: 2, color: "text.secondary" }}>
          {search === "" ? (hasLeft ? "Nobody has left." : "Nobody is in it yet.") : `Nobody here matches “${search}”.`}
        </Typography>
      )}
      {pages > 1 && (
        <Box component="nav" aria-label="Pages" sx={{ display: "flex", alignItems: "center", gap: 1, mt: 1.5 }}>
          <Button size="small" disabled={page === 1} onClick={() => setPage(page - 1)}>
            Before
          </Button>
          <Typography variant="label">
            Page {page} of {pages}
          </Typography>
          <Button size="small" disabled={page >= pages} onClick={() => setPage(page + 1)}>
            After
          </Button>
        </Box>
      )}
      {current !== null && open !== null && (
        <StudentSlip student={current} groups={groups} products={products} inGroup={current.group} onClose={() => setOpen(null)} />
      )}
    </>
  );
}
