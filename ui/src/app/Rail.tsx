import Typography from "@mui/material/Typography";
import { createContext, Fragment, use, useEffect } from "react";
import { createPortal } from "react-dom";
import { Link } from "react-router";

interface Step {
  label: string;
  to?: string;
}

/** The place on the rail that an area writes in. */
export const RailPlace = createContext<HTMLElement | null>(null);

/** Where one is within an area, on the rail and in the title of the window. */
export function Rail({ area, steps = [] }: { area: string; steps?: Step[] }) {
  const rail = use(RailPlace);
  const here = steps.at(-1)?.label ?? area;
  useEffect(() => {
    document.title = `${here} · Deft Blade`;
  }, [here]);
  if (rail === null) return null;

  return createPortal(
    <Typography
      variant="label"
      component="nav"
      aria-label="Where you are"
      sx={{
        flex: 1,
        minWidth: 0,
        overflow: "hidden",
        textOverflow: "ellipsis",
        whiteSpace: "nowrap",
        "& a": { display: "inline-block", py: "8px", minWidth: 24 },
      }}
    >
      {steps.map((step, index) => (
        <Fragment key={step.label}>
          {index > 0 && <span aria-hidden> / </span>}
          {step.to === undefined ? <span aria-current="page">{step.label}</span> : <Link to={step.to}>{step.label}</Link>}
        </Fragment>
      ))}
    </Typography>,
    rail,
  );
}
