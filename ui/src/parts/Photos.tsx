import Box from "@mui/material/Box";

/** Photographs of a tray, side by side; one opens large. */
export function Photos({ attempt, photos }: { attempt: string; photos: string[] }) {
  if (photos.length === 0) return null;

  return (
    <Box role="group" aria-label="Photographs" sx={{ display: "flex", flexWrap: "wrap", gap: 1, my: 1 }}>
      {photos.map((sha256, index) => {
        const address = `/api/v1/attempts/${attempt}/photos/${sha256}`;

        return (
          <a key={sha256} href={address} target="_blank" rel="noopener">
            <Box
              component="img"
              src={address}
              alt={`Photograph ${index + 1} of the tray`}
              sx={{ height: 132, display: "block", border: "2px solid", borderColor: "steel.main" }}
            />
          </a>
        );
      })}
    </Box>
  );
}
