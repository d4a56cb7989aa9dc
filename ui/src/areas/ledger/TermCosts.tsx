import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Link } from "react-router";
import type { Term } from "../../api/types";
import { FigureBox } from "../../parts/FigureBox";
import { counted, day, percent } from "../../parts/format";
import { useMassWords } from "../../parts/mass";
import { moneyWords } from "../../parts/money";
import { Notice } from "../../parts/Notice";
import { Section } from "../../parts/Section";
import { downloadSpreadsheet } from "../../parts/spreadsheet";
import { Tabs } from "../../parts/Tabs";
import { CostSums } from "./CostSums";
import { termSheets } from "./termSheets";
import { WeeksTable } from "./WeeksTable";

const lists = { classes: "Practicals", standards: "Standards", courses: "Courses", students: "Students" };

/** What the practicals of some days cost. */
export function TermCosts({ term }: { term: Term }) {
  const mass = useMassWords();
  const [list, setList] = useState<keyof typeof lists>("classes");
  const money = (minor: number): string => moneyWords(minor, term.currency);
  if (term.classes.length === 0) return <Notice title="Nothing was weighed">No tray was weighed to the end in these days.</Notice>;
  const { total } = term;
  const query = `from=${term.from}&to=${term.to}`;
  const unpriced = term.classes.filter((it) => it.sum === null);
  const rows = {
    classes: term.classes.map((it) => ({ key: it.assessment, title: `${it.title}, ${day(it.held_on)}`, sum: it.sum })),
    standards: term.standards.map((it) => ({ ...it, key: it.title })),
    courses: term.courses.map((it) => ({ ...it, key: it.title })),
    students: term.students.map((it, index) => ({ ...it, key: `${index}` })),
  }[list];

  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "minmax(0, 1fr)", gap: 2.5 }}>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fit, minmax(170px, 1fr))", gap: 1 }}>
        <FigureBox title="Carcasses" figure={money(total.ap_minor)} note={`${mass.bulk(total.ap_mg)}, ${counted(total.trays, "tray")}`} />
        <FigureBox title="By-products" figure={`− ${money(total.by_product_minor)}`} note="what they are worth" />
        <FigureBox
          title="Cuts cost"
          figure={money(total.net_minor)}
          note={total.yield === null ? "" : `${mass.bulk(total.ep_mg)}, yield ${percent(total.yield)}`}
        />
        {total.per_kg_minor !== null && (
          <FigureBox
            title="A kilogram"
            figure={money(total.per_kg_minor)}
            note={total.cost_factor === null ? "of cuts" : `cost factor ${total.cost_factor.toFixed(2)}`}
          />
        )}
        {total.per_tray_minor !== null && <FigureBox title="A tray" figure={money(total.per_tray_minor)} note="its carcass" />}
        {total.saving_minor !== null && total.parts_minor !== null && (
          <FigureBox
            title={total.saving_minor < 0 ? "Dearer by" : "Saved"}
            figure={money(Math.abs(total.saving_minor))}
            note="against buying the cuts"
          />
        )}
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, "@media print": { display: "none" } }}>
        <Button component="a" href={`/api/v1/ledger/term.pdf?${query}`} target="_blank">
          Page for the finance office (PDF)
        </Button>
        <Button component="a" href={`/api/v1/ledger/term.csv?${query}`}>
          CSV
        </Button>
        <Button onClick={() => void downloadSpreadsheet(`term-${term.from}.xlsx`, termSheets(term))}>XLSX</Button>
      </Box>
      {unpriced.length > 0 && (
        <Typography>
          Not in these sums, because nobody wrote the delivery down:{" "}
          {unpriced.map((it, index) => (
            <span key={it.assessment}>
              {index > 0 && "; "}
              <Link to={`/ledger/money?practical=${it.assessment}`}>
                {it.title}, {day(it.held_on)}
              </Link>
            </span>
          ))}
          .
        </Typography>
      )}
      <Section title="What it cost">
        <Box sx={{ mb: 1 }}>
          <Tabs label="By what" tabs={lists} current={list} onTurn={setList} />
        </Box>
        <CostSums label={`What ${lists[list].toLowerCase()} cost`} of={lists[list]} rows={rows} total={total} money={money} />
      </Section>
      <Section title="Where the carcasses went, week by week">
        <WeeksTable weeks={term.weeks} whole={term.whole} money={money} />
      </Section>
    </Box>
  );
}
