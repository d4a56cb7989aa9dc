import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Pick } from "../Pick";
import { Slip } from "../Slip";
import { DEFAULT_BAUD, plugs, useOwnScale } from "./OwnScale";

const SPEEDS = [1_200, 2_400, 4_800, DEFAULT_BAUD, 19_200, 38_400, 57_600, 115_200];

/** A scale that is plugged into this device, instead of the room's; nothing where the browser cannot hear one. */
export function ConnectScale() {
  const own = useOwnScale();
  const [asks, setAsks] = useState(false);
  const [speed, setSpeed] = useState(String(DEFAULT_BAUD));
  const offered = plugs();
  if (offered.length === 0) return null;
  if (own.name !== null)
    return (
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1 }}>
        <Typography variant="label" sx={{ flex: 1, minWidth: 0, overflowWrap: "anywhere" }}>
          This device’s scale: {own.name}
        </Typography>
        <Button size="small" onClick={own.disconnect} sx={{ minHeight: 48 }}>
          Use the room’s
        </Button>
      </Box>
    );
  const connect = (plug: (typeof offered)[number]): void => {
    setAsks(false);
    void own.connect(plug, Number(speed));
  };

  return (
    <>
      <Button size="small" onClick={() => setAsks(true)} sx={{ minHeight: 48, alignSelf: "flex-start" }}>
        Connect a scale
      </Button>
      {own.problem !== null && (
        <Typography role="alert" variant="body2" sx={{ color: "error.main" }}>
          {own.problem}
        </Typography>
      )}
      {asks && (
        <Slip title="A scale at this device" onClose={() => setAsks(false)}>
          {offered.includes("usb") && (
            <>
              <Typography>A scale with a USB plug that reports as a point-of-sale scale.</Typography>
              <Button variant="contained" onClick={() => connect("usb")}>
                USB scale
              </Button>
            </>
          )}
          {offered.includes("serial") && (
            <>
              <Typography>
                A scale with a serial interface or its adapter, set to send its weight by itself: flag, sign, number and unit on a line. Its
                speed stands in its manual.
              </Typography>
              <Pick
                label="Speed in baud"
                value={speed}
                options={SPEEDS.map((it) => ({ key: String(it), title: String(it) }))}
                onPick={setSpeed}
              />
              <Button onClick={() => connect("serial")}>Serial scale</Button>
            </>
          )}
        </Slip>
      )}
    </>
  );
}
