import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useRef, useState, type ChangeEvent } from "react";
import { useNavigate } from "react-router";
import { Problem } from "../../api/problem";
import { readDocument } from "../../api/readDocument";
import type { Standard } from "../../api/types";
import { usePublishStandard } from "../../api/useStandards";
import { saidOf } from "../../parts/problems";
import { Slip } from "../../parts/Slip";

/** Takes in a standard from a file: it becomes the next version of its key, or every mistake in it is named. */
export function ImportStandard() {
  const publish = usePublishStandard();
  const navigate = useNavigate();
  const input = useRef<HTMLInputElement>(null);
  const [unreadable, setUnreadable] = useState<Error | null>(null);
  const problem = unreadable ?? publish.error;
  const close = (): void => {
    setUnreadable(null);
    publish.reset();
  };
  const choose = ({ target }: ChangeEvent<HTMLInputElement>): void => {
    const file = target.files?.[0];
    target.value = "";
    if (file === undefined) return;
    setUnreadable(null);
    readDocument<Standard>(file).then(
      (document) => publish.mutate({ document, basedOn: null }, { onSuccess: ({ item }) => void navigate(`/standards/${item.id}`) }),
      (problem: Error) => setUnreadable(problem),
    );
  };

  return (
    <>
      <input ref={input} type="file" accept=".json,application/json" aria-label="Standard file" hidden onChange={choose} />
      <Button disabled={publish.isPending} onClick={() => input.current?.click()}>
        {publish.isPending ? "Reading …" : "Import JSON"}
      </Button>
      {problem !== null && <Refusal problem={problem} onClose={close} />}
    </>
  );
}

function Refusal({ problem, onClose }: { problem: Error; onClose: () => void }) {
  const errors = problem instanceof Problem ? problem.errors : [];

  return (
    <Slip title="Not imported" width="md" onClose={onClose}>
      <Typography>
        {saidOf(problem)}
        {/* Where no answer came it may have been. */}
        {problem instanceof Problem && " Nothing of it was taken in."}
      </Typography>
      {errors.length > 0 && (
        <Box
          component="table"
          aria-label="What is wrong"
          sx={{
            width: "100%",
            borderCollapse: "collapse",
            "& td": { py: 0.5, pr: 2, verticalAlign: "top", borderBottom: "1px solid", borderColor: "divider" },
          }}
        >
          <tbody>
            {errors.map(({ path, detail }) => (
              <tr key={`${path} ${detail}`}>
                <Box component="td" sx={{ typography: "figure", fontWeight: 500, color: "error.main", overflowWrap: "anywhere" }}>
                  {path}
                </Box>
                <Box component="td" sx={{ typography: "body2" }}>
                  {detail}
                </Box>
              </tr>
            ))}
          </tbody>
        </Box>
      )}
    </Slip>
  );
}
