import Typography from "@mui/material/Typography";
import { useNavigation } from "react-router";

/** A page that is at hand is there before this is seen. */
const A_MOMENT_MS = 250;

/** Says that a page is on its way: its file is fetched when it is first gone to, and the page before it stays until then. */
export function PageOnItsWay() {
  if (useNavigation().state === "idle") return null;

  return (
    <Typography
      variant="label"
      role="status"
      sx={{
        position: "fixed",
        zIndex: "tooltip",
        bottom: 0,
        left: "50%",
        translate: "-50%",
        px: 2,
        py: 0.5,
        border: "2px solid",
        borderBottom: 0,
        borderColor: "text.primary",
        bgcolor: "background.paper",
        color: "text.primary",
        pointerEvents: "none",
        "@keyframes after-a-moment": { from: { visibility: "hidden" }, to: { visibility: "visible" } },
        animation: `after-a-moment 1ms step-end ${A_MOMENT_MS}ms both`,
        "@media print": { display: "none" },
      }}
    >
      Fetching the page …
    </Typography>
  );
}
