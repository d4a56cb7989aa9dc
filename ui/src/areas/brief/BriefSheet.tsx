import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Brief, BriefDocument, BriefList } from "../../api/types";
import { day, minutes } from "../../parts/format";
import { MiniTray } from "../../parts/MiniTray";
import { timeAt } from "./hour";

/** The brief as students get it: what is asked, the tray, the times, who stands where, what to take care of. */
export function BriefSheet({ document, brief }: { document: BriefDocument; brief: Brief }) {
  return (
    <Box
      component="article"
      aria-label="The brief as it is handed out"
      sx={{ border: "2px solid", borderColor: "text.primary", bgcolor: "background.paper", p: 2.5 }}
    >
      <Typography variant="h2" component="p">
        {document.title.trim() === "" ? "No name yet" : document.title}
      </Typography>
      <Typography>
        {[document.day === null ? "no day yet" : day(document.day), document.start, document.room.trim()]
          .filter((it) => it !== null && it !== "")
          .join(", ")}
        {document.is_rehearsal && ". A rehearsal: it counts for nothing."}
      </Typography>
      {brief.lists.map((list, index) => list.title !== null && <ListPart key={index} list={list} document={document} />)}
    </Box>
  );
}

function ListPart({ list, document }: { list: BriefList; document: BriefDocument }) {
  const waves = [...new Set(list.students.map((it) => it.wave))];

  return (
    <Box sx={{ mt: 2, pt: 1.5, borderTop: "1px solid", borderColor: "divider" }}>
      <Typography variant="h3" component="p">
        {list.title}
      </Typography>
      <Typography variant="body2">
        {list.cuts.join(", ")}.
        {list.standard_ms !== null &&
          list.limit_ms !== null &&
          ` ${minutes(list.standard_ms)} minutes; after ${minutes(list.limit_ms)} nothing is left of the time score.`}
      </Typography>
      {list.layout != null && (
        <Box sx={{ maxWidth: 260, my: 1 }}>
          <MiniTray layout={list.layout} verdicts={{}} />
        </Box>
      )}
      {waves.map((wave) => {
        const members = list.students.filter((it) => it.wave === wave);

        return (
          <Typography key={wave} variant="body2" sx={{ mt: 0.5 }}>
            <Box component="span" sx={{ typography: "label" }}>
              {timeAt(document.start, members[0]?.start_s ?? 0)}
              {waves.length > 1 && `, wave ${wave}`}:{" "}
            </Box>
            {members.map((it) => `${it.station} ${it.name}${it.pan == null ? "" : ` (pan ${it.pan.pan}, zone ${it.pan.zone})`}`).join(", ")}
          </Typography>
        );
      })}
      {list.cautions.length > 0 && (
        <Box component="ul" aria-label="Cautions" sx={{ m: 0, mt: 1, pl: 2.5 }}>
          {list.cautions.map((it) => (
            <Typography component="li" key={it} variant="body2">
              {it}
            </Typography>
          ))}
        </Box>
      )}
    </Box>
  );
}
