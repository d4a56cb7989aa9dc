import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Fragment } from "react";
import { Link } from "react-router";
import type { OpenStandard } from "../../api/types";
import { day } from "../../parts/format";
import { useTimeWords } from "../../parts/times";

/** The versions of a standard, latest first, each with what it changed against the one before. */
export function Versions({ standard: { item, versions, used_in: usedIn } }: { standard: OpenStandard }) {
  const { timeOfDay, dayOf } = useTimeWords();

  return (
    <>
      {usedIn.length > 0 && (
        <Typography variant="body2" sx={{ mb: 1 }}>
          This version is used in{" "}
          {usedIn.map((it, index) => (
            <Fragment key={it.assessment}>
              {index > 0 && "; "}
              <Link to={`/sheet/${it.assessment}`}>{it.title}</Link>, {day(it.held_on)}
            </Fragment>
          ))}
          .
        </Typography>
      )}
      <Box component="ol" aria-label="Versions" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {versions.map(({ id, version, changes, published_by: by, published_at: at }) => (
          <Box
            component="li"
            key={id}
            sx={{
              display: "grid",
              gridTemplateColumns: "110px minmax(0, 1fr)",
              py: 1.25,
              borderBottom: "1px solid",
              borderColor: "divider",
            }}
          >
            <Typography variant="h3" component="p">
              {id === item.id ? `Version ${version}` : <Link to={`/standards/${id}`}>Version {version}</Link>}
            </Typography>
            <Box>
              {at !== null && (
                <Typography variant="caption" component="p" sx={{ color: "text.secondary" }}>
                  {by === null ? "Shipped" : `Published by ${by}`}, {dayOf(at)}, {timeOfDay(at)}
                </Typography>
              )}
              {changes.length === 0 && (
                <Typography variant="body2" sx={{ color: "text.secondary" }}>
                  {version === 1 ? "The first." : "Nothing that is shown changed."}
                </Typography>
              )}
              {changes.map((change) => (
                <Typography key={change} variant="body2">
                  {change}
                </Typography>
              ))}
            </Box>
          </Box>
        ))}
      </Box>
    </>
  );
}
