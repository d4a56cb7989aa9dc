import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Floor } from "../../api/types";
import { AskTwice } from "../../parts/AskTwice";
import { NoteLine } from "../../parts/NoteLine";
import { useDoubled } from "../../parts/useDoubled";

interface MarkSheetProps {
  marks: Floor["marks"];
  /** What goes well without a sentence of its own. */
  praise: string[];
  onFault: (id: string, title: string) => void;
  onWell: (text: string) => void;
  onNote: (text: string) => Promise<boolean>;
}

const groups = ["technique", "quality", "sanitation", "safety"] as const;

const FIRST = 4;

/** The marks this room uses most, in four groups, and what is done well: one tap each. */
export function MarkPanel({ marks, praise, onFault, onWell, onNote }: MarkSheetProps) {
  const [showsAll, setShowsAll] = useState(false);
  const titleOf = (id: string): string => marks.find((it) => it.id === id)?.title ?? id;
  const { doubled, tap, again, leave } = useDoubled((id) => onFault(id, titleOf(id)));
  const inGroup = (group: string) => marks.filter((it) => it.group === group).slice(0, showsAll ? undefined : FIRST);

  return (
    <Box id="floor-marks" sx={{ display: "grid", gap: 1.25 }}>
      {doubled !== null && <AskTwice title={titleOf(doubled)} onAgain={again} onLeave={leave} />}
      {groups.map((group) => {
        const few = inGroup(group);
        if (few.length === 0) return null;

        return (
          <Box key={group} role="group" aria-label={group}>
            <Typography variant="label" sx={{ textTransform: "capitalize", color: "text.secondary" }}>
              {group}
            </Typography>
            <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 0.75 }}>
              {few.map((mark) => (
                <Button
                  key={mark.id}
                  onClick={(event) => tap(mark.id, event)}
                  sx={{ px: 1, fontSize: 16, lineHeight: 1.1, ...(mark.critical && { color: "error.main", borderColor: "error.main" }) }}
                >
                  {mark.title}
                </Button>
              ))}
            </Box>
          </Box>
        );
      })}
      <Button size="small" onClick={() => setShowsAll(!showsAll)}>
        {showsAll ? "The usual ones" : "All marks"}
      </Button>
      <Box role="group" aria-label="Done well">
        <Typography variant="label" sx={{ color: "text.secondary" }}>
          Done well
        </Typography>
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 0.75 }}>
          {praise.map((text) => (
            <Button
              key={text}
              onClick={() => onWell(text)}
              sx={{ px: 1, fontSize: 16, lineHeight: 1.1, borderStyle: "double", borderWidth: 4 }}
            >
              {text}
            </Button>
          ))}
        </Box>
      </Box>
      <NoteLine id="floor-note" onNote={onNote} />
    </Box>
  );
}
