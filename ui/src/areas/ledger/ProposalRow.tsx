import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { LotProposal } from "../../api/types";
import { counted } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { PlaceChoice } from "./PlaceChoice";
import type { Choice } from "./putAway";

const MOST_PANS = 4;

interface ProposalRowProps {
  proposal: LotProposal;
  choice: Choice;
  mayRecord: boolean;
  onChoose: (choice: Choice) => void;
  onPutAway: () => void;
}

/** One thing that lies on the tables: what it weighs, where it goes, one tap to put it there. */
export function ProposalRow({ proposal, choice, mayRecord, onChoose, onPutAway }: ProposalRowProps) {
  const mass = useMassWords();
  const name = proposalName(proposal);
  const isKept = choice.place === "cold" || choice.place === "freezer";

  return (
    <Box
      role="group"
      aria-label={name}
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "1fr", md: "minmax(150px, 1fr) minmax(0, 2.6fr) 210px" },
        gap: { xs: 1, md: 2 },
        alignItems: "center",
        py: 1,
        borderBottom: "1px solid",
        borderColor: "divider",
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <Typography variant="h3" component="h3">
          {proposal.title}
        </Typography>
        <Typography variant="label" sx={{ color: "text.secondary" }}>
          <Typography variant="figure" sx={{ fontSize: 20, color: "text.primary" }}>
            {mass.full(proposal.mass_mg)}
          </Typography>
          {`, ${counted(proposal.weights.length, proposal.kind === "piece" ? "piece" : "tray")}`}
        </Typography>
        {proposal.is_off && (
          <Typography variant="body2" sx={{ color: "error.main" }}>
            Did not meet the standard
          </Typography>
        )}
      </Box>
      {mayRecord && (
        <PlaceChoice
          of={name}
          place={choice.place}
          text={choice.text}
          offered={proposal.destinations}
          keeps={["cold", "freezer"]}
          onChoose={(place, text) => onChoose({ ...choice, place, text })}
        />
      )}
      {mayRecord && (
        <Box sx={{ display: "flex", gap: 1, justifyContent: "flex-end" }}>
          {isKept && proposal.weights.length > 1 && (
            <Button
              aria-label={`${counted(choice.pans, "pan")} for ${name}; press for one more`}
              onClick={() => onChoose({ ...choice, pans: (choice.pans % Math.min(MOST_PANS, proposal.weights.length)) + 1 })}
            >
              {counted(choice.pans, "pan")}
            </Button>
          )}
          <Button variant="contained" aria-label={`Put away ${name}`} onClick={onPutAway} sx={{ whiteSpace: "nowrap" }}>
            Put away
          </Button>
        </Box>
      )}
    </Box>
  );
}

export const proposalName = ({ title, is_off }: Pick<LotProposal, "title" | "is_off">): string =>
  is_off ? `${title}, below standard` : title;
