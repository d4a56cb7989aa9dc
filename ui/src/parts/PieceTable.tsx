import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { PieceResult, VerdictPage } from "../api/types";
import { percent } from "./format";
import { useMassWords, type MassWords } from "./mass";
import { isOut, VerdictMark, verdictWords } from "./VerdictMark";

const heads = ["Piece", "Weight", "Expected", "Share", "Window", "Verdict", "Score"];

const evenness = { cv: "uneven by", range: "range" };

/** The figures behind the portion weights. */
export function PieceTable({ result, standard }: Pick<VerdictPage, "result" | "standard">) {
  const mass = useMassWords();
  const definition = new Map(standard.pieces.map((it) => [it.id as string, it]));

  return (
    // Wider than a phone: it scrolls by itself, the page does not.
    <Box role="group" aria-label="Figures of the pieces" tabIndex={0} sx={{ overflowX: "auto" }}>
      <Box
        component="table"
        aria-label="Pieces"
        sx={{
          width: "100%",
          borderCollapse: "collapse",
          "& th, & td": { py: 0.5, pr: 1.5, textAlign: "right", borderBottom: "1px solid", borderColor: "divider" },
          "& th:first-of-type": { textAlign: "left" },
        }}
      >
        <thead>
          <tr>
            {heads.map((head) => (
              <Typography key={head} component="th" scope="col" variant="caption" sx={{ color: "text.secondary", fontWeight: 400 }}>
                {head}
                {["Weight", "Expected"].includes(head) && ` ${mass.unit}`}
              </Typography>
            ))}
          </tr>
        </thead>
        <tbody>
          {result.pieces.map((piece) => (
            <Box component="tr" key={piece.id} sx={{ "& td": { typography: "figure", fontWeight: 500, fontSize: 17 } }}>
              <Typography component="th" scope="row" variant="label">
                {definition.get(piece.id)?.title ?? piece.id}
                {piece.portions?.figure != null && (
                  <Typography variant="caption" component="p" sx={{ color: "text.secondary", fontWeight: 400 }}>
                    {piece.portions.count} portions, {evenness[piece.portions.measure ?? "cv"]} {percent(piece.portions.figure)} of{" "}
                    {percent(piece.portions.limit ?? 0, 0)} allowed
                  </Typography>
                )}
              </Typography>
              <td>{piece.mass_mg === null ? "–" : mass.bare(piece.mass_mg)}</td>
              <td>{piece.expected_mg === null ? "–" : mass.bare(piece.expected_mg)}</td>
              <td>{piece.quantity === null ? "–" : figureOf(mass, piece, piece.quantity, definition.get(piece.id)?.window?.basis)}</td>
              <td>{windowOf(mass, piece, definition.get(piece.id)?.window?.basis)}</td>
              <td>
                <Box
                  sx={{ display: "inline-flex", alignItems: "center", gap: 0.75, color: isOut(piece.verdict) ? "error.main" : "inherit" }}
                >
                  {verdictWords[piece.verdict]} <VerdictMark verdict={piece.verdict} size={18} />
                </Box>
              </td>
              <td>{piece.score === null ? "–" : (100 * piece.score).toFixed(0)}</td>
            </Box>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

type Basis = "share" | "mass" | undefined;

const figureOf = (mass: MassWords, piece: PieceResult, quantity: number, basis: Basis): string =>
  basis === "mass" ? mass.bare(piece.mass_mg ?? 0) : percent(quantity, 2);

const windowOf = (mass: MassWords, piece: PieceResult, basis: Basis): string =>
  basis === "mass"
    ? `${mass.bare(piece.low)}–${mass.bare(piece.high)} ${mass.unit}`
    : `${(100 * piece.low).toFixed(2)}–${percent(piece.high, 2)}`;
