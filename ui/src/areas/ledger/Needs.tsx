import Box from "@mui/material/Box";
import type { Needs as Asked } from "../../api/types";
import { NeedCard } from "./NeedCard";
import type { TakeLots } from "./useTakeLots";

interface NeedsProps {
  needs: Asked["needs"];
  mayRecord: boolean;
  lots: TakeLots;
}

/** What coming practicals and menus need, the next first. */
export function Needs({ needs, mayRecord, lots }: NeedsProps) {
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(min(340px, 100%), 1fr))", gap: 1 }}>
      {needs.map((it) => (
        <NeedCard key={it.id} need={it} mayRecord={mayRecord} lots={lots} />
      ))}
    </Box>
  );
}
