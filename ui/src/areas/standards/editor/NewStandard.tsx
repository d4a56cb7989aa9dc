import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useCarcasses } from "../../../api/useStandards";
import type { CarcassOffer, CarcassPlan } from "../../../api/types";
import { Rail } from "../../../app/Rail";
import { CutMap } from "../../../parts/CutMap";
import { Loading, ProblemNotice } from "../../../parts/Notice";
import { fromCarcass } from "./draft";
import { DraftDesk } from "./DraftDesk";

type Offer = Pick<CarcassOffer, "carcass" | "species" | "usual_mg"> & { plan: CarcassPlan | null };

/** Two halves of nothing in particular: a carcass of the school's own begins here. */
const ownCarcass: Offer = {
  plan: null,
  species: "other",
  usual_mg: 2_000_000,
  carcass: {
    key: "own-carcass",
    title: "Own carcass",
    parts: [
      { id: "meat.left", title: "Meat, left", kind: "meat", share: 0.35 },
      { id: "meat.right", title: "Meat, right", kind: "meat", share: 0.35 },
      { id: "bone", title: "Bone", kind: "bone", share: 0.28 },
      { id: "purge", title: "Purge", kind: "fat", share: 0.02 },
    ],
  },
};

/** A standard from scratch: the carcass first. */
export function NewStandard() {
  const carcasses = useCarcasses();
  const [chosen, setChosen] = useState<Offer | null>(null);
  if (carcasses.isPending) return <Loading what="the carcasses" />;
  if (carcasses.isError) return <ProblemNotice problem={carcasses.error} onRetry={() => void carcasses.refetch()} />;
  if (chosen !== null)
    return <DraftDesk from={fromCarcass(chosen.carcass, chosen.species)} base={null} plan={chosen.plan} usualMg={chosen.usual_mg} />;

  return (
    <Box sx={{ px: 3, py: 2 }}>
      <Rail area="Standards" steps={[{ label: "Standards", to: "/standards" }, { label: "New standard" }]} />
      <Typography variant="h1">What is cut?</Typography>
      <Typography sx={{ color: "text.secondary", mb: 2 }}>Its parts and their shares can be written over later.</Typography>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(210px, 1fr))", gap: 1.25 }}>
        {[...carcasses.data, ownCarcass].map((offer) => (
          <ButtonBase
            key={offer.carcass.key}
            onClick={() => setChosen(offer)}
            sx={{
              display: "flex",
              flexDirection: "column",
              gap: 1,
              p: 1.25,
              bgcolor: "background.paper",
              border: "2px solid",
              borderColor: "divider",
              "&:hover": { borderColor: "secondary.main" },
            }}
          >
            <Typography variant="h3" component="span">
              {offer.carcass.title}
            </Typography>
            <Box aria-hidden sx={{ height: 190, width: "100%", pointerEvents: "none" }}>
              <CutMap plan={offer.plan} parts={offer.carcass.parts} holders={[]} chosen={null} isBare />
            </Box>
          </ButtonBase>
        ))}
      </Box>
    </Box>
  );
}
