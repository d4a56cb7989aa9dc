import Button from "@mui/material/Button";
import { useState } from "react";
import { useEarlier } from "../../api/useBench";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { EarlierPractical } from "./PracticalCard";

const SECOND = 2;

/** Practicals of earlier days beyond those the Bench shows, a page at a time. */
export function EarlierPages() {
  const [last, setLast] = useState(SECOND - 1);
  const pages = Array.from({ length: last - SECOND + 1 }, (_, index) => index + SECOND);

  return (
    <>
      {pages.map((page) => (
        <EarlierPage key={page} page={page} isLast={page === last} onMore={() => setLast(last + 1)} />
      ))}
      {pages.length === 0 && <Button onClick={() => setLast(SECOND)}>Earlier ones</Button>}
    </>
  );
}

function EarlierPage({ page, isLast, onMore }: { page: number; isLast: boolean; onMore: () => void }) {
  const earlier = useEarlier(page);
  if (earlier.isPending) return <Loading what="earlier practicals" />;
  if (earlier.isLoadingError) return <ProblemNotice problem={earlier.error} onRetry={() => void earlier.refetch()} />;

  return (
    <>
      {earlier.data.practicals.map((practical) => (
        <EarlierPractical key={practical.id} practical={practical} />
      ))}
      {isLast && earlier.data.has_earlier && <Button onClick={onMore}>Earlier ones</Button>}
    </>
  );
}
