import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { LetterKeys } from "../parts/LetterKeys";
import { Slip } from "../parts/Slip";

const groups: { title: string; keys: [string, string][] }[] = [
  {
    title: "Anywhere",
    keys: [
      ["?", "this sheet"],
      ["/", "find a practical, a student, a standard"],
      ["b", "to the Bench"],
      ["f", "to the Floor"],
      ["g", "to the ledger"],
      ["s", "to the standards"],
      ["Esc", "close what is open"],
    ],
  },
  {
    title: "On a tray",
    keys: [
      ["r", "receive"],
      ["w", "weigh in"],
      ["i", "inspect"],
      ["v", "verdict (there, p prints)"],
      ["l", "log of this tray"],
      ["Space", "start or stop the clock"],
      ["k", "checkpoint passed"],
      ["u", "undo your last entry"],
      ["[  ]", "tray before, tray after"],
    ],
  },
  {
    title: "On the Floor",
    keys: [
      ["0 … 9", "pick a station"],
      ["Space", "start the picked clock, present the tray"],
      ["m", "marks of the picked station"],
      ["n", "note on the picked station"],
      ["u", "undo what was just taken down"],
      ["w", "weigh the next tray"],
    ],
  },
  {
    title: "Weigh-in",
    keys: [
      ["Enter", "take the steady reading, go to the next place"],
      ["← ↑ → ↓", "choose another place"],
      ["0 … 9", "type a weight instead"],
      ["p", "demo scale: put the piece on"],
      ["o", "demo scale: take it off"],
    ],
  },
  {
    title: "Inspection",
    keys: [
      ["1 … 5", "the step this criterion meets, on to the next"],
      ["↑ ↓", "criterion before, criterion after"],
    ],
  },
];

export function ShortcutList({ onClose }: { onClose: () => void }) {
  return (
    <Slip title="Keys" width="md" onClose={onClose}>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 3 }}>
        {groups.map((group) => (
          <Box key={group.title}>
            <Typography variant="h3">{group.title}</Typography>
            <Box component="dl" sx={{ display: "grid", gridTemplateColumns: "84px 1fr", rowGap: 0.5, m: 0, mt: 1 }}>
              {group.keys.map(([key, what]) => [
                <Typography key={key} component="dt" variant="figure" sx={{ color: "secondary.main" }}>
                  {key}
                </Typography>,
                <Typography key={what} component="dd" variant="body2" sx={{ m: 0 }}>
                  {what}
                </Typography>,
              ])}
            </Box>
          </Box>
        ))}
      </Box>
      <LetterKeys />
    </Slip>
  );
}
