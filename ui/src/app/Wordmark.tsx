import Box from "@mui/material/Box";

/** The name over one stroke of a boning knife. */
export function Wordmark({ size = 1 }: { size?: number }) {
  return (
    <Box component="span" sx={{ display: "inline-flex", flexDirection: "column", color: "text.primary", lineHeight: 1 }}>
      <Box component="span" sx={{ typography: "figure", fontSize: 24 * size, letterSpacing: "0.02em" }}>
        Deft Blade
      </Box>
      <svg width={108 * size} height={9 * size} viewBox="0 0 108 9" aria-hidden>
        <path d="M1 2.2 H34 V6 H1 Z" fill="currentColor" />
        <path
          d="M36 1.4 L92 1.8 Q101 2.6 107 7.6 Q70 5.6 36 5.8 Z"
          fill="none"
          stroke="currentColor"
          strokeWidth="1.2"
          strokeLinejoin="round"
        />
      </svg>
    </Box>
  );
}
