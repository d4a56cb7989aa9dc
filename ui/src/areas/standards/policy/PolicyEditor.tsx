import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { usePolicyTrial, usePublishPolicy } from "../../../api/usePolicy";
import type { OpenPolicy, Policy } from "../../../api/types";
import { saidOf } from "../../../parts/problems";
import { AppealFields } from "./AppealFields";
import { BandFields } from "./BandFields";
import { CapFields } from "./CapFields";
import { ComponentFields } from "./ComponentFields";
import { DecisionFields } from "./DecisionFields";
import { LeavePolicy } from "./LeavePolicy";
import { ModerationFields } from "./ModerationFields";
import { PolicyTrial } from "./PolicyTrial";
import { TakePolicy } from "./TakePolicy";
import { TermTrial } from "./TermTrial";
import { WeighingFields } from "./WeighingFields";

/** The policy to write over, beside what it would do. */
export function PolicyEditor({ policy }: { policy: OpenPolicy }) {
  const [draft, setDraft] = useState<{ document: Policy; basedOn: number } | null>(null);
  const publish = usePublishPolicy();
  const document = draft?.document ?? policy.document;
  const change = (next: Policy): void => setDraft({ document: next, basedOn: draft?.basedOn ?? policy.version });
  const trial = usePolicyTrial(document);
  const isChanged = draft !== null && (trial.data?.changes.length !== 0 || trial.data.problems.length > 0);
  const isSound = trial.data?.problems.length === 0 && !trial.isPlaceholderData;
  const isOld = draft !== null && draft.basedOn !== policy.version;

  return (
    <>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "end", gap: 1, mb: 1 }}>
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h1">Grading policy</Typography>
          <Typography sx={{ color: "text.secondary" }}>
            Version {policy.version}. What is published here holds for practicals set up from then on; those that are set up keep theirs.
          </Typography>
        </Box>
        <Button component="a" href="/api/v1/policy/document" download>
          Export JSON
        </Button>
        <TakePolicy onTake={change} />
        <Button disabled={draft === null} onClick={() => setDraft(null)}>
          As published
        </Button>
        <Button onClick={() => change(policy.shipped)}>By the book</Button>
      </Box>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 58fr) minmax(0, 42fr)" },
          gap: 3,
          alignItems: "start",
        }}
      >
        <Box sx={{ display: "grid", gridTemplateColumns: "minmax(0, 1fr)", gap: 3 }}>
          <ComponentFields policy={document} said={policy.said} onChange={change} />
          <BandFields policy={document} onChange={change} />
          <DecisionFields policy={document} onChange={change} />
          <WeighingFields policy={document} onChange={change} />
          <ModerationFields policy={document} onChange={change} />
          <CapFields policy={document} onChange={change} />
          <AppealFields policy={document} onChange={change} />
        </Box>
        <PolicyTrial trial={trial.data} isAsking={trial.isFetching} isChanged={draft !== null} places={document.places}>
          <Button
            variant="contained"
            disabled={!isChanged || !isSound || isOld || publish.isPending}
            onClick={() => publish.mutate({ document, basedOn: draft?.basedOn ?? policy.version }, { onSuccess: () => setDraft(null) })}
          >
            {publish.isPending ? "Publishing …" : `Publish version ${policy.version + 1}`}
          </Button>
          <Typography role="status" sx={{ minHeight: "1.6em", color: publish.isError ? "error.main" : "text.secondary" }}>
            {saidOf(publish.error) ?? (publish.isSuccess && draft === null ? `Version ${policy.version} is published.` : "")}
          </Typography>
          {isOld && (
            <Typography variant="body2">
              Below is what yours would change of version {policy.version}, which came meanwhile.{" "}
              <Button
                size="small"
                onClick={() => {
                  publish.reset();
                  setDraft({ document, basedOn: policy.version });
                }}
              >
                Go on with mine
              </Button>
            </Typography>
          )}
        </PolicyTrial>
      </Box>
      <Box sx={{ mt: 4 }}>
        <TermTrial document={document} isSound={isSound} />
      </Box>
      <LeavePolicy isChanged={isChanged} />
    </>
  );
}
