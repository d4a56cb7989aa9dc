import Box from "@mui/material/Box";
import { NavLink } from "react-router";
import { inOneRow } from "./inOneRow";
import type { User } from "../api/types";

/** The areas of the screen, on the rail. */
export function Areas({ user }: { user: User }) {
  const areas =
    user.role === "student"
      ? [
          { to: "/", label: "Your results" },
          { to: "/practice", label: "Practice" },
        ]
      : [
          { to: "/", label: "Bench" },
          { to: "/floor", label: "Floor" },
          ...(user.may_set_terms ? [{ to: "/brief", label: "Brief" }] : []),
          { to: "/ledger", label: "Ledger" },
          { to: "/standards", label: "Standards" },
          { to: "/look-back", label: "Look back" },
          ...(user.may_enrol ? [{ to: "/roster", label: "Roster" }] : []),
          ...(user.may_manage_people ? [{ to: "/people", label: "People" }] : []),
        ];

  return (
    <Box
      component="nav"
      aria-label="Areas"
      sx={{
        display: "flex",
        alignSelf: "stretch",
        order: 1,
        width: "100%",
        overflowX: "auto",
        [inOneRow]: { order: 0, width: "auto", overflowX: "visible" },
        "& a": {
          display: "flex",
          alignItems: "center",
          px: 1.5,
          // Where one row has just begun, names and places need the room.
          "@media (min-width: 1080px) and (max-width: 1279px)": { px: 0.9 },
          minHeight: 44,
          typography: "label",
          fontSize: 18,
          color: "text.primary",
          textDecoration: "none",
          borderBottom: "4px solid transparent",
          borderTop: "4px solid transparent",
          whiteSpace: "nowrap",
        },
        "& a.active": { borderBottomColor: "text.primary", fontWeight: 600 },
        "& a:hover": { color: "secondary.main" },
      }}
    >
      {areas.map(({ to, label }) => (
        <NavLink key={to} to={to} end={to === "/"}>
          {label}
        </NavLink>
      ))}
    </Box>
  );
}
