import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Floor } from "../../api/types";
import { ArrivalDefects } from "../../parts/ArrivalDefects";
import { BesideScale } from "../../parts/BesideScale";
import { Field } from "../../parts/Field";
import { CarcassLook } from "../../parts/CarcassLook";
import { useMassWords } from "../../parts/mass";
import { ScalePanel } from "../../parts/ScalePanel";
import { useTaking } from "../../parts/useTaking";
import { ColdChain, outFor } from "./ColdChain";
import type { StationCaptures } from "./useStationCaptures";

interface ReceiveRoundProps {
  floor: Floor;
  now: number;
  entries: StationCaptures;
}

/** Carcass after carcass over the scale: the weight taken goes to its station, and the scale steps on to the next. */
export function ReceiveRound({ floor, now, entries }: ReceiveRoundProps) {
  const mass = useMassWords();
  const [chosen, setChosen] = useState<number | null>(null);
  const [early, setEarly] = useState<string[]>([]);
  const [tag, setTag] = useState("");
  const [refusal, setRefusal] = useState<string | null>(null);
  const { isTaking, taking } = useTaking();
  const station = floor.stations.find((it) => (chosen === null ? it.received_mg === null : it.station === chosen)) ?? null;
  const defects = station === null ? [] : station.received_mg === null ? early : station.defects;
  const stepOn = (): void => {
    setChosen(null);
    setEarly([]);
    setTag("");
    setRefusal(null);
  };
  const receive = async (mg: number, found: string[]): Promise<boolean> => {
    if (station === null) return false;
    const written = tag.trim() || station.tag;

    return entries.take(station.attempt, `Received, station ${station.station}`, {
      kind: "received",
      mass_mg: mg,
      defects: found,
      ...(written ? { tag: written } : {}),
    });
  };
  const note = async (found: string[]): Promise<boolean> => {
    if (station !== null && station.received_mg !== null) return receive(station.received_mg, found);
    setEarly(found);

    return true;
  };

  return (
    <BesideScale>
      <Box>
        <ColdChain floor={floor} now={now} entries={entries} />
        <Box
          role="group"
          aria-label="Carcasses"
          sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(178px, 1fr))", gap: 0.75, mb: 2 }}
        >
          {floor.stations.map((it) => (
            <ButtonBase
              key={it.attempt}
              aria-pressed={it === station}
              onClick={() => (stepOn(), setChosen(it.station))}
              sx={{
                display: "grid",
                gridTemplateColumns: "auto 1fr",
                columnGap: 1,
                textAlign: "left",
                alignItems: "center",
                px: 1,
                py: 0.5,
                minHeight: 56,
                bgcolor: "background.paper",
                border: "2px solid",
                borderColor: it.received_mg === null ? "text.primary" : "divider",
                ...(it === station && { outline: "4px solid", outlineColor: "secondary.main", outlineOffset: "-2px" }),
              }}
            >
              <Typography variant="figure" sx={{ fontSize: 28, gridRow: "span 2" }}>
                {it.station}
              </Typography>
              <Typography variant="label" noWrap>
                {it.student}
              </Typography>
              <Typography
                variant="figure"
                sx={{ fontWeight: 500, color: outFor(it, now) > floor.cold_limit_ms ? "error.main" : "text.secondary" }}
              >
                {it.received_mg === null ? "to receive" : mass.full(it.received_mg)}
                {it.tag !== null && `, ${it.tag}`}
                {it.refused > 0 && `, ${it.refused} refused`}
              </Typography>
            </ButtonBase>
          ))}
        </Box>
        {station !== null && (
          <>
            <Typography variant="h2" sx={{ mb: 1 }}>
              Station {station.station}: {station.student}
            </Typography>
            <CarcassLook
              key={station.attempt}
              attempt={station.attempt}
              isSimulated={floor.scale_is_simulated}
              items={floor.receiving}
              warmestC={floor.warmest_core_c}
              look={{ not: station.look_not, coreC: station.core_c }}
              onLook={(fact) => entries.take(station.attempt, `Carcass looked at, station ${station.station}`, fact)}
              onRefuse={setRefusal}
            />
            <ArrivalDefects key={`defects of ${station.attempt}`} defects={floor.defects} noted={defects} onNote={note} />
            <Box sx={{ display: "grid", gridTemplateColumns: "160px minmax(0, 1fr) auto", gap: 1, alignItems: "end" }}>
              <Field
                label="Carcass tag"
                value={tag || (station.tag ?? "")}
                onChange={(event) => setTag(event.target.value)}
                autoComplete="off"
              />
              <Field
                label="Refuse it, because"
                value={refusal ?? ""}
                onChange={(event) => setRefusal(event.target.value)}
                autoComplete="off"
              />
              <Button
                disabled={isTaking || (refusal ?? "").trim() === ""}
                onClick={() => {
                  const written = tag.trim() || station.tag;
                  taking(
                    entries.take(station.attempt, `Carcass refused, station ${station.station}`, {
                      kind: "refused",
                      reason: (refusal ?? "").trim(),
                      ...(written ? { tag: written } : {}),
                    }),
                    () => {
                      stepOn();
                      setChosen(station.station);
                    },
                  );
                }}
              >
                Refuse
              </Button>
            </Box>
          </>
        )}
      </Box>
      <ScalePanel
        attempt={station?.attempt ?? floor.stations[0]?.attempt ?? ""}
        isSimulated={floor.scale_is_simulated}
        place={station === null ? null : { id: "received", title: `Carcass of station ${station.station}` }}
        idle={{ button: "Every carcass is weighed", hint: "Tap a carcass to weigh it again." }}
        said={entries.undoable?.words ?? ""}
        onMass={(mg) => taking(receive(mg, defects), stepOn)}
      />
    </BesideScale>
  );
}
