import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Assessment } from "../api/types";
import { Field } from "../parts/Field";
import { upperFirst } from "../parts/format";
import { useMassWords } from "../parts/mass";
import { Pick } from "../parts/Pick";
import { readMass } from "../parts/readMass";
import { Slip } from "../parts/Slip";
import { mendableFields, mended, type Mendable } from "./mendable";
import { useCaptureQueue } from "./Sending";
import type { Waiting } from "./store";

interface MendCaptureProps {
  waiting: Waiting;
  /** Whose it is. */
  title: string;
  /** What it says. */
  words: string;
  /** Undefined while the documents of the practical are not here: then it can be sent again or dropped. */
  assessment: Assessment | undefined;
  onClose: () => void;
}

/** What the server refused, to be put right and sent, or dropped. Its id and its time stay. */
export function MendCapture({ waiting: { order, capture, refusal }, title, words, assessment, onClose }: MendCaptureProps) {
  const queue = useCaptureQueue();
  const [fields, setFields] = useState(() => (assessment === undefined ? [] : mendableFields(capture, assessment)));
  const [unread, setUnread] = useState(false);
  const isWanting = unread || fields.some((it) => it.as === "words" && it.isNeeded && it.value.trim() === "");
  const write = (field: Mendable): void => setFields(fields.map((it) => (it.key === field.key ? field : it)));
  const decide = (decision: (order: number) => Promise<void>): void => {
    if (order !== undefined) void decision(order);
    onClose();
  };

  return (
    <Slip
      title={title}
      onClose={onClose}
      onSubmit={() => {
        if (!isWanting) decide((it) => queue.mend(it, fields.reduce(mended, capture)));
      }}
      actions={
        <>
          <Button onClick={onClose}>Leave it for now</Button>
          <Button onClick={() => decide(queue.drop)} sx={{ ml: "auto", color: "error.main", borderColor: "error.main" }}>
            Drop it for good
          </Button>
        </>
      }
    >
      <Typography sx={{ overflowWrap: "anywhere" }}>{words}</Typography>
      <Typography sx={{ color: "error.main", overflowWrap: "anywhere" }}>{upperFirst(refusal ?? "")}</Typography>
      {fields.map((field) => (
        <FieldOf key={field.key} field={field} onWrite={write} onUnread={setUnread} />
      ))}
      <Button type="submit" variant="contained" disabled={isWanting} sx={{ minHeight: 64 }}>
        {fields.length === 0 ? "Send it again" : "Send it so"}
      </Button>
    </Slip>
  );
}

interface FieldOfProps {
  field: Mendable;
  onWrite: (field: Mendable) => void;
  /** Told whether what is typed is no weight. */
  onUnread: (isUnread: boolean) => void;
}

function FieldOf({ field, onWrite, onUnread }: FieldOfProps) {
  switch (field.as) {
    case "choice":
      return <Pick label={field.label} value={field.value} options={field.options} onPick={(value) => onWrite({ ...field, value })} />;
    case "words":
      return (
        <Field
          label={field.label}
          value={field.value}
          multiline={field.key === "text"}
          autoComplete="off"
          onChange={({ target }) => onWrite({ ...field, value: target.value })}
        />
      );
    case "mass":
      return <MassField mg={field.value} onMass={(value) => onWrite({ ...field, value })} onUnread={onUnread} />;
  }
}

function MassField({ mg, onMass, onUnread }: { mg: number; onMass: (mg: number) => void; onUnread: (isUnread: boolean) => void }) {
  const mass = useMassWords();
  const [text, setText] = useState(() => mass.full(mg));
  const read = readMass(text, mass);

  return (
    <Field
      label="Weight"
      value={text}
      inputMode="decimal"
      autoComplete="off"
      problem={"problem" in read ? read.problem : undefined}
      onChange={({ target }) => {
        setText(target.value);
        const typed = readMass(target.value, mass);
        onUnread("problem" in typed);
        if ("mg" in typed) onMass(typed.mg);
      }}
    />
  );
}
