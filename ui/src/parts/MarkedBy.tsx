import Typography from "@mui/material/Typography";
import type { Assessor } from "../api/types";
import { useUser } from "../api/useSession";
import { stationsInWords } from "./stations";

/** Who is down to mark which stations, oneself first. */
export function MarkedBy({ assessors }: { assessors: Assessor[] }) {
  const { id } = useUser();
  if (assessors.length === 0) return null;
  const ordered = [...assessors].sort((one, other) => Number(other.person === id) - Number(one.person === id));

  return <Typography sx={{ color: "text.secondary" }}>{ordered.map((it) => markedIn(it, it.person === id)).join("; ")}.</Typography>;
}

function markedIn({ name, is_second: isSecond, stations }: Assessor, isOneself: boolean): string {
  const who = isOneself ? "You mark" : `${name} marks`;

  return `${who} ${stations.length === 1 ? "station" : "stations"} ${stationsInWords(stations)}${isSecond ? " a second time" : ""}`;
}
