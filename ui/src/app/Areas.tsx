import Box from "@mui/material/Box";
import { useEffect, useRef } from "react";
import { NavLink, useLocation } from "react-router";
import { inOneRow } from "./inOneRow";
import type { User } from "../api/types";

const paper = "var(--mui-palette-background-paper)";
const shade = "color-mix(in srgb, var(--mui-palette-text-primary) 55%, transparent)";

/** A shade at either end beyond which there is more; the paper that lies over it moves with the areas. */
const shades = [
  `linear-gradient(to right, ${paper} 50%, transparent) left / 32px 100% no-repeat local`,
  `linear-gradient(to left, ${paper} 50%, transparent) right / 32px 100% no-repeat local`,
  `linear-gradient(to right, ${shade}, transparent) left / 14px 100% no-repeat scroll`,
  `linear-gradient(to left, ${shade}, transparent) right / 14px 100% no-repeat scroll`,
].join(", ");

/** Where the areas need more room than there is, the open one is in sight. */
function bringToTheMiddle(rail: HTMLElement | null): void {
  const open = rail?.querySelector<HTMLElement>('[aria-current="page"]');
  if (rail && open) rail.scrollLeft = open.offsetLeft - rail.offsetLeft - (rail.clientWidth - open.offsetWidth) / 2;
}

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

  const rail = useRef<HTMLElement>(null);
  const { pathname } = useLocation();
  useEffect(() => bringToTheMiddle(rail.current), [pathname]);

  return (
    <Box
      component="nav"
      ref={rail}
      aria-label="Areas"
      sx={{
        display: "flex",
        alignSelf: "stretch",
        order: 1,
        width: "100%",
        overflowX: "auto",
        background: shades,
        [inOneRow]: { order: 0, width: "auto", overflowX: "visible", background: "none" },
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
