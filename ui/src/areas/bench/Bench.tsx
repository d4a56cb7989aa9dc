import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useDeferredValue, useRef } from "react";
import type { Practical } from "../../api/types";
import { useBench } from "../../api/useBench";
import { useUser } from "../../api/useSession";
import { Rail } from "../../app/Rail";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { day } from "../../parts/format";
import { useInTurn } from "../../parts/useInTurn";
import { OwnResults } from "./OwnResults";
import { EarlierPractical, ComingPractical, TodaysPractical } from "./PracticalCard";
import { EarlierPages } from "./EarlierPages";
import { FirstSteps } from "./FirstSteps";
import { WaitingList } from "./WaitingList";

/** As many classes as a screen may show at once; a long day has more. */
const ON_SCREEN = 4;

export function Bench() {
  const user = useUser();

  return user.role === "student" ? <OwnResults /> : <StaffBench />;
}

function StaffBench() {
  const bench = useBench();
  const waits = useRef<HTMLHeadingElement>(null);
  // Drawn in short steps: it is the largest page that stands at the beginning.
  const shown = useDeferredValue(bench.data);
  if (bench.isLoadingError) return <ProblemNotice problem={bench.error} onRetry={() => void bench.refetch()} />;
  if (shown === undefined) return <Loading what="the Bench" />;
  const { date, today, earlier, coming, waiting, spare, has_earlier: hasEarlier } = shown;
  const waitsFor = waiting.length + (spare === null ? 0 : 1);
  const toWhatWaits = (): void => {
    waits.current?.scrollIntoView();
    waits.current?.focus({ preventScroll: true });
  };

  return (
    <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: "minmax(0, 1fr) 340px" }, flex: 1 }}>
      <Rail area="Bench" />
      <Box sx={{ p: 3, minWidth: 0 }}>
        <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", justifyContent: "space-between", columnGap: 2, rowGap: 1 }}>
          <Typography variant="h1">{day(date)}</Typography>
          {waitsFor > 0 && (
            <Button onClick={toWhatWaits} sx={{ display: { md: "none" } }}>
              What waits: {waitsFor}
            </Button>
          )}
        </Box>
        {today.length + earlier.length + coming.length === 0 ? (
          <FirstSteps />
        ) : today.length === 0 ? (
          <Notice title="Nothing is on today">Practicals of other days stand below; what waits is beside them.</Notice>
        ) : (
          <Today practicals={today} />
        )}
        {coming.length > 0 && (
          <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
            Coming
          </Typography>
        )}
        {coming.map((practical) => (
          <ComingPractical key={practical.id} practical={practical} />
        ))}
        {earlier.length > 0 && (
          <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
            Earlier
          </Typography>
        )}
        {earlier.map((practical) => (
          <EarlierPractical key={practical.id} practical={practical} />
        ))}
        {hasEarlier && <EarlierPages />}
      </Box>
      <WaitingList heading={waits} waiting={waiting} spare={spare} today={date} />
    </Box>
  );
}

function Today({ practicals }: { practicals: Practical[] }) {
  const drawn = useInTurn(practicals.length, ON_SCREEN);

  return practicals
    .slice(0, drawn)
    .map((practical, index) => <TodaysPractical key={practical.id} practical={practical} isFarDown={index >= ON_SCREEN} />);
}
