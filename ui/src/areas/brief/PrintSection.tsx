import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { operations } from "../../api/schema";
import type { Brief, BriefDocument } from "../../api/types";
import { useSchool } from "../../api/useSchool";
import { Pick } from "../../parts/Pick";
import { Section } from "../../parts/Section";
import { useTimeWords } from "../../parts/times";
import { downloadSpreadsheet } from "../../parts/spreadsheet";
import { purchaseRows } from "./purchaseSheet";

type Asked = NonNullable<operations["printBrief"]["parameters"]["query"]>;
type Sheet = NonNullable<Asked["sheet"]>;
type Paper = NonNullable<Asked["paper"]>;

const sheets: { key: Sheet; title: string }[] = [
  { key: "brief", title: "Brief for students" },
  { key: "method", title: "Method cards" },
  { key: "stations", title: "Station cards" },
  { key: "scores", title: "Score sheets on paper" },
  { key: "mise", title: "Mise en place" },
  { key: "purchase", title: "Purchase list" },
  { key: "labels", title: "Container labels" },
  { key: "pans", title: "Pans and zone labels" },
  { key: "room", title: "Room plan" },
  { key: "sign-in", title: "Sign-in list" },
];

const papers: { key: Paper; title: string }[] = [
  { key: "a4", title: "A4" },
  { key: "letter", title: "Letter" },
];

const sharesPans = (brief: Brief): boolean => brief.lists.some((list) => list.students.some((it) => it.pan !== null));

/** What can be printed for a practical: each as a file, or as a page for the browser's own print. */
export function PrintSection({ brief, document }: { brief: Brief; document: BriefDocument }) {
  const units = useSchool().data?.units;
  const [chosen, setChosen] = useState<Paper | null>(null);
  const [hasFailed, setHasFailed] = useState(false);
  const { dayOf, timeOfDay } = useTimeWords();
  const paper = chosen ?? (units === "us" ? "letter" : "a4");
  const href = (sheet: Sheet | null, as: "pdf" | "page"): string =>
    `/api/v1/briefs/${brief.id}/print?${new URLSearchParams({ ...(sheet !== null && { sheet }), paper, as }).toString()}`;
  const spreadsheet = (): void => {
    setHasFailed(false);
    downloadSpreadsheet("purchase-list.xlsx", [
      { title: "Purchase list", rows: purchaseRows(brief, document, (at) => `${dayOf(at)}, ${timeOfDay(at).slice(0, 5)}`) },
    ]).catch(() => setHasFailed(true));
  };
  if (brief.lists.every((it) => it.title === null)) return null;

  return (
    <Section title="Prints">
      <Box sx={{ display: "flex", alignItems: "end", flexWrap: "wrap", gap: 1.5, mb: 1 }}>
        <Pick label="Paper" value={paper} options={papers} onPick={setChosen} />
        <Button variant="contained" component="a" href={href(null, "pdf")} target="_blank" rel="noopener">
          All of them
        </Button>
      </Box>
      <Box component="ul" aria-label="Prints" sx={{ listStyle: "none", m: 0, p: 0 }}>
        {sheets
          .filter(({ key }) => key !== "pans" || sharesPans(brief))
          .map(({ key, title }) => (
            <Box
              component="li"
              key={key}
              sx={{
                display: "flex",
                alignItems: "center",
                flexWrap: "wrap",
                columnGap: 1,
                borderTop: "1px solid",
                borderColor: "divider",
                py: 0.25,
              }}
            >
              <Typography sx={{ flex: 1, minWidth: 150 }}>{title}</Typography>
              {key === "purchase" && (
                <>
                  <Button
                    size="small"
                    component="a"
                    href={`/api/v1/briefs/${brief.id}/purchase.csv`}
                    download
                    aria-label="Purchase list, CSV"
                  >
                    CSV
                  </Button>
                  <Button size="small" onClick={spreadsheet} aria-label="Purchase list, XLSX">
                    XLSX
                  </Button>
                </>
              )}
              <Button size="small" component="a" href={href(key, "page")} target="_blank" rel="noopener" aria-label={`${title}, page`}>
                Page
              </Button>
              <Button size="small" component="a" href={href(key, "pdf")} target="_blank" rel="noopener" aria-label={`${title}, PDF`}>
                PDF
              </Button>
            </Box>
          ))}
      </Box>
      {hasFailed && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          The spreadsheet could not be made; take the CSV.
        </Typography>
      )}
      {brief.set_at === null && (
        <Typography variant="body2" sx={{ color: "text.secondary", mt: 0.5 }}>
          As it is planned now. Station cards get their code when the practical is set.
        </Typography>
      )}
    </Section>
  );
}
