import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { useCheckScale } from "../../api/useFloor";
import type { Floor } from "../../api/types";
import { BesideScale } from "../../parts/BesideScale";
import { Field } from "../../parts/Field";
import { useMassWords } from "../../parts/mass";
import { saidOf } from "../../parts/problems";
import { readMass } from "../../parts/readMass";
import { ScaleCheckNote } from "../../parts/ScaleCheckNote";
import { ScalePanel } from "../../parts/ScalePanel";

/** Before the hour: a check weight on the scale, and whether what it says of it is permissible. */
export function CheckScale({ floor }: { floor: Floor }) {
  const mass = useMassWords();
  const check = useCheckScale(floor.assessment);
  const [nominal, setNominal] = useState(mass.unit === "g" ? "1000 g" : "1 lb");
  const read = readMass(nominal, mass);
  const problem = "problem" in read ? read.problem : read.mg === 0 ? "A check weight weighs something." : undefined;
  const nominalMg = "problem" in read || read.mg === 0 ? null : read.mg;
  const [first] = floor.stations;

  return (
    <BesideScale>
      <Box sx={{ display: "grid", gap: 2, maxWidth: 620 }}>
        <Typography variant="h2">Is the scale right?</Typography>
        <Typography>
          Put a check weight on it before the hour, and again whenever it was moved. A check holds until the next one; how far it may be off
          follows from the division of the scale in the grading policy.
        </Typography>
        <Field
          label="The check weight weighs"
          value={nominal}
          problem={problem}
          onChange={({ target }) => setNominal(target.value)}
          sx={{ maxWidth: 220 }}
        />
        {floor.scale_check === null ? (
          <Typography sx={{ color: "text.secondary" }}>Not checked for this practical yet.</Typography>
        ) : (
          <ScaleCheckNote check={floor.scale_check} />
        )}
        {saidOf(check.error) !== undefined && (
          <Typography role="alert" sx={{ color: "error.main" }}>
            Not kept: {saidOf(check.error)}
          </Typography>
        )}
      </Box>
      {first !== undefined && (
        <ScalePanel
          attempt={first.attempt}
          isSimulated={floor.scale_is_simulated}
          place={nominalMg === null ? null : { id: "check", title: "Check weight", mass: nominal }}
          idle={{ button: "Take check weight", hint: "Say first what the check weight weighs." }}
          said={check.isSuccess ? "Kept." : ""}
          onMass={(readingMg) => nominalMg !== null && check.mutate({ nominalMg, readingMg })}
        />
      )}
    </BesideScale>
  );
}
