import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { useNavigate } from "react-router";
import { useLedgerNews } from "../../api/useLedger";
import { Rail } from "../../app/Rail";
import { Tabs } from "../../parts/Tabs";
import { UndoBar } from "../../parts/UndoBar";
import type { TakeLots } from "./useTakeLots";

const pages = {
  "/ledger": "Today",
  "/ledger/on-hand": "On hand",
  "/ledger/pots": "Pots",
  "/ledger/money": "Money",
  "/ledger/week": "Week",
  "/ledger/term": "Term",
};

interface LedgerPageProps {
  page: keyof typeof pages;
  /** Beside the tabs. */
  aside?: ReactNode;
  lots?: TakeLots;
  children: ReactNode;
}

/** A page of the ledger under its tabs. */
export function LedgerPage({ page, aside, lots, children }: LedgerPageProps) {
  const navigate = useNavigate();
  useLedgerNews();

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2, pb: 10, width: "100%", maxWidth: 1320, minWidth: 0 }}>
      <Rail area="Ledger" steps={[{ label: "Ledger", to: "/ledger" }, { label: pages[page] }]} />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 2, mb: 2 }}>
        <Typography variant="h1">Ledger</Typography>
        <Tabs label="Pages of the ledger" tabs={pages} current={page} onTurn={(to) => void navigate(to)} />
        <Box sx={{ flex: 1 }} />
        {aside}
      </Box>
      {children}
      {lots?.last != null && <UndoBar words={lots.last.words} onUndo={() => void lots.undo()} />}
    </Box>
  );
}
