import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import type { WaitingPicture } from "./useWaiting";

/** Photographs of a tray that are on this device and not on the server yet. */
export function WaitingPhotos({ waiting }: { waiting: WaitingPicture[] }) {
  if (waiting.length === 0) return null;

  return (
    <Box role="group" aria-label="Photographs that wait" sx={{ display: "flex", flexWrap: "wrap", gap: 1, my: 1 }}>
      {waiting.map(({ order, blob }) => (
        <WaitingPhoto key={order} blob={blob} />
      ))}
    </Box>
  );
}

function WaitingPhoto({ blob }: { blob: Blob }) {
  const address = useDataAddress(blob);

  return (
    <Box component="figure" sx={{ m: 0, border: "2px dashed", borderColor: "text.primary" }}>
      {address !== null && (
        <Box component="img" src={address} alt="Photograph of the tray that waits to go up" sx={{ height: 132, display: "block" }} />
      )}
      <Typography component="figcaption" variant="label" sx={{ px: 1 }}>
        Waits to go up
      </Typography>
    </Box>
  );
}

/** The picture as an address of its own: the page takes no other of what is not on the server. */
function useDataAddress(blob: Blob): string | null {
  const [address, setAddress] = useState<string | null>(null);
  useEffect(() => {
    const reader = new FileReader();
    reader.addEventListener("load", () => setAddress(reader.result as string));
    reader.readAsDataURL(blob);

    return () => reader.abort();
  }, [blob]);

  return address;
}
