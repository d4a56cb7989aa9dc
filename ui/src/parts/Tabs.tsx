import Box from "@mui/material/Box";
import Button from "@mui/material/Button";

interface TabsProps<Key extends string> {
  label: string;
  tabs: Partial<Record<Key, string>>;
  current: Key;
  onTurn: (tab: Key) => void;
}

/** Tabs of one thing, one on top: a row of tabs, the one that lies open inked in. */
export function Tabs<Key extends string>({ label, tabs, current, onTurn }: TabsProps<Key>) {
  return (
    <Box component="nav" aria-label={label} sx={{ display: "flex", flexWrap: "wrap" }}>
      {(Object.keys(tabs) as Key[]).map((it) => (
        <Button
          key={it}
          onClick={() => onTurn(it)}
          aria-current={it === current ? "true" : undefined}
          sx={{
            ml: "-2px",
            borderRadius: 0,
            ...(it === current && { bgcolor: "text.primary", color: "background.paper", "&:hover": { bgcolor: "text.primary" } }),
          }}
        >
          {tabs[it]}
        </Button>
      ))}
    </Box>
  );
}
