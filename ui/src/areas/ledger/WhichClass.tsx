import Box from "@mui/material/Box";
import type { Ledger } from "../../api/types";
import { day } from "../../parts/format";
import { Pick } from "../../parts/Pick";

/** Which practical a page of the ledger is about. */
export function WhichClass({
  practicals,
  current,
  onPick,
}: {
  practicals: Ledger["practicals"];
  current: string;
  onPick: (id: string) => void;
}) {
  return (
    <Box sx={{ width: { xs: "100%", sm: 480 } }}>
      <Pick
        label="What was made at"
        value={current}
        options={practicals.map((it) => ({
          key: it.id,
          title: `${it.title}, ${day(it.held_on)}${it.lots === 0 ? ", nothing put away" : ""}`,
        }))}
        onPick={onPick}
      />
    </Box>
  );
}
