import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useRef, useState, type ReactNode } from "react";
import { Link, Outlet, ScrollRestoration, useNavigate, useNavigation } from "react-router";
import { UserContext, useSession } from "../api/useSession";
import { Kept } from "../offline/Kept";
import { Sending } from "../offline/Sending";
import { WaitingLine } from "../offline/WaitingLine";
import { WayIn } from "../areas/sign-in/WayIn";
import { Loading } from "../parts/Loading";
import { ProblemNotice } from "../parts/Notice";
import { OwnScaleProvider } from "../parts/scale/OwnScale";
import { IsLeft, useKey } from "../parts/useKey";
import { Areas } from "./Areas";
import { FindSlip } from "./FindSlip";
import { inOneRow } from "./inOneRow";
import { PageOnItsWay } from "./PageOnItsWay";
import { RailPlace } from "./Rail";
import { SignOut } from "./SignOut";
import { ShortcutList } from "./ShortcutList";
import { useArrival } from "./useArrival";
import { Wordmark } from "./Wordmark";

/** The steel rail above every area, and the way in. */
export function Shell() {
  const session = useSession();
  const [showsShortcuts, setShowsShortcuts] = useState(false);
  const [finds, setFinds] = useState(false);
  const [rail, setRail] = useState<HTMLElement | null>(null);
  const page = useRef<HTMLElement>(null);
  const navigate = useNavigate();
  const isStaff = session.data != null && session.data.role !== "student";
  useArrival(page);
  useKey("?", () => setShowsShortcuts(true));
  useKey("/", () => isStaff && setFinds(true));
  useKey("b", () => void navigate("/"));
  useKey("f", () => void navigate("/floor"));
  useKey("s", () => void navigate("/standards"));
  useKey("g", () => isStaff && void navigate("/ledger"));

  if (session.isPending) return <Loading what="Deft Blade" />;
  if (session.isLoadingError) return <ProblemNotice problem={session.error} onRetry={() => void session.refetch()} />;
  if (session.data === null) return <WayIn />;

  return (
    <UserContext value={session.data}>
      <Box sx={{ display: "flex", flexDirection: "column", minHeight: "100vh" }}>
        <SkipLink onSkip={() => page.current?.focus()} />
        <Box
          component="header"
          sx={{
            display: "flex",
            alignItems: "center",
            flexWrap: "wrap",
            columnGap: { xs: 0.5, sm: 1 },
            px: { xs: 1.5, sm: 2 },
            pt: { xs: 0.5, sm: 0 },
            [inOneRow]: { flexWrap: "nowrap", columnGap: 2, px: 3 },
            minHeight: 52,
            borderBottom: "2px solid",
            borderColor: "text.primary",
            bgcolor: "background.paper",
            "@media print": { display: "none" },
          }}
        >
          <Link to="/" aria-label="Deft Blade: to the Bench" style={{ textDecoration: "none" }}>
            <Wordmark />
          </Link>
          <Areas user={session.data} />
          <Box
            ref={setRail}
            sx={{
              // A row of its own where there is no room beside: a name is said whole or not at all.
              order: 2,
              flex: "1 0 100%",
              minWidth: 0,
              display: "flex",
              alignItems: "center",
              "&:empty": { display: "none" },
              [inOneRow]: { order: 0, flex: 1, "&:empty": { display: "flex" } },
            }}
          />
          <Typography
            variant="label"
            component={Link}
            to="/account"
            aria-label={`${session.data.name}: your account`}
            sx={{
              color: "text.secondary",
              whiteSpace: "nowrap",
              // As wide as it is, or as there is room beside what must stand in the same row.
              flex: "0 1 auto",
              minWidth: 0,
              maxWidth: { xs: 96, sm: 180 },
              overflow: "hidden",
              textOverflow: "ellipsis",
              textDecoration: "none",
              lineHeight: "44px",
              ml: "auto",
              "&:hover": { textDecoration: "underline" },
            }}
          >
            {session.data.name}
          </Typography>
          {isStaff && (
            <Button size="small" onClick={() => setFinds(true)} sx={{ minWidth: 48 }}>
              Find
            </Button>
          )}
          <Button
            size="small"
            onClick={() => setShowsShortcuts(true)}
            aria-label="Keyboard shortcuts"
            sx={{ minWidth: 44, display: { xs: "none", sm: "inline-flex" }, "@media (pointer: coarse)": { display: "none" } }}
          >
            ?
          </Button>
          <SignOut />
        </Box>
        <Box
          ref={page}
          component="main"
          tabIndex={-1}
          sx={{ flex: 1, display: "flex", flexDirection: "column", minWidth: 0, outline: "none" }}
        >
          <RailPlace value={rail}>
            <Kept key={session.data.id}>
              <Sending>
                <WaitingLine />
                <OwnScaleProvider>
                  <PageInSight>
                    <Outlet />
                  </PageInSight>
                </OwnScaleProvider>
              </Sending>
            </Kept>
          </RailPlace>
        </Box>
        <PageOnItsWay />
        <ScrollRestoration getKey={({ pathname }) => pathname} />
        {finds && <FindSlip onClose={() => setFinds(false)} />}
        {showsShortcuts && <ShortcutList onClose={() => setShowsShortcuts(false)} />}
      </Box>
    </UserContext>
  );
}

/** The first stop of the keyboard: past the rail. */
function SkipLink({ onSkip }: { onSkip: () => void }) {
  return (
    <Button
      variant="contained"
      onClick={onSkip}
      sx={{
        position: "absolute",
        zIndex: "tooltip",
        top: 4,
        left: 4,
        "&:not(:focus-visible)": { clipPath: "inset(50%)", pointerEvents: "none" },
      }}
    >
      Skip to the page
    </Button>
  );
}

/** The page of the address, or the one before it while that is on its way; of the one before only what listens for keys is drawn again. */
function PageInSight({ children }: { children: ReactNode }) {
  return <IsLeft value={useNavigation().state !== "idle"}>{children}</IsLeft>;
}
