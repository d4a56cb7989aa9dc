import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import type { CarcassQuestion, OwnCarcasses } from "../../api/types";
import { usePublishOwnCarcasses } from "../../api/useStandardLook";
import { saidOf } from "../../parts/problems";
import { Slip } from "../../parts/Slip";
import { Toggle } from "../../parts/Toggle";
import { toggled } from "../../parts/toggled";

interface PublishSlipProps {
  own: OwnCarcasses;
  asked: CarcassQuestion;
  onClose: () => void;
}

/** Says what is published before it is, and where it went. */
export function PublishSlip({ own, asked, onClose }: PublishSlipProps) {
  const publish = usePublishOwnCarcasses(own.standard);
  const [left, setLeft] = useState<string[]>([]);
  const [seen] = useState(own);
  if (publish.data !== undefined)
    return (
      <Slip title="Published" onClose={onClose}>
        <Box component="ul" sx={{ pl: 2.5 }}>
          {publish.data.map((it) => (
            <li key={it.id}>
              <Link to={`/standards/${it.id}`}>{it.title}</Link>, version {it.version}
            </li>
          ))}
        </Box>
        <Typography>Practicals that are set up keep what they are held against; a new one takes the new version.</Typography>
      </Slip>
    );
  const others = seen.others.filter((it) => !left.includes(it.id)).map((it) => it.id);

  return (
    <Slip
      title={`Publish version ${seen.version + 1}`}
      onClose={onClose}
      actions={
        <>
          <Button variant="contained" disabled={publish.isPending} onClick={() => publish.mutate({ asked, others })}>
            Publish
          </Button>
          <Button onClick={onClose}>Not now</Button>
        </>
      }
    >
      <Typography>
        {seen.title} gets the windows and shares that are proposed. Released results stay, and so do practicals that are set up already.
      </Typography>
      {seen.others.length > 0 && (
        <Box role="group" aria-label="Other standards" sx={{ mt: 1.5 }}>
          <Typography>The same carcass is cut by these; they get its shares too, and their next version:</Typography>
          <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 1 }}>
            {seen.others.map((it) => (
              <Toggle key={it.id} isOn={!left.includes(it.id)} onToggle={() => setLeft((now) => toggled(now, it.id))}>
                {it.title}
              </Toggle>
            ))}
          </Box>
        </Box>
      )}
      {publish.isError && (
        <Typography role="alert" sx={{ color: "error.main", mt: 1.5 }}>
          {saidOf(publish.error)}
        </Typography>
      )}
    </Slip>
  );
}
