import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import type { Expected, OpenStandard, PortionSet } from "../../api/types";
import { lowerFirst, percent, upperFirst } from "../../parts/format";
import { useMassWords, type MassWords } from "../../parts/mass";

interface CutSheetProps {
  standard: OpenStandard;
  asPurchasedMg: number;
  chosen: string | null;
  onChoose: (id: string) => void;
}

/** Pieces and bins with their parts and what a carcass of this weight should give: the cut map in words. */
export function CutSection({ standard, asPurchasedMg, chosen, onChoose }: CutSheetProps) {
  const { document, expected } = standard;
  const mass = useMassWords();
  const titles = new Map(
    document.carcass.parts.map((it) => [it.id as string, (it.title ?? it.id).replace(/, (left|right)$/, "").toLowerCase()]),
  );
  const parts = new Map(
    [...document.pieces, ...(document.bins ?? [])].map((it) => [it.id as string, (it.parts ?? []).map((part) => titles.get(part) ?? part)]),
  );
  const uses = standard.uses as Record<string, string>;

  return (
    <>
      <Box
        component="table"
        aria-label="Cuts"
        sx={{
          width: "100%",
          borderCollapse: "collapse",
          "& td, & thead th": { whiteSpace: "nowrap" },
          "& th, & td": { py: 0.5, pr: 1.25, textAlign: "right", borderBottom: "1px solid", borderColor: "divider" },
        }}
      >
        <thead>
          <tr>
            {["Cut", `Expected ${mass.unit}`, `Window ${mass.unit}`, "Share"].map((head) => (
              <Typography
                key={head}
                component="th"
                scope="col"
                variant="caption"
                sx={{ color: "text.secondary", fontWeight: 400, "&&": { textAlign: head === "Cut" ? "left" : "right" } }}
              >
                {head}
              </Typography>
            ))}
          </tr>
        </thead>
        <tbody>
          {expected.map((it) => (
            <Box
              component="tr"
              key={it.id}
              sx={{
                bgcolor: it.id === chosen ? "background.paper" : "transparent",
                "& td": { typography: "figure", fontWeight: 500, fontSize: 17 },
              }}
            >
              <Box component="th" scope="row" sx={{ "&&": { textAlign: "left" }, fontWeight: 400 }}>
                <ButtonBase
                  onClick={() => onChoose(it.id)}
                  aria-pressed={it.id === chosen}
                  sx={{
                    typography: "label",
                    justifyContent: "flex-start",
                    textAlign: "left",
                    minHeight: 28,
                    px: 0.5,
                    color: it.id === chosen ? "secondary.main" : "text.primary",
                    fontWeight: it.id === chosen ? 600 : 500,
                  }}
                >
                  {it.title}
                </ButtonBase>
                {it.id === chosen && (
                  <CutNotes
                    parts={parts.get(it.id) ?? []}
                    joints={it.joints}
                    use={uses[it.id]}
                    portions={document.pieces.find((piece) => piece.id === it.id)?.portions}
                  />
                )}
              </Box>
              <td>{mass.bare(round(it.share * asPurchasedMg))}</td>
              <Box component="td" sx={{ "&&": { color: "secondary.main" } }}>
                {windowIn(mass, it, asPurchasedMg)}
              </Box>
              <td>{percent(it.share, 2)}</td>
            </Box>
          ))}
        </tbody>
      </Box>
      {standard.standing !== null && (
        <Typography variant="caption" component="p" sx={{ color: "text.secondary", mt: 1 }}>
          Shares of the carcass: {standard.standing}.
        </Typography>
      )}
    </>
  );
}

interface CutNotesProps {
  parts: string[];
  joints: Expected["joints"];
  use: string | undefined;
  portions: PortionSet | undefined;
}

/** What a chosen cut is made of, where the knife goes through and what goes wrong there, what it is for. */
function CutNotes({ parts, joints, use, portions }: CutNotesProps) {
  return (
    <Box sx={{ px: 0.5, pb: 0.75, "& p": { typography: "body2", m: 0, color: "text.secondary", maxWidth: 420 } }}>
      <p>{parts.join(", ") || "no part is expected here"}</p>
      {portions !== undefined && <p>{portionsInWords(portions)}</p>}
      {joints.map((joint) => (
        <p key={joint.title}>
          <Box component="span" sx={{ color: "secondary.main" }}>
            {upperFirst(joint.title)}.
          </Box>{" "}
          Usual fault: {lowerFirst(joint.fault)}
        </p>
      ))}
      {use !== undefined && <p>{use}.</p>}
    </Box>
  );
}

const portionsInWords = ({ count, cv, range }: PortionSet): string => {
  if (cv !== undefined) return `${count} portions, alike: their spread (standard deviation over mean) up to ${percent(cv, 0)} is free`;

  return range === undefined
    ? `${count} portions, counted`
    : `${count} portions, alike: heaviest less lightest up to ${percent(range, 0)} of the mean`;
};

const round = (mg: number): number => Math.round(mg / 100) * 100;

function windowIn(mass: MassWords, { basis, low, high }: Expected, asPurchasedMg: number): string {
  if (low === null || high === null) return "";
  const scale = basis === "mass" ? 1 : asPurchasedMg;

  return `${mass.bare(round(low * scale))}–${mass.bare(round(high * scale))}`;
}
