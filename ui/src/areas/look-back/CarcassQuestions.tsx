import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { CarcassQuestion, OwnCarcasses } from "../../api/types";
import { counted, percent } from "../../parts/format";
import { OneOf } from "../../parts/OneOf";
import { Pick } from "../../parts/Pick";

const sizes = { all: "All sizes", lighter: "Lighter half", heavier: "Heavier half" } as const;
const sources = { own: "The school’s own", pooled: "Of other schools", both: "Both" } as const;
const coverages = [0.9, 0.95, 0.99];
const confidences = [0.9, 0.95, 0.99];

interface CarcassQuestionsProps {
  own: OwnCarcasses;
  asked: CarcassQuestion;
  onAsk: (asked: CarcassQuestion) => void;
}

/** Which carcasses are to say what windows would be, and how surely. */
export function CarcassQuestions({ own: { suppliers, files }, asked, onAsk }: CarcassQuestionsProps) {
  const { supplier = "", size = "all", source = "own", coverage = 0.95, confidence = 0.9 } = asked;
  const withSupplier = (key: string): CarcassQuestion => {
    const all = { size, source, coverage, confidence };

    return key === "" ? all : { ...all, supplier: key };
  };

  return (
    <Box sx={{ "@media print": { display: "none" } }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 2, alignItems: "end" }}>
        {files.length > 0 && (
          <OneOf
            label="Whose carcasses"
            chosen={source}
            options={(["own", "pooled", "both"] as const).map((key) => ({ key, title: sources[key] }))}
            onChoose={(key) => onAsk({ ...asked, source: key })}
          />
        )}
        <OneOf
          label="Size"
          chosen={size}
          options={(["all", "lighter", "heavier"] as const).map((key) => ({ key, title: sizes[key] }))}
          onChoose={(key) => onAsk({ ...asked, size: key })}
        />
        {suppliers.length > 0 && source !== "pooled" && (
          <Box sx={{ minWidth: 220 }}>
            <Pick
              label="Supplier"
              value={supplier}
              options={[
                { key: "", title: "All suppliers" },
                ...suppliers.map((it) => ({ key: it.name, title: `${it.name} (${counted(it.trays, "tray")})` })),
              ]}
              onPick={(key) => onAsk(withSupplier(key))}
            />
          </Box>
        )}
        <Share label="A window holds" value={coverage} shares={coverages} onPick={(it) => onAsk({ ...asked, coverage: it })} />
        <Share label="With a confidence of" value={confidence} shares={confidences} onPick={(it) => onAsk({ ...asked, confidence: it })} />
      </Box>
      <Typography variant="body2" sx={{ color: "text.secondary", mt: 1 }}>
        A window that holds 95 % of good cuts fails one in twenty by chance; a narrower one fails more of them, a wider one tells less.
      </Typography>
    </Box>
  );
}

function Share({ label, value, shares, onPick }: { label: string; value: number; shares: number[]; onPick: (share: number) => void }) {
  return (
    <Box sx={{ minWidth: 130 }}>
      <Pick
        label={label}
        value={String(value)}
        options={shares.map((it) => ({ key: String(it), title: percent(it, 0) }))}
        onPick={(key) => onPick(Number(key))}
      />
    </Box>
  );
}
