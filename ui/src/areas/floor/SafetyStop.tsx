import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Fact, Floor, FloorStation } from "../../api/types";
import { Field } from "../../parts/Field";
import { OneOf } from "../../parts/OneOf";
import { Slip } from "../../parts/Slip";
import { Toggle } from "../../parts/Toggle";
import { toggled } from "../../parts/toggled";
import { useTaking } from "../../parts/useTaking";

type Incident = Extract<Fact, { kind: "incident" }>;

interface SafetyStopProps {
  floor: Floor;
  station: FloorStation;
  /** Whether it was taken down: what this device cannot keep stays on the slip. */
  onRecord: (incident: Incident) => Promise<boolean>;
  onClose: () => void;
}

const kinds = [
  ["cut", "Cut", "Press on the wound with a clean dressing and raise the hand. Everything the blood touched goes into the waste."],
  ["burn", "Burn", "Cool under running water at once, and keep on. No ice, no fat, no cream."],
  ["slip", "Slip or fall", "Do not lift the person up in a hurry. Dry the floor before anybody walks on."],
  ["near_miss", "Near miss", "Nobody is hurt: say what happened, so that the next one is not."],
  ["other", "Something else", "Make the place safe first."],
] as const;

/** The clock stands: what happened, what was touched, and a record that stays. */
export function SafetyStop({ floor, station, onRecord, onClose }: SafetyStopProps) {
  const [what, setWhat] = useState<Incident["what"] | null>(null);
  const [text, setText] = useState("");
  const [pieces, setPieces] = useState<string[]>([]);
  const [treatment, setTreatment] = useState<Incident["treatment"]>("excused");
  const words = kinds.find(([key]) => key === what)?.[2];
  const { isTaking, taking } = useTaking();
  const record = (): void => {
    if (what !== null) taking(onRecord({ kind: "incident", what, text: text.trim(), pieces, treatment }), onClose);
  };

  return (
    <Slip
      title={`Stopped: station ${station.station}`}
      width="md"
      isAlarm
      onClose={onClose}
      actions={
        <>
          <Button variant="contained" disabled={what === null || isTaking} onClick={record}>
            Record it
          </Button>
          <Button onClick={onClose}>Nothing happened</Button>
          <Typography variant="caption" sx={{ color: "text.secondary" }}>
            A record cannot be deleted.
          </Typography>
        </>
      }
    >
      <Typography sx={{ fontWeight: 700 }}>The clock stands. People first.</Typography>
      <Box
        role="group"
        aria-label="What happened"
        sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fit, minmax(130px, 1fr))", gap: 1 }}
      >
        {kinds.map(([key, title]) => (
          <Button
            key={key}
            aria-pressed={what === key}
            onClick={() => setWhat(key)}
            sx={{
              minHeight: 68,
              ...(what === key && { bgcolor: "text.primary", color: "background.paper", "&:hover": { bgcolor: "text.primary" } }),
            }}
          >
            {title}
          </Button>
        ))}
      </Box>
      {words !== undefined && (
        <Typography role="note" sx={{ borderLeft: "5px solid", borderColor: "error.main", pl: 1.5 }}>
          {words} Follow the school&rsquo;s procedure and call its trained first-aider; in doubt, call the emergency service. Local codes
          decide.
        </Typography>
      )}
      <Field label="What happened" value={text} onChange={(event) => setText(event.target.value)} multiline minRows={2} />
      <Typography variant="label">What was touched goes into the waste</Typography>
      <Box role="group" aria-label="Touched" sx={{ display: "flex", flexWrap: "wrap", gap: 0.75 }}>
        {floor.pieces.map((piece) => (
          <Toggle key={piece.id} isOn={pieces.includes(piece.id)} onToggle={() => setPieces((it) => toggled(it, piece.id))}>
            {piece.title}
          </Toggle>
        ))}
      </Box>
      {pieces.length > 0 && (
        <OneOf
          label="What becomes of the mark"
          chosen={treatment}
          options={[
            { key: "excused", title: "Excused: out of the sum" },
            { key: "voided", title: "Withdrawal: counts as missing" },
          ]}
          onChoose={setTreatment}
        />
      )}
    </Slip>
  );
}
