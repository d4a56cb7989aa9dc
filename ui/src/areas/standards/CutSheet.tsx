import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import type { Expected, OpenStandard } from "../../api/types";
import { bareGrams, percent } from "../../parts/format";

interface CutSheetProps {
  standard: OpenStandard;
  asPurchasedMg: number;
  chosen: string | null;
  onChoose: (id: string) => void;
}

/** Pieces and bins with their parts and what a carcass of this weight should give: the cut map in words. */
export function CutSheet({ standard, asPurchasedMg, chosen, onChoose }: CutSheetProps) {
  const { document, expected } = standard;
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
          "& th, & td": { py: 0.5, pr: 1.25, textAlign: "right", borderBottom: "1px solid", borderColor: "divider" },
        }}
      >
        <thead>
          <tr>
            {["Cut", "Expected g", "Window g", "Share"].map((head) => (
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
                  <Typography variant="body2" sx={{ color: "text.secondary", px: 0.5, pb: 0.5 }}>
                    {(parts.get(it.id) ?? []).join(", ") || "no part is expected here"}
                    {uses[it.id] !== undefined && `. ${uses[it.id] ?? ""}.`}
                  </Typography>
                )}
              </Box>
              <td>{bareGrams(round(it.share * asPurchasedMg))}</td>
              <Box component="td" sx={{ "&&": { color: "secondary.main" } }}>
                {windowInGrams(it, asPurchasedMg)}
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

const round = (mg: number): number => Math.round(mg / 100) * 100;

function windowInGrams({ basis, low, high }: Expected, asPurchasedMg: number): string {
  if (low === null || high === null) return "";
  const scale = basis === "mass" ? 1 : asPurchasedMg;

  return `${bareGrams(round(low * scale))}–${bareGrams(round(high * scale))}`;
}
