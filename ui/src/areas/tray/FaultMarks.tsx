import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import type { Fault } from "../../api/types";
import { AskTwice } from "../../parts/AskTwice";
import { Unseen } from "../../parts/Unseen";
import { useDoubled } from "../../parts/useDoubled";

interface FaultMarksProps {
  faults: Fault[];
  counts: Record<string, number>;
  onMark: (fault: string) => void;
}

/** Faults as one-tap marks; each tap adds a stroke in red pencil. */
export function FaultMarks({ faults, counts, onMark }: FaultMarksProps) {
  const { doubled, tap, again, leave } = useDoubled(onMark);
  const asked = faults.find((it) => it.id === doubled);
  if (faults.length === 0) return null;

  return (
    <>
      {asked !== undefined && <AskTwice title={asked.title ?? asked.id} onAgain={again} onLeave={leave} />}
      <Box
        role="group"
        aria-label="Fault marks"
        sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(188px, 1fr))", gap: 0.75 }}
      >
        {faults.map((fault) => {
          const count = counts[fault.id] ?? 0;

          return (
            <ButtonBase
              key={fault.id}
              onClick={(event) => tap(fault.id, event)}
              sx={{
                justifyContent: "flex-start",
                textAlign: "left",
                minHeight: 48,
                px: 1.25,
                gap: 1,
                border: "1px solid",
                borderColor: count > 0 ? "error.main" : "divider",
                bgcolor: "background.paper",
                "&:hover": { borderColor: "error.main" },
              }}
            >
              <Typography variant="label" sx={{ flex: 1, lineHeight: 1.1 }}>
                <Unseen>Mark </Unseen>
                {fault.title ?? fault.id}
                {fault.critical === true && (
                  <Typography component="span" variant="caption" sx={{ display: "block", color: "error.main" }}>
                    critical
                  </Typography>
                )}
              </Typography>
              <Unseen>, marked {count === 1 ? "once" : `${count} times`}</Unseen>
              <Tally count={count} />
            </ButtonBase>
          );
        })}
      </Box>
    </>
  );
}

const FIVE = 5;

/** Strokes in fives, the fifth across the four; past two fives, the figure. */
function Tally({ count }: { count: number }) {
  if (count === 0) return null;
  if (count > 2 * FIVE)
    return (
      <Typography variant="figure" sx={{ color: "error.main", fontSize: 24 }}>
        {count}
      </Typography>
    );
  const bundles = [Math.min(count, FIVE), Math.max(0, count - FIVE)].filter((it) => it > 0);

  return (
    <Box aria-hidden sx={{ display: "flex", gap: 0.5, color: "error.main" }}>
      {bundles.map((strokes, bundle) => (
        <svg key={bundle} width={30} height={24} viewBox="0 0 30 24">
          {Array.from({ length: Math.min(strokes, FIVE - 1) }, (_, stroke) => (
            <path
              key={stroke}
              d={`M${5 + stroke * 6} 3 L${4 + stroke * 6} 21`}
              stroke="currentColor"
              strokeWidth={2.4}
              strokeLinecap="round"
            />
          ))}
          {strokes === FIVE && <path d="M1 17 L27 7" stroke="currentColor" strokeWidth={2.4} strokeLinecap="round" />}
        </svg>
      ))}
    </Box>
  );
}
