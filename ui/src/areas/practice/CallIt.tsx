import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useNavigate } from "react-router";
import { useCall } from "../../api/useCalled";
import { saidOf } from "../../parts/problems";

/** Begins to call a method card to a class, and goes to the screen that is called from. */
export function CallIt({ standard }: { standard: string }) {
  const call = useCall();
  const navigate = useNavigate();

  return (
    <>
      <Button
        disabled={call.isPending}
        onClick={() => call.mutate(standard, { onSuccess: ({ id }) => void navigate(`/called/${id}`) })}
        sx={{ minHeight: 64, fontSize: "1.3rem" }}
      >
        Call it to a class
      </Button>
      {call.isError && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(call.error)}
        </Typography>
      )}
    </>
  );
}
