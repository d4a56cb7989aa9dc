import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Field } from "../../../parts/Field";
import { NumberField } from "../../../parts/NumberField";
import { Pick } from "../../../parts/Pick";
import { shareOf, upperFirst } from "../../../parts/format";
import { Toggle } from "../../../parts/Toggle";
import { AddByTitle } from "./AddByTitle";
import { Fields } from "./Entry";
import { useSchoolWords } from "./schoolWords";
import { changeParts, dropped, freeId, replaced, sidesFor, slug, splitSides, type Draft, type Part } from "./draft";

const kinds = [
  { key: "meat", title: "meat" },
  { key: "bone", title: "bone" },
  { key: "fat", title: "fat, skin" },
] as const;

interface DraftCarcassProps {
  draft: Draft;
  /** It is the school's, so that parts may come and go. */
  isOwn: boolean;
  onChange: (draft: Draft) => void;
}

/** The parts of the carcass with their shares of what was bought. */
export function DraftCarcass({ draft, isOwn, onChange }: DraftCarcassProps) {
  const { carcass } = draft;
  const { nameOf } = useSchoolWords();
  const sum = carcass.parts.reduce((total, it) => total + it.share, 0);
  const setPart = (index: number, part: Part): void =>
    onChange({ ...draft, carcass: { ...carcass, parts: replaced(carcass.parts, index, part) } });
  const add = (title: string): void => {
    const id = freeId(
      title,
      carcass.parts.map((it) => it.id),
    );
    onChange(changeParts(draft, [...carcass.parts, { id, title, kind: "meat", share: 0 }]));
  };

  const sides = sidesFor(draft);

  return (
    <Box component="section" aria-label="Carcass of the draft">
      <Typography
        sx={{ mb: 1, color: Math.abs(sum - 1) > 0.001 ? "error.main" : "text.secondary" }}
        role="status"
        aria-label="Sum of shares"
      >
        {Number((100 * sum).toFixed(2))} % of the carcass is written down; it must be 100 %, purge included.
      </Typography>
      {isOwn && (
        <Box sx={{ mb: 2 }}>
          <Fields>
            <Field
              label="Carcass"
              value={carcass.title ?? ""}
              onChange={({ target }) =>
                onChange({ ...draft, carcass: { ...carcass, title: target.value, key: slug(target.value) || "own-carcass" } })
              }
            />
            <Field label="Species" value={draft.species ?? ""} onChange={({ target }) => onChange({ ...draft, species: target.value })} />
          </Fields>
        </Box>
      )}
      {carcass.parts.map((part, index) => {
        const title = nameOf(part);
        const isSided = sides.some((it) => part.id.endsWith(`.${it}`));

        return (
          <Box
            key={part.id}
            role="group"
            aria-label={title}
            sx={{
              display: "grid",
              gridTemplateColumns: `minmax(0, 1fr) 92px 92px 110px ${isOwn ? "176px" : ""}`,
              gap: 1,
              alignItems: "end",
              py: 0.75,
              borderBottom: "1px solid",
              borderColor: "divider",
            }}
          >
            <Typography variant="label" sx={{ pb: 1.5 }}>
              {title}
            </Typography>
            <NumberField label="Share, %" value={100 * part.share} onNumber={(it) => setPart(index, { ...part, share: shareOf(it) })} />
            <NumberField
              label="± sd, %"
              value={part.sd === undefined ? null : 100 * part.sd}
              placeholder="usual"
              onClear={() => setPart(index, dropped(part, "sd"))}
              onNumber={(it) => setPart(index, { ...part, sd: shareOf(it) })}
            />
            <Pick label="Kind" value={part.kind ?? "meat"} options={[...kinds]} onPick={(kind) => setPart(index, { ...part, kind })} />
            {isOwn && (
              <Box sx={{ display: "flex", gap: 0.5, pb: 0.5, justifyContent: "flex-end" }}>
                {!isSided && (
                  <Toggle isOn={false} onToggle={() => onChange(splitSides(draft, part.id))}>
                    {upperFirst(sides.join(" and "))}
                  </Toggle>
                )}
                <Button
                  size="small"
                  aria-label={`Take ${title} away`}
                  onClick={() =>
                    onChange(
                      changeParts(
                        draft,
                        carcass.parts.filter((it) => it !== part),
                      ),
                    )
                  }
                >
                  ×
                </Button>
              </Box>
            )}
          </Box>
        );
      })}
      {isOwn ? (
        <AddByTitle label="Another part" onAdd={add} />
      ) : (
        <Typography variant="body2" sx={{ color: "text.secondary", mt: 1 }}>
          The parts of this carcass are those of its plan; write its shares over with the school&rsquo;s own records. For other parts, begin
          a new standard with a carcass of your own.
        </Typography>
      )}
    </Box>
  );
}
