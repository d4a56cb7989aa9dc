import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { useCarcasses } from "../../../api/useStandards";
import type { CarcassOffer, CarcassPlan } from "../../../api/types";
import { Rail } from "../../../app/Rail";
import { CutMap } from "../../../parts/CutMap";
import { Loading } from "../../../parts/Loading";
import { ProblemNotice } from "../../../parts/Notice";
import { fromCarcass, slug, type Draft } from "./draft";
import { DraftEditor } from "./DraftEditor";
import { KeptDraft } from "./KeptDraft";

type Offer = Pick<CarcassOffer, "carcass" | "species" | "usual_mg"> & { plan: CarcassPlan | null };

const ownTitles: Record<string, string> = { bird: "Own bird", "round-fish": "Own round fish", leg: "Own leg" };

/** What the school brings itself: each kind there is a plan for, with the parts and, to begin with, the shares of the first that ships; or two halves of nothing in particular. */
function ownOffers(shipped: CarcassOffer[]): Offer[] {
  const kinds = shipped.filter((it, index) => index === shipped.findIndex((other) => other.plan.key === it.plan.key));

  return [
    ...kinds.flatMap((it) => {
      const title = ownTitles[it.plan.key];

      return title === undefined ? [] : [{ ...it, species: "other", carcass: { ...it.carcass, key: slug(title), title } }];
    }),
    {
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
    },
  ];
}

/** A standard from scratch: the carcass first; after a reload, the draft that was kept. */
export function NewStandard() {
  const [search] = useSearchParams();
  const [isKept] = useState(search.has("draft"));

  return isKept ? <KeptDraft /> : <FreshStandard />;
}

function FreshStandard() {
  const carcasses = useCarcasses();
  const [chosen, setChosen] = useState<(Offer & { from: Draft }) | null>(null);
  const choose = (offer: Offer): void => setChosen({ ...offer, from: fromCarcass(offer.carcass, offer.species) });
  if (carcasses.isPending) return <Loading what="the carcasses" />;
  if (carcasses.isLoadingError) return <ProblemNotice problem={carcasses.error} onRetry={() => void carcasses.refetch()} />;
  if (chosen !== null)
    return (
      <DraftEditor
        from={chosen.from}
        base={null}
        plan={chosen.plan}
        isOwnCarcass={!carcasses.data.some((it) => it.carcass === chosen.carcass)}
        usualMg={chosen.usual_mg}
      />
    );

  return (
    <Box sx={{ px: 3, py: 2 }}>
      <Rail area="Standards" steps={[{ label: "Standards", to: "/standards" }, { label: "New standard" }]} />
      <Typography variant="h1">What is cut?</Typography>
      <Typography sx={{ color: "text.secondary", mb: 2 }}>Its parts and their shares can be written over later.</Typography>
      <Offers label="Carcasses" offers={carcasses.data} onChoose={choose} />
      <Typography variant="h2" sx={{ mt: 3 }}>
        One of your own
      </Typography>
      <Typography sx={{ color: "text.secondary", mb: 1 }}>
        Built like one of these, with its joints; or anything else. Shares are those of the first of its kind until the school writes its
        own.
      </Typography>
      <Offers label="Own carcasses" offers={ownOffers(carcasses.data)} onChoose={choose} />
    </Box>
  );
}

interface OffersProps {
  label: string;
  offers: Offer[];
  onChoose: (offer: Offer) => void;
}

function Offers({ label, offers, onChoose }: OffersProps) {
  return (
    <Box role="group" aria-label={label} sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(210px, 1fr))", gap: 1.25 }}>
      {offers.map((offer) => (
        <ButtonBase
          key={offer.carcass.key}
          onClick={() => onChoose(offer)}
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
  );
}
