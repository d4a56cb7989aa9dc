import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { PracticeItem } from "../../api/types";
import { usePracticeShelf } from "../../api/usePractice";
import { Rail } from "../../app/Rail";
import { day } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { SmallMap } from "../../parts/SmallMap";

/** What can be practised: first what one is to cut next. */
export function PracticeShelf() {
  const shelf = usePracticeShelf();
  if (shelf.isPending) return <Loading what="what to practise" />;
  if (shelf.isLoadingError) return <ProblemNotice problem={shelf.error} onRetry={() => void shelf.refetch()} />;
  const own = shelf.data.filter((it) => it.next_on !== null || it.tries > 0);
  const others = shelf.data.filter((it) => !own.includes(it));

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2 }}>
      <Rail area="Practice" />
      <Typography variant="h1">Practice</Typography>
      <Typography sx={{ color: "text.secondary", maxWidth: 640 }}>
        Follow a method card step by step, and answer questions about a standard. Nothing of it is marked, kept or seen by anybody else.
      </Typography>
      {shelf.data.length === 0 && <Notice title="Nothing to practise yet">No standard is published yet.</Notice>}
      <Group title="Yours" items={own} />
      <Group title={own.length === 0 ? "Standards" : "Others"} items={others} />
    </Box>
  );
}

function Group({ title, items }: { title: string; items: PracticeItem[] }) {
  if (items.length === 0) return null;

  return (
    <Box component="section" aria-label={title} sx={{ mt: 2.5 }}>
      <Typography variant="h2" sx={{ borderBottom: "2px solid", borderColor: "text.primary", pb: 0.5, mb: 1.25 }}>
        {title}
      </Typography>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(min(100%, 250px), 1fr))", gap: 1.25 }}>
        {items.map((it) => (
          <Card key={it.id} item={it} />
        ))}
      </Box>
    </Box>
  );
}

function Card({ item }: { item: PracticeItem }) {
  const words = [
    ...(item.next_on === null ? [] : [`next on ${day(item.next_on)}`]),
    ...(item.tries === 0 ? [] : [item.tries === 1 ? "1 try so far" : `${item.tries} tries so far`]),
  ];

  return (
    <ButtonBase
      component={Link}
      to={`/practice/${item.id}`}
      sx={{
        display: "grid",
        gridTemplateColumns: "84px minmax(0, 1fr)",
        alignItems: "center",
        gap: 1.25,
        p: 1.25,
        textAlign: "left",
        bgcolor: "background.paper",
        border: "2px solid",
        borderColor: item.next_on === null ? "divider" : "text.primary",
        "&:hover": { borderColor: "secondary.main" },
      }}
    >
      <SmallMap map={item.map} height={96} />
      <Box sx={{ minWidth: 0 }}>
        <Typography variant="h3" component="p" sx={{ fontSize: "1.12rem", overflowWrap: "anywhere" }}>
          {item.title}
        </Typography>
        <Typography variant="label" component="p" sx={{ color: "text.secondary", mt: 0.5 }}>
          {words.length > 0 ? words.join(", ") : item.species}
        </Typography>
      </Box>
    </ButtonBase>
  );
}
