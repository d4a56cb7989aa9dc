import Box from "@mui/material/Box";
import type { SmallCutMap } from "../api/types";
import { CutMap } from "./CutMap";

interface SmallMapProps {
  map: SmallCutMap;
  height: number;
  /** Parts that are pointed out. */
  lit?: string[];
}

/** Where a standard is cut, told apart at a glance: its cut map, small and without words. */
export function SmallMap({ map, height, lit = [] }: SmallMapProps) {
  return (
    <Box aria-hidden sx={{ height }}>
      <CutMap
        plan={map.plan}
        parts={Object.entries(map.shares).map(([id, share]) => ({ id, share }))}
        holders={map.holders.map((it) => ({ ...it, title: "" }))}
        chosen={null}
        lit={lit}
        isBare
      />
    </Box>
  );
}
