import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Typography from "@mui/material/Typography";
import { Link } from "react-router";
import type { Homework, PracticeItem, PracticeShelf as Shelf } from "../../api/types";
import { useCalledNow } from "../../api/useCalled";
import { usePracticeAhead, usePracticeShelf } from "../../api/usePractice";
import { Rail } from "../../app/Rail";
import { counted, day } from "../../parts/format";
import { Loading } from "../../parts/Loading";
import { Notice, ProblemNotice } from "../../parts/Notice";
import { SmallMap } from "../../parts/SmallMap";
import { drillAddress, drillWords } from "./drills";
import { underSupervision } from "./useSupervised";

const none: string[] = [];

/** It is cut next, was cut before, or is practised. */
const isOwn = (it: PracticeItem): boolean => it.next_on !== null || it.tries > 0 || it.due > 0;

/** What can be practised: first what one is to cut next. */
export function PracticeShelf() {
  const shelf = usePracticeShelf();
  usePracticeAhead(shelf.isSuccess ? shelf.data.items.filter(isOwn).map((it) => it.id) : none);
  if (shelf.isPending) return <Loading what="what to practise" />;
  if (shelf.isLoadingError) return <ProblemNotice problem={shelf.error} onRetry={() => void shelf.refetch()} />;
  const { items, streak, shown, homework, next, written, supervised } = shelf.data;
  const own = items.filter(isOwn);
  const others = items.filter((it) => !own.includes(it));
  const due = items.reduce((sum, it) => sum + it.due, 0);

  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, py: 2 }}>
      <Rail area="Practice" />
      <Typography variant="h1">Practice</Typography>
      <Typography sx={{ color: "text.secondary", maxWidth: 640 }}>
        Follow a method card step by step, answer questions about a standard, log a tray you cut for yourself. Nothing of it is marked.{" "}
        {shown
          ? "What you answer and weigh is yours alone; your instructors see on which days you practised, by which standards, and how much."
          : "It is yours alone: nobody else sees it."}
      </Typography>
      {supervised && (
        <Typography sx={{ mt: 1.5, pl: 1.5, borderLeft: "5px solid", borderColor: "secondary.main", fontWeight: 700, maxWidth: 640 }}>
          {underSupervision}
        </Typography>
      )}
      <CalledNow />
      <Next next={next} />
      <ToWrite written={written} />
      <ToDo homework={homework} supervised={supervised} />
      <Today due={due} streak={streak} />
      {items.length === 0 && <Notice title="Nothing to practise yet">No standard is published yet.</Notice>}
      <Group title="Yours" items={own} />
      <Group title={own.length === 0 ? "Standards" : "Others"} items={others} />
    </Box>
  );
}

/** What a class is called to, while it is. */
function CalledNow() {
  const called = useCalledNow();

  return called.data?.map(({ id, title, by }) => (
    <Box key={id} sx={{ mt: 2, borderLeft: "5px solid", borderColor: "secondary.main", bgcolor: "background.paper", px: 2, py: 1.5 }}>
      <Typography component={Link} to={`/called/${id}`} variant="h2" sx={{ color: "secondary.main" }}>
        {by} calls: {title}
      </Typography>
      <Typography>Your screen follows, step by step.</Typography>
    </Box>
  ));
}

/** When and where one cuts next, and what to have in order by then. */
function Next({ next }: { next: Shelf["next"] }) {
  if (next === null) return null;

  return (
    <Box component="section" aria-label="Next" sx={{ mt: 2, maxWidth: 640 }}>
      <Typography variant="h2">
        Next: {next.title}, {day(next.held_on)}
      </Typography>
      <Typography>
        {next.room}, station {next.station}
      </Typography>
      <Box component="details">
        <Box component="summary" sx={{ minHeight: 44, display: "list-item", alignContent: "center", cursor: "pointer" }}>
          What must be in order before the clock
        </Box>
        <Box component="ul" sx={{ m: 0, pl: 3 }}>
          {next.ready.map((it) => (
            <li key={it}>{it}</li>
          ))}
        </Box>
      </Box>
    </Box>
  );
}

/** What coming practicals ask for in writing. */
function ToWrite({ written }: { written: Shelf["written"] }) {
  if (written.length === 0) return null;

  return (
    <Box component="ul" aria-label="To write" sx={{ m: 0, mt: 2, p: 0, listStyle: "none", maxWidth: 640 }}>
      {written.map((it) => (
        <Box component="li" key={it.attempt} sx={{ py: 1, borderTop: "1px solid", borderColor: "divider" }}>
          <Typography component={Link} to={`/written/${it.attempt}`} sx={{ fontWeight: 700 }}>
            Written answers: {it.practical}
          </Typography>
          <Typography sx={{ color: "text.secondary" }}>
            {it.open === 0 ? "handed in; it can be changed" : `${it.open} of ${counted(it.asked, "question")} open`} until your clock starts
            on {day(it.held_on)}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}

/** What one's group is to practise, and by when. */
function ToDo({ homework, supervised }: { homework: Homework[]; supervised: boolean }) {
  if (homework.length === 0) return null;

  return (
    <Box component="ul" aria-label="Homework" sx={{ m: 0, mt: 2, p: 0, listStyle: "none", maxWidth: 640 }}>
      {homework.map((it) => (
        <Box component="li" key={it.id} sx={{ py: 1, borderTop: "1px solid", borderColor: "divider" }}>
          <Typography component={Link} to={drillAddress(it)} sx={{ fontWeight: 700 }}>
            {drillWords[it.kind]}: {it.title}
            {supervised && it.kind === "tray" && ", under supervision"}
          </Typography>
          <Typography sx={{ color: "text.secondary" }}>{it.done === 1 ? "done" : `by ${day(it.until)}`}</Typography>
          {it.note !== "" && <Typography>{it.note}</Typography>}
        </Box>
      ))}
    </Box>
  );
}

/** What is due, and for how long it was kept up: told where there is something to tell. */
function Today({ due, streak }: { due: number; streak: number }) {
  const words = [...(due === 0 ? [] : [`${counted(due, "question")} due again today`]), ...(streak < 2 ? [] : [`${streak} days in a row`])];
  if (words.length === 0) return null;

  return (
    <Typography variant="h3" component="p" sx={{ mt: 1.5 }}>
      {words.join(", ")}
    </Typography>
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
    ...(item.tries === 0 ? [] : [`${counted(item.tries, "try", "tries")} so far`]),
    ...(item.due === 0 ? [] : [`${item.due} due`]),
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
