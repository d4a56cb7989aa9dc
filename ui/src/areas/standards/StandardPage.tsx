import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link, useParams } from "react-router";
import type { OpenStandard } from "../../api/types";
import { useUser } from "../../api/useSession";
import { useStandard } from "../../api/useStandards";
import { Rail } from "../../app/Rail";
import { CutMap } from "../../parts/CutMap";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { minutes } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { Tabs } from "../../parts/Tabs";
import { AsPurchased } from "./AsPurchased";
import { CriteriaSection } from "./CriteriaSection";
import { holdersOf } from "../../parts/holders";
import { CutSection } from "./CutSection";
import { MethodCard } from "./MethodCard";
import { VariantsSection } from "./VariantsSection";
import { TraySection } from "./TraySection";
import { Versions } from "./Versions";

const tabs = {
  cuts: "Cuts",
  tray: "Tray and grade",
  criteria: "Criteria, faults",
  method: "Method",
  variants: "Variants",
  versions: "Versions",
} as const;
type Tab = keyof typeof tabs;

/** Where nothing is known of the usual carcass: a weight to begin from. */
const SOME_CARCASS_MG = 2_000_000;

export function StandardPage() {
  const { standard = "" } = useParams();
  const query = useStandard(standard);
  if (query.isPending) return <Loading what="the standard" />;
  if (query.isLoadingError) return <ProblemNotice problem={query.error} onRetry={() => void query.refetch()} />;

  return <OpenedStandard key={query.data.item.id} standard={query.data} />;
}

function OpenedStandard({ standard }: { standard: OpenStandard }) {
  const { item, document, expected } = standard;
  const mass = useMassWords();
  const { may_publish: mayPublish } = useUser();
  const [asPurchasedMg, setAsPurchasedMg] = useState(standard.usual_mg ?? SOME_CARCASS_MG);
  const [chosen, setChosen] = useState<string | null>(null);
  const [tab, setTab] = useState<Tab>("cuts");
  const holders = holdersOf(document);
  const describe = (id: string): string => {
    const share = expected.find((it) => it.id === id)?.share ?? 0;

    return `expected ${mass.full(Math.round((share * asPurchasedMg) / 1000) * 1000)} of a carcass of ${mass.full(asPurchasedMg)}`;
  };
  const choose = (id: string): void => {
    setChosen((before) => (before === id ? null : id));
    setTab("cuts");
  };

  return (
    <Box sx={{ px: 3, py: 2 }}>
      <Rail area="Standards" steps={[{ label: item.title }]} />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 2, mb: 1.5 }}>
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h1">{item.title}</Typography>
          <Typography sx={{ color: "text.secondary" }}>
            Version {item.version}
            {item.standard_ms !== null &&
              item.limit_ms !== null &&
              `, ${minutes(item.standard_ms)} minutes, limit ${minutes(item.limit_ms)}`}
            {document.frame !== null && `, scrape to ${mass.full(document.frame.clean_mg)}, limit ${mass.full(document.frame.limit_mg)}`}
            {(document.checkpoints ?? []).map((it) => `, checkpoint: ${(it.title ?? it.id).toLowerCase()}`).join("")}
          </Typography>
        </Box>
        {mayPublish && (
          <Button component={Link} to={`/standards/${item.id}/edit`}>
            Change it
          </Button>
        )}
        <Button component={Link} to={`/practice/${item.id}`}>
          Practice
        </Button>
        <Button component="a" href={`/api/v1/standards/${item.id}/sheet.pdf?ap_mg=${asPurchasedMg}`} target="_blank" rel="noopener">
          Print
        </Button>
        <Button component="a" href={`/api/v1/standards/${item.id}/document`} download>
          Export JSON
        </Button>
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: "minmax(0, 44fr) minmax(0, 56fr)" }, gap: 3, alignItems: "start" }}>
        <Box sx={{ bgcolor: "background.default", position: { md: "sticky" }, top: { md: 12 } }}>
          <Box sx={{ height: { xs: 560, md: "min(640px, calc(100vh - 190px))" } }}>
            <CutMap
              plan={standard.plan}
              parts={document.carcass.parts}
              holders={holders}
              chosen={chosen}
              onChoose={choose}
              describe={describe}
            />
          </Box>
        </Box>
        <Box sx={{ minWidth: 0 }}>
          <Box sx={{ mb: 2 }}>
            <Tabs label="Tabs of this standard" tabs={tabs} current={tab} onTurn={setTab} />
          </Box>
          {tab === "cuts" && (
            <>
              <AsPurchased massMg={asPurchasedMg} lowMg={standard.low_mg} highMg={standard.high_mg} onChange={setAsPurchasedMg} />
              <CutSection standard={standard} asPurchasedMg={asPurchasedMg} chosen={chosen} onChoose={choose} />
            </>
          )}
          {tab === "criteria" && <CriteriaSection document={document} />}
          {tab === "tray" && <TraySection standard={standard} />}
          {tab === "variants" && <VariantsSection standard={standard} />}
          {tab === "versions" && <Versions standard={standard} />}
          {tab === "method" && <MethodCard steps={standard.card} cautions={standard.cautions} />}
        </Box>
      </Box>
    </Box>
  );
}
