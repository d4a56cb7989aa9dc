import Button from "@mui/material/Button";
import { Link, useRouteError } from "react-router";
import { Notice } from "../parts/Notice";

export function NotFound() {
  return (
    <Notice
      title="There is nothing at this address"
      action={
        <Button component={Link} to="/">
          To the Bench
        </Button>
      }
    >
      The link may be old, or mistyped.
    </Notice>
  );
}

export function ScreenFault() {
  const problem = useRouteError();
  console.error(problem);

  return (
    <Notice
      tone="red"
      title="The screen tripped over something"
      action={<Button onClick={() => location.assign("/")}>Load it again</Button>}
    >
      What was taken down is stored. Loading the page again sets this right.
    </Notice>
  );
}
