import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import type { CarcassQuestion } from "../../api/types";
import { useCarcassEffect } from "../../api/useStandardLook";
import { counted } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { TriedClasses } from "../../parts/TriedClasses";

/** Every released result graded once more with what is proposed; in between, what can be done about it. */
export function CarcassEffect({ standard, asked, children }: { standard: string; asked: CarcassQuestion; children: ReactNode }) {
  const effect = useCarcassEffect(standard, asked, true);
  if (effect.isPending) return <Loading what="the released results, graded once more" />;
  if (effect.isLoadingError) return <ProblemNotice problem={effect.error} onRetry={() => void effect.refetch()} />;
  const classes = effect.data;
  const sum = (of: (it: (typeof classes)[number]) => number): number => classes.reduce((total, it) => total + of(it), 0);
  const results = sum((it) => it.results);

  return (
    <>
      <Typography sx={{ fontSize: "1.1rem" }}>
        {results === 0
          ? "No result is released yet; nothing would have been another."
          : `Of ${counted(results, "released result")}, ${sum((it) => it.totals)} would have another total and ${sum((it) => it.bands.length)} another band. They stay as they were released.`}
      </Typography>
      {children}
      <TriedClasses classes={classes.filter((it) => it.bands.length > 0 || it.problem !== null)} places={1} />
    </>
  );
}
