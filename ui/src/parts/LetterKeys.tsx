import Typography from "@mui/material/Typography";
import { setLetterKeys, useLetterKeys } from "./useLetterKeys";
import { Toggle } from "./Toggle";

/** Switches keys of one character on and off, for this device. */
export function LetterKeys() {
  const isOn = useLetterKeys();

  return (
    <>
      <Toggle isOn={!isOn} onToggle={() => setLetterKeys(!isOn)}>
        Keys of one character off
      </Toggle>
      <Typography variant="body2">
        {isOn ? "Letters, digits and signs act when nothing is being typed." : "Only Enter, Space, Escape and the arrows act."} It holds for
        this device.
      </Typography>
    </>
  );
}
