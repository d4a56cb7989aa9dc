import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useRef, useState, type ChangeEvent } from "react";
import { photoOf, type Photo } from "./photo";

/** A photograph of the tray, by the tablet's camera or from a file. */
export function TakePhoto({ onPhoto }: { onPhoto: (photo: Photo) => Promise<unknown> }) {
  const input = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const take = async ({ target }: ChangeEvent<HTMLInputElement>): Promise<void> => {
    const file = target.files?.[0];
    target.value = "";
    if (file === undefined) return;
    setProblem(null);
    try {
      await onPhoto(await photoOf(file));
    } catch (thrown) {
      setProblem(thrown instanceof Error ? thrown.message : "This file could not be read.");
    }
  };

  return (
    <>
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        aria-label="Photograph file"
        hidden
        onChange={(event) => void take(event)}
      />
      <Button size="small" onClick={() => input.current?.click()} sx={{ minHeight: 44 }}>
        Photograph
      </Button>
      {problem !== null && (
        <Typography role="alert" variant="body2" sx={{ color: "error.main" }}>
          {problem}
        </Typography>
      )}
    </>
  );
}
