import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { useTimeWords } from "../../parts/times";

interface ListedVersion {
  version: number;
  name: ReactNode;
  changes: string[];
  published_by: string | null;
  published_at: string | null;
}

/** Versions of a document, latest first, each with who published it and what it changed against the one before. */
export function VersionList({ versions }: { versions: ListedVersion[] }) {
  const { timeOfDay, dayInFull } = useTimeWords();

  return (
    <Box component="ol" aria-label="Versions" sx={{ m: 0, p: 0, listStyle: "none" }}>
      {versions.map(({ version, name, changes, published_by: by, published_at: at }) => (
        <Box
          component="li"
          key={version}
          sx={{ display: "grid", gridTemplateColumns: "110px minmax(0, 1fr)", py: 1.25, borderBottom: "1px solid", borderColor: "divider" }}
        >
          <Typography variant="h3" component="p">
            {name}
          </Typography>
          <Box>
            {at !== null && (
              <Typography variant="caption" component="p" sx={{ color: "text.secondary" }}>
                {by === null ? "Shipped" : `Published by ${by}`}, {dayInFull(at)}, {timeOfDay(at)}
              </Typography>
            )}
            {changes.length === 0 && (
              <Typography variant="body2" sx={{ color: "text.secondary" }}>
                {version === 1 ? "The first." : "Nothing that is shown changed."}
              </Typography>
            )}
            {changes.map((change) => (
              <Typography key={change} variant="body2">
                {change}
              </Typography>
            ))}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
