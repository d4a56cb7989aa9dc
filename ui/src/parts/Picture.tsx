import Box from "@mui/material/Box";
import type { ReactNode } from "react";

interface PictureProps {
  /** Said of it to a screen reader; of an image all that it says. */
  label: string;
  /** An image is read by its label alone; in a group there is something to reach. */
  role?: "group" | "img";
  /** In units of the drawing, which is as wide as its place. */
  width: number;
  height: number;
  /** In px; without it there is no end to how wide it becomes. */
  maxWidth?: number;
  /** Of its words, in units of the drawing: larger where the place is narrow. */
  text: number | { xs: number; sm: number };
  children: ReactNode;
}

/** A picture that is drawn to scale in the colour of the words around it. */
export function Picture({ label, role = "group", width, height, maxWidth, text, children }: PictureProps) {
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${width} ${height}`}
      role={role}
      aria-label={label}
      sx={{
        width: "100%",
        maxWidth: maxWidth ?? "none",
        display: "block",
        "& text": { fontSize: text, fill: "currentColor", fontFamily: "inherit" },
        "& a": { cursor: "pointer" },
      }}
    >
      {children}
    </Box>
  );
}
