import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import type { IssuedCode, Person } from "../../api/types";
import { usePeople } from "../../api/usePeople";
import { Rail } from "../../app/Rail";
import { CodeSlip } from "../../parts/CodeSlip";
import { Loading } from "../../parts/Loading";
import { ProblemNotice } from "../../parts/Notice";
import { InviteSlip } from "./InviteSlip";
import { PersonRow } from "./PersonRow";

/** Who works at the school: invited, here, or gone. */
export function People() {
  const people = usePeople();
  const [invites, setInvites] = useState(false);
  const [issued, setIssued] = useState<IssuedCode | null>(null);
  if (people.isPending) return <Loading what="the people" />;
  if (people.isLoadingError) return <ProblemNotice problem={people.error} onRetry={() => void people.refetch()} />;
  const isGone = (it: Person): boolean => it.left_at !== null;

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2, maxWidth: 1120 }}>
      <Rail area="People" />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1, mb: 1 }}>
        <Typography variant="h1" sx={{ flex: 1 }}>
          People
        </Typography>
        <Button component={Link} to="/people/changes">
          What was changed
        </Button>
        <Button variant="contained" onClick={() => setInvites(true)}>
          Invite somebody
        </Button>
      </Box>
      <Group title="Here" people={people.data.filter((it) => !isGone(it))} onIssued={setIssued} />
      <Group title="Left" people={people.data.filter(isGone)} onIssued={setIssued} />
      {invites && (
        <InviteSlip
          onClose={() => setInvites(false)}
          onInvited={(made) => {
            setInvites(false);
            setIssued(made);
          }}
        />
      )}
      {issued !== null && <CodeSlip title={`A code for ${issued.name}`} codes={[issued]} onClose={() => setIssued(null)} />}
    </Box>
  );
}

function Group({ title, people, onIssued }: { title: string; people: Person[]; onIssued: (issued: IssuedCode) => void }) {
  if (people.length === 0) return null;

  return (
    <Box component="section" aria-label={title} sx={{ mt: 2 }}>
      <Typography variant="h2" sx={{ borderBottom: "2px solid", borderColor: "text.primary", pb: 0.5 }}>
        {title}
      </Typography>
      {people.map((it) => (
        <PersonRow key={it.id} person={it} onIssued={onIssued} />
      ))}
    </Box>
  );
}
