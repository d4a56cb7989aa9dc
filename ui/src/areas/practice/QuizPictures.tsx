import Box from "@mui/material/Box";
import { useParams } from "react-router";

/** The tray that a question is about. */
export function QuizPictures({ pictures }: { pictures: string[] }) {
  const { standard = "" } = useParams();
  if (pictures.length === 0) return null;

  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
      {pictures.map((sha256, index) => (
        <Box
          key={sha256}
          component="img"
          src={`/api/v1/practice/${standard}/pictures/${sha256}`}
          alt={`Photograph ${index + 1} of the tray; without a network it is not shown`}
          sx={{ maxWidth: 1, maxHeight: 420, border: "2px solid", borderColor: "steel.main" }}
        />
      ))}
    </Box>
  );
}
