import Typography from "@mui/material/Typography";
import { Fragment } from "react";
import { Link } from "react-router";
import type { OpenStandard } from "../../api/types";
import { dayInFull } from "../../parts/format";
import { VersionList } from "./VersionList";

/** The versions of a standard, latest first, each with what it changed against the one before. */
export function Versions({ standard: { item, versions, used_in: usedIn } }: { standard: OpenStandard }) {
  return (
    <>
      {usedIn.length > 0 && (
        <Typography variant="body2" sx={{ mb: 1 }}>
          This version is used in{" "}
          {usedIn.map((it, index) => (
            <Fragment key={it.assessment}>
              {index > 0 && "; "}
              <Link to={`/sheet/${it.assessment}`}>{it.title}</Link>, {dayInFull(it.held_on)}
            </Fragment>
          ))}
          .
        </Typography>
      )}
      <VersionList
        versions={versions.map((it) => ({
          ...it,
          name: it.id === item.id ? `Version ${it.version}` : <Link to={`/standards/${it.id}`}>Version {it.version}</Link>,
        }))}
      />
    </>
  );
}
