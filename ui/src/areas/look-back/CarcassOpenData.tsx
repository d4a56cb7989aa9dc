import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useRef, useState, type ChangeEvent } from "react";
import { Problem } from "../../api/problem";
import { readDocument } from "../../api/readDocument";
import type { CarcassFile, OwnCarcasses } from "../../api/types";
import { useUser } from "../../api/useSession";
import { useTakeInCarcasses, useTakeOutCarcasses } from "../../api/useStandardLook";
import { counted } from "../../parts/format";
import { saidOf } from "../../parts/problems";
import { Section } from "../../parts/Section";

/** Weights for other schools, and weights from them. */
export function CarcassOpenData({ own }: { own: OwnCarcasses }) {
  const { may_set_terms: mayGive } = useUser();
  const takeOut = useTakeOutCarcasses(own.standard);
  if (!mayGive) return null;

  return (
    <Section title="With other schools">
      <Typography>
        The file holds weights and times: no name, no day, no supplier, no mark. A week in which fewer than five students cut is withheld.
      </Typography>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 1.5, "@media print": { display: "none" } }}>
        <Button component="a" href={`/api/v1/standards/${own.standard}/carcasses.json`}>
          Save the weights for others
        </Button>
        <TakeIn standard={own.standard} />
      </Box>
      {own.files.length > 0 && (
        <Box component="ul" aria-label="Files of other schools" sx={{ m: 0, mt: 1.5, p: 0, listStyle: "none" }}>
          {own.files.map((it) => (
            <Box component="li" key={it.id} sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1.5 }}>
              <Typography sx={{ flex: 1, minWidth: 200 }}>
                {it.title}: {counted(it.records, "carcass", "carcasses")}
              </Typography>
              <Button
                size="small"
                sx={{ minHeight: 48 }}
                disabled={takeOut.isPending}
                onClick={() => takeOut.mutate(it.id)}
                aria-label={`Take it out: ${it.title}`}
              >
                Take it out
              </Button>
            </Box>
          ))}
        </Box>
      )}
      {takeOut.isError && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(takeOut.error)}
        </Typography>
      )}
    </Section>
  );
}

function TakeIn({ standard }: { standard: string }) {
  const takeIn = useTakeInCarcasses(standard);
  const input = useRef<HTMLInputElement>(null);
  const [unreadable, setUnreadable] = useState<Error | null>(null);
  const problem = unreadable ?? takeIn.error;
  const choose = ({ target }: ChangeEvent<HTMLInputElement>): void => {
    const file = target.files?.[0];
    target.value = "";
    if (file === undefined) return;
    setUnreadable(null);
    readDocument<CarcassFile>(file).then(
      (document) => takeIn.mutate({ title: file.name.replace(/\.json$/i, "").slice(0, 120), file: document }),
      (error: Error) => setUnreadable(error),
    );
  };
  const placed = problem instanceof Problem ? problem.errors[0] : undefined;

  return (
    <>
      <input ref={input} type="file" accept=".json,application/json" aria-label="File of another school" hidden onChange={choose} />
      <Button disabled={takeIn.isPending} onClick={() => input.current?.click()}>
        {takeIn.isPending ? "Reading …" : "Take in a file of another school"}
      </Button>
      {problem !== null && (
        <Typography role="alert" sx={{ color: "error.main", width: 1 }}>
          {saidOf(problem)} {placed !== undefined && `${placed.path}: ${placed.detail}.`}
          {/* Where no answer came it may have been. */}
          {problem instanceof Problem && " Nothing of it was taken in."}
        </Typography>
      )}
      {problem === null && takeIn.data !== undefined && (
        <Typography role="status" sx={{ width: 1 }}>
          {counted(takeIn.data.records, "carcass", "carcasses")} taken in.
          {takeIn.data.otherwise.length > 0 && ` Cut otherwise there, and left out: ${takeIn.data.otherwise.join(", ")}.`}
        </Typography>
      )}
    </>
  );
}
