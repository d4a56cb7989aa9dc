import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useRef, useState } from "react";
import { readDocument } from "../../../api/readDocument";
import type { Policy } from "../../../api/types";
import { tryPolicy } from "../../../api/usePolicy";
import { saidOf } from "../../../parts/problems";
import { Slip } from "../../../parts/Slip";

/** Takes a policy out of a file onto the page, where it shows what it would do; nothing is published by that. */
export function TakePolicy({ onTake }: { onTake: (policy: Policy) => void }) {
  const input = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<Error | null>(null);
  const [wrong, setWrong] = useState<string[]>([]);
  const read = async (file: File): Promise<void> => {
    try {
      const document = await readDocument<Policy>(file);
      // A document that is wrong in its shape cannot be shown to write over: its faults are named instead.
      const { problems } = await tryPolicy(document);
      if (problems.length > 0) setWrong(problems.map((it) => `${it.path}: ${it.detail}`));
      else onTake(document);
    } catch (caught) {
      setProblem(caught as Error);
    }
  };
  const close = (): void => {
    setProblem(null);
    setWrong([]);
  };

  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label="Policy file"
        hidden
        onChange={({ target }) => {
          const file = target.files?.[0];
          target.value = "";
          if (file !== undefined) void read(file);
        }}
      />
      <Button onClick={() => input.current?.click()}>Import JSON</Button>
      {(problem !== null || wrong.length > 0) && (
        <Slip title="Not imported" onClose={close}>
          <Typography>{saidOf(problem) ?? "This is no policy that adds up. Nothing of it was taken in."}</Typography>
          {wrong.map((it) => (
            <Typography key={it} variant="body2" sx={{ overflowWrap: "anywhere", mt: 0.5 }}>
              {it}
            </Typography>
          ))}
        </Slip>
      )}
    </>
  );
}
