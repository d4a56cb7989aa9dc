import Button from "@mui/material/Button";
import { Link } from "react-router";
import type { Practical } from "../../api/types";
import { useUser } from "../../api/useSession";
import { day } from "../../parts/format";
import { Notice } from "../../parts/Notice";

/** A day without a practical: what is shown here on one, and where the next is. */
export function NothingOn({ shows, next }: { shows: string; next: Practical | undefined }) {
  const { may_set_terms: mayPlan } = useUser();
  const [words, address] = next === undefined ? ["Plan a practical", "/brief"] : ["To its room", `/floor/${next.id}`];

  return (
    <Notice
      title="Nothing is on today"
      action={
        (next !== undefined || mayPlan) && (
          <Button component={Link} to={address}>
            {words}
          </Button>
        )
      }
    >
      {shows}
      {next !== undefined && ` The next is ${next.title}, ${day(next.held_on)}.`}
    </Notice>
  );
}
