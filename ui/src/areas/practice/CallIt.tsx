import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useNavigate } from "react-router";
import type { PracticeOf } from "../../api/types";
import { useCall } from "../../api/useCalled";
import { Pick } from "../../parts/Pick";
import { saidOf } from "../../parts/problems";

const EVERYBODY = "everybody";

/** Begins to call a method card to a class, and goes to the screen that is called from. */
export function CallIt({ standard, groups }: { standard: string; groups: PracticeOf["groups"] }) {
  const call = useCall();
  const [chosen, setChosen] = useState<string | null>(null);
  const group = chosen ?? groups[0]?.id ?? EVERYBODY;
  const navigate = useNavigate();

  return (
    <>
      <Pick
        label="Call it to"
        value={group}
        options={[...groups.map((it) => ({ key: it.id, title: it.name })), { key: EVERYBODY, title: "Everybody" }]}
        onPick={setChosen}
      />
      <Button
        disabled={call.isPending}
        onClick={() =>
          call.mutate({ standard, group: group === EVERYBODY ? null : group }, { onSuccess: ({ id }) => void navigate(`/called/${id}`) })
        }
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
