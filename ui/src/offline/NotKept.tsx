import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Slip } from "../parts/Slip";
import { SaveWaiting } from "./SaveWaiting";

interface NotKeptProps {
  /** What the browser calls it. */
  fault: string;
  onClose: () => void;
}

/** The device cannot keep what was just entered: it is said at once, before anybody goes on as if it were taken down. */
export function NotKept({ fault, onClose }: NotKeptProps) {
  const isFull = fault.includes("Quota");

  return (
    <Slip
      title="Not taken down"
      isAlarm
      onClose={onClose}
      actions={
        <>
          <Button variant="contained" onClick={onClose} autoFocus>
            I have seen it
          </Button>
          <SaveWaiting />
        </>
      }
    >
      <Typography>
        {isFull ? "This device has no space left to keep what you enter." : "This device cannot keep what you enter."} What you just did was
        not stored anywhere; what was taken down before is.
      </Typography>
      <Typography>
        {isFull ? "Free some space, or go on with another device." : "Load the page again, or go on with another device."} Write the weight
        on paper until then. ({fault})
      </Typography>
    </Slip>
  );
}
