import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { ShelfItem } from "../../api/types";
import { useUser } from "../../api/useSession";
import { useShelf } from "../../api/useStandards";
import { Rail } from "../../app/Rail";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { minutes } from "../../parts/format";
import { SmallMap } from "../../parts/SmallMap";
import { DraftList } from "./DraftList";
import { ImportStandard } from "./ImportStandard";

/** Every standard, by species. */
export function Shelf() {
  const shelf = useShelf();
  const { may_publish: mayPublish } = useUser();
  if (shelf.isPending) return <Loading what="the shelf" />;
  if (shelf.isLoadingError) return <ProblemNotice problem={shelf.error} onRetry={() => void shelf.refetch()} />;
  const species = [...new Set(shelf.data.map((it) => it.species))];

  return (
    <Box sx={{ px: 3, py: 2 }}>
      <Rail area="Standards" />
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1 }}>
        <Typography variant="h1" sx={{ flex: "1 1 auto" }}>
          Standards
        </Typography>
        <Button component={Link} to="/standards/school">
          The school
        </Button>
        <Button component={Link} to="/standards/policy">
          Grading policy
        </Button>
        {mayPublish && (
          <>
            <Button component={Link} to="/standards/new">
              New standard
            </Button>
            <ImportStandard />
          </>
        )}
      </Box>
      {mayPublish && <DraftList />}
      {shelf.data.length === 0 && <Notice title="The shelf is empty">No standard is published yet.</Notice>}
      {species.map((name) => (
        <Box component="section" key={name} aria-label={name} sx={{ mt: 2.5 }}>
          <Typography
            variant="h2"
            sx={{ textTransform: "capitalize", borderBottom: "2px solid", borderColor: "text.primary", pb: 0.5, mb: 1.25 }}
          >
            {name}
          </Typography>
          <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(224px, 1fr))", gap: 1.25 }}>
            {shelf.data
              .filter((it) => it.species === name)
              .map((it) => (
                <ShelfCard key={it.id} item={it} />
              ))}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

/** A standard by its cut map: where it is cut is told apart at a glance. */
function ShelfCard({ item }: { item: ShelfItem }) {
  return (
    <ButtonBase
      component={Link}
      to={`/standards/${item.id}`}
      sx={{
        display: "flex",
        flexDirection: "column",
        alignItems: "stretch",
        justifyContent: "flex-start",
        textAlign: "left",
        gap: 0.75,
        p: 1.25,
        bgcolor: "background.paper",
        border: "2px solid",
        borderColor: "divider",
        "&:hover": { borderColor: "secondary.main" },
      }}
    >
      <Typography variant="h3" component="span" sx={{ fontSize: "1.1rem", minHeight: "2.4em" }}>
        {item.title}
      </Typography>
      <SmallMap map={item.map} height={148} />
      <Typography variant="label" sx={{ color: "text.secondary", fontSize: 15.5 }}>
        {item.pieces === 1 ? "1 piece" : `${item.pieces} pieces`}
        {item.standard_ms !== null && item.limit_ms !== null && `, ${minutes(item.standard_ms)} / ${minutes(item.limit_ms)} min`}
      </Typography>
      <Typography variant="label" sx={{ color: "text.secondary", fontSize: 15.5, mt: -0.75 }}>
        version {item.version}
        {item.used > 0 && `, used in ${item.used === 1 ? "1 practical" : `${item.used} practicals`}`}
      </Typography>
    </ButtonBase>
  );
}
