import Typography from "@mui/material/Typography";

/** That a practical counts for nothing, or does not take place. */
export function Standing({
  practical: { is_rehearsal: isRehearsal, cancelled },
}: {
  practical: { is_rehearsal: boolean; cancelled: string | null };
}) {
  if (cancelled !== null) return <Typography sx={{ color: "error.main", fontWeight: 700 }}>Cancelled: {cancelled}</Typography>;

  return isRehearsal ? <Typography sx={{ fontWeight: 700 }}>A rehearsal: it counts for nothing.</Typography> : null;
}
