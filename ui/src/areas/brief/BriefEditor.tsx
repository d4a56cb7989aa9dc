import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useBriefKeeping, type BriefKeeping } from "../../api/useBriefs";
import type { Brief } from "../../api/types";
import { Rail } from "../../app/Rail";
import { useAskBeforeUnload } from "../../parts/useAskBeforeUnload";
import { BriefSheet } from "./BriefSheet";
import { HourSection } from "./HourSection";
import { LeaveBrief } from "./LeaveBrief";
import { OrderSection } from "./OrderSection";
import { PrintSection } from "./PrintSection";
import { SetSection } from "./SetSection";
import { WhatSection } from "./WhatSection";
import { WhoSection } from "./WhoSection";

/** A practical in the order one thinks: what, who, when and where, with what; beside it the brief as it will be handed out. */
export function BriefEditor({ opened }: { opened: Brief }) {
  const keeping = useBriefKeeping(opened);
  const { document, brief, change } = keeping;
  useAskBeforeUnload(keeping.state !== "kept");

  return (
    <Box sx={{ px: 3, py: 2 }}>
      <Rail
        area="Brief"
        steps={[{ label: "Brief", to: "/brief" }, { label: document.title.trim() === "" ? "New practical" : document.title }]}
      />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "baseline", columnGap: 2, mb: 1 }}>
        <Typography variant="h1">{document.title.trim() === "" ? "New practical" : document.title}</Typography>
        <KeepingLine keeping={keeping} />
      </Box>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 60fr) minmax(0, 40fr)" },
          gap: 3,
          alignItems: "start",
        }}
      >
        <Box sx={{ display: "grid", gridTemplateColumns: "minmax(0, 1fr)", gap: 3 }}>
          <WhatSection document={document} brief={brief} onChange={change} />
          <WhoSection document={document} brief={brief} onChange={change} />
          <HourSection document={document} brief={brief} onChange={change} />
          <OrderSection document={document} brief={brief} onChange={change} />
        </Box>
        <Box
          sx={{
            display: "grid",
            gap: 2,
            position: { md: "sticky" },
            top: { md: 12 },
            maxHeight: { md: "calc(100vh - 24px)" },
            overflowY: { md: "auto" },
          }}
        >
          <SetSection brief={brief} isKept={keeping.state === "kept"} />
          <BriefSheet document={document} brief={brief} />
          <PrintSection brief={brief} document={document} />
        </Box>
      </Box>
      <LeaveBrief isAtRisk={keeping.state === "failed" || keeping.state === "elsewhere"} />
    </Box>
  );
}

function KeepingLine({ keeping: { state, problem, keepOver, sendAgain } }: { keeping: BriefKeeping }) {
  const words = {
    kept: "Kept.",
    saving: "Keeping it …",
    elsewhere: "Somebody changed this brief meanwhile: load the page again to see it, or",
    failed: problem === null ? "The server does not answer; the last change is not kept yet." : problem.detail,
  };

  return (
    <Typography role="status" variant="body2" sx={{ color: state === "kept" || state === "saving" ? "text.secondary" : "error.main" }}>
      {words[state]}{" "}
      {state === "elsewhere" && (
        <Button size="small" onClick={keepOver}>
          keep mine over it
        </Button>
      )}
      {state === "failed" && problem === null && (
        <Button size="small" onClick={sendAgain}>
          Try again
        </Button>
      )}
    </Typography>
  );
}
