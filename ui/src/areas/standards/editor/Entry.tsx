import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useRef, useState, type ReactNode } from "react";
import { useSearchParams } from "react-router";

interface EntryProps {
  /** By which an address opens it. */
  id?: string;
  title: string;
  /** Said beside the title while it is closed. */
  note?: ReactNode;
  /** Shown whether it is open or not. */
  always?: ReactNode;
  onRemove?: (() => void) | undefined;
  children: ReactNode;
}

/** One thing of a draft in a list: its line, and what can be written over when it is opened. */
export function Entry({ id, title, note, always, onRemove, children }: EntryProps) {
  const [address] = useSearchParams();
  const [isAskedFor] = useState(id !== undefined && address.get("at") === id);
  const [isOpen, setOpen] = useState(isAskedFor);
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (isAskedFor) place.current?.scrollIntoView({ block: "center" });
  }, [isAskedFor]);

  return (
    <Box ref={place} role="group" aria-label={title} sx={{ borderBottom: "1px solid", borderColor: "divider", py: 0.75 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1 }}>
        <Typography variant="h3" component="p" sx={{ flex: 1, minWidth: 150, fontSize: "1.1rem" }}>
          {title}
        </Typography>
        {note}
        <Button size="small" aria-expanded={isOpen} aria-label={`${isOpen ? "Close" : "Change"} ${title}`} onClick={() => setOpen(!isOpen)}>
          {isOpen ? "Close" : "Change"}
        </Button>
        {onRemove !== undefined && (
          <Button size="small" aria-label={`Take away ${title}`} onClick={onRemove}>
            Take away
          </Button>
        )}
      </Box>
      {always}
      {isOpen && (
        <Box sx={{ display: "grid", gap: 1.25, py: 1.25, pl: 1.5, borderLeft: "4px solid", borderColor: "secondary.main" }}>{children}</Box>
      )}
    </Box>
  );
}

/** Fields side by side, as many as there is room for. */
export function Fields({ children, least = 130, align = "end" }: { children: ReactNode; least?: number; align?: "start" | "end" }) {
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: `repeat(auto-fit, minmax(${least}px, 1fr))`, gap: 1.25, alignItems: align }}>
      {children}
    </Box>
  );
}
