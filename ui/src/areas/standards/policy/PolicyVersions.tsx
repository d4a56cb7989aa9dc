import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { OpenPolicy } from "../../../api/types";
import { VersionList } from "../VersionList";

export function PolicyVersions({ versions }: { versions: OpenPolicy["versions"] }) {
  return (
    <Box component="section" aria-label="Versions of the policy" sx={{ mt: 4, maxWidth: 900 }}>
      <Typography variant="h2" sx={{ borderBottom: "2px solid", borderColor: "text.primary", pb: 0.5 }}>
        Versions
      </Typography>
      <VersionList versions={versions.map((it) => ({ ...it, name: `Version ${it.version}` }))} />
    </Box>
  );
}
