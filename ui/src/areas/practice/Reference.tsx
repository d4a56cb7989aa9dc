import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { PracticeTray } from "../../api/types";
import { useSetReference } from "../../api/usePractice";
import { useUser } from "../../api/useSession";
import { clock, day, percent } from "../../parts/format";
import { Photos } from "../../parts/Photos";
import { FigureCell, PlainTable } from "../../parts/PlainTable";
import { saidOf } from "../../parts/problems";

/** Where the photographs of a practice tray are. */
export const photosOf = (standard: string, tray: string): string => `/api/v1/practice/${standard}/trays/${tray}/photos`;

/** The tray of whoever teaches beside one's own, in shares: carcasses differ. Whoever teaches makes theirs the reference here. */
export function Reference({ tray }: { tray: PracticeTray }) {
  const { may_capture: mayRefer } = useUser();
  const isReference = tray.reference?.tray === tray.tray;
  if (!mayRefer && tray.reference === null) return null;

  return (
    <Box component="section" aria-label="The reference" sx={{ mt: 3 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 2, mb: 1 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          {isReference ? "This is the reference" : "The reference"}
        </Typography>
        {mayRefer && tray.captures.length > 0 && <MakeIt tray={tray} isReference={isReference} />}
      </Box>
      {tray.reference !== null && !isReference && <Beside tray={tray} reference={tray.reference} />}
    </Box>
  );
}

function MakeIt({ tray, isReference }: { tray: PracticeTray; isReference: boolean }) {
  const set = useSetReference(tray.standard_id);

  return (
    <>
      <Button disabled={set.isPending} onClick={() => set.mutate(isReference ? null : tray.tray)}>
        {isReference ? "Take it back" : "Make it the reference"}
      </Button>
      {set.isError && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(set.error)}
        </Typography>
      )}
    </>
  );
}

const heads = [{ title: "Piece" }, { title: "Yours", isFigure: true }, { title: "The reference", isFigure: true }];

function Beside({ tray, reference }: { tray: PracticeTray; reference: NonNullable<PracticeTray["reference"]> }) {
  const rows = tray.standard.pieces.filter((it) => tray.shares[it.id] !== undefined && reference.shares[it.id] !== undefined);

  return (
    <Box sx={{ maxWidth: 640 }}>
      <Typography sx={{ color: "text.secondary", mb: 1 }}>
        {reference.by}, {day(reference.on)}
        {reference.running_ms !== null && `, ${clock(reference.running_ms)}`}
        {reference.yield_share !== null && `, yield ${percent(reference.yield_share)}`}. In shares of the AP weight.
      </Typography>
      <Photos folder={photosOf(tray.standard_id, reference.tray)} photos={reference.photos} />
      {rows.length > 0 && (
        <PlainTable label="Beside the reference" heads={heads}>
          {rows.map((it) => (
            <tr key={it.id}>
              <td>{it.title ?? it.id}</td>
              <FigureCell>{percent(tray.shares[it.id] ?? 0)}</FigureCell>
              <FigureCell>{percent(reference.shares[it.id] ?? 0)}</FigureCell>
            </tr>
          ))}
        </PlainTable>
      )}
    </Box>
  );
}
