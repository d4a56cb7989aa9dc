import Box from "@mui/material/Box";
import { useParams } from "react-router";
import type { QuizQuestion, SmallCutMap } from "../../api/types";
import { useFollowAlong } from "../../api/usePractice";
import { SmallMap } from "../../parts/SmallMap";

/** What a question is about, to look at: a tray in photographs, or a place on the carcass. */
export function QuizPictures({ question: { pictures, parts } }: { question: QuizQuestion }) {
  const { standard = "" } = useParams();
  const practice = useFollowAlong(standard);
  if (parts.length > 0 && practice.data !== undefined)
    return <SmallMap map={{ ...practice.data.map, holders: uncut(practice.data.map) }} height={260} lit={parts} />;
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

/** The carcass before any knife: where it is cut is what is asked. */
const uncut = ({ shares }: SmallCutMap): SmallCutMap["holders"] => [{ id: "whole", kind: "piece", parts: Object.keys(shares) }];
