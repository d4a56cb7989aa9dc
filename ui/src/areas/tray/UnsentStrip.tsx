import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Problem } from "../../api/problem";
import type { Desk } from "./useTakeDown";

/** What did not reach the server: why, and what to do with it. */
export function UnsentStrip({ desk }: { desk: Desk }) {
  return desk.unsent.map((unsent) => (
    <Box
      key={unsent.captures[0]?.id}
      role="alert"
      sx={{
        display: "flex",
        alignItems: "center",
        gap: 2,
        px: 3,
        py: 1,
        bgcolor: "background.paper",
        borderBottom: "3px solid",
        borderColor: "error.main",
      }}
    >
      <Typography sx={{ flex: 1 }}>
        <strong>Not stored.</strong>{" "}
        {unsent.problem instanceof Problem ? unsent.problem.detail : "The server does not answer. It is kept here until it goes up."}
      </Typography>
      <Button size="small" onClick={() => void desk.sendAgain(unsent)}>
        Send again
      </Button>
      <Button size="small" onClick={() => desk.drop(unsent)}>
        Drop it
      </Button>
    </Box>
  ));
}
