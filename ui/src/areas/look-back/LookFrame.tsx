import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import { Link, useNavigate } from "react-router";
import { useUser } from "../../api/useSession";
import { useTrends } from "../../api/useTrends";
import { Rail } from "../../app/Rail";
import { Pick } from "../../parts/Pick";
import { Tabs } from "../../parts/Tabs";

const looks = { time: "Over time", standard: "The standard", carcasses: "Own carcasses", fairness: "Fairness" } as const;
export type Look = keyof typeof looks;

const addressOf = (look: Look, { id, key }: { id: string; key: string }): string =>
  look === "time" ? `/look-back?standard=${key}` : `/look-back/standards/${id}${look === "standard" ? "" : `/${look}`}`;

interface LookFrameProps {
  look: Look;
  /** The standard that is looked at. */
  standard: { id: string; key: string };
  children: ReactNode;
}

/** What is looked back on by one standard: which of its looks, and which standard. */
export function LookFrame({ look, standard, children }: LookFrameProps) {
  const navigate = useNavigate();
  const { may_set_terms: maySeeAll } = useUser();
  const standards = useTrends("").data?.standards ?? [];
  const { fairness, ...forAll } = looks;

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2, maxWidth: 1180, width: "100%", mx: "auto" }}>
      <Rail
        area="Look back"
        steps={look === "time" ? [] : [{ label: "Look back", to: addressOf("time", standard) }, { label: looks[look] }]}
      />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 2, mb: 2 }}>
        <Typography variant="h1" sx={{ flex: 1, minWidth: 240 }}>
          {looks[look]}
        </Typography>
        <Box sx={{ width: { xs: 1, sm: 420 }, "@media print": { display: "none" } }}>
          <Pick
            label="Classes by"
            value={standard.key}
            options={standards.map((it) => ({ key: it.key, title: `${it.title} (${it.classes})` }))}
            onPick={(key) => void navigate(addressOf(look, standards.find((it) => it.key === key) ?? standard))}
          />
        </Box>
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mb: 2.5, "@media print": { display: "none" } }}>
        <Box sx={{ flex: 1, minWidth: 240 }}>
          <Tabs
            label="Looks"
            tabs={maySeeAll ? { ...forAll, fairness } : forAll}
            current={look}
            onTurn={(to) => void navigate(addressOf(to, standard))}
          />
        </Box>
        {maySeeAll && (
          <Button component={Link} to="/look-back/report">
            School report
          </Button>
        )}
        <Button onClick={() => window.print()}>Print</Button>
      </Box>
      {children}
    </Box>
  );
}
