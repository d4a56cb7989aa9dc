import Box from "@mui/material/Box";

interface PhotosProps {
  /** Whose they are; or the folder they are in. */
  attempt?: string;
  folder?: string;
  photos: string[];
}

/** Photographs of a tray, side by side; one opens large. */
export function Photos({ attempt = "", folder, photos }: PhotosProps) {
  const from = folder ?? `/api/v1/attempts/${attempt}/photos`;
  if (photos.length === 0) return null;

  return (
    <Box role="group" aria-label="Photographs" sx={{ display: "flex", flexWrap: "wrap", gap: 1, my: 1 }}>
      {photos.map((sha256, index) => {
        const address = `${from}/${sha256}`;

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
