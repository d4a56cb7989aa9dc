import Typography from "@mui/material/Typography";
import { useColorScheme } from "@mui/material/styles";
import { OneOf } from "../../parts/OneOf";

/** Whether the paper is light or dark, for this device. */
export function Ground() {
  const { mode, setMode } = useColorScheme();

  return (
    <>
      <OneOf
        label="Light or dark"
        chosen={mode ?? "system"}
        options={[
          { key: "system", title: "As the device has it" },
          { key: "light", title: "Light" },
          { key: "dark", title: "Dark" },
        ]}
        onChoose={setMode}
      />
      <Typography variant="body2">Light is easier to read under lamps. It holds for this device.</Typography>
    </>
  );
}
