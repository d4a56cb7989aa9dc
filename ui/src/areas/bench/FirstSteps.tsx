import Box from "@mui/material/Box";
import { Link } from "react-router";
import { useUser } from "../../api/useSession";
import { Notice } from "../../parts/Notice";

/** A school that never held a practical: what comes before the first, for who may do it. */
export function FirstSteps() {
  const { may_manage_people: mayInvite, may_enrol: mayEnrol, may_set_terms: mayPlan } = useUser();

  return (
    <Notice title="No practical yet">
      <Box component="ol" sx={{ display: "inline-block", textAlign: "left", m: 0, pl: 3, "& li": { py: 0.5 } }}>
        {mayInvite && (
          <li>
            <Link to="/people">Invite who marks</Link>: they get a code to come in with.
          </li>
        )}
        {mayEnrol && (
          <li>
            <Link to="/roster">Bring in the students</Link>, from a file or pasted cells.
          </li>
        )}
        <li>{mayPlan ? <Link to="/brief">Plan a practical</Link> : "Somebody plans a practical"}: it stands here on its day.</li>
      </Box>
    </Notice>
  );
}
