import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Start } from "../../api/types";
import { useFound } from "../../api/useStart";
import { Field } from "../../parts/Field";
import { currencyName } from "../../parts/format";
import { NewPassword } from "../../parts/NewPassword";
import { Pick } from "../../parts/Pick";
import { saidOf, saidOfPath } from "../../parts/problems";
import { EntrySheet } from "./EntrySheet";

/** The first page of a school: who coordinates it, and how it counts and weighs. Everything can be changed later. */
export function FirstStart({ start }: { start: Start }) {
  const found = useFound();
  const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const [who, setWho] = useState({ name: "", email: "", password: "" });
  const [school, setSchool] = useState({
    name: "",
    time_zone: start.time_zones.includes(here) ? here : "UTC",
    currency: "EUR",
    units: "metric",
  });
  const [words, setWords] = useState<Record<string, string>>({});
  const problemOf = (path: string): string | undefined => saidOfPath(found.error, path);
  const isPlaced = ["name", "email", "password", "school.name"].some((path) => problemOf(path) !== undefined);

  return (
    <EntrySheet
      isWide
      lead="Nobody is at this school yet. Whoever fills this in becomes its first coordinator, and invites the others."
      action={found.isPending ? "Beginning …" : "Begin"}
      isReady={!found.isPending}
      onSubmit={() => found.mutate({ ...who, school: { ...school, name: school.name.trim(), words } })}
    >
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", md: "1fr 1fr" }, gap: { xs: 2, md: 4 } }}>
        <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, display: "grid", gap: 2, alignContent: "start" }}>
          <Typography component="legend" variant="h2" sx={{ p: 0, mb: 1 }}>
            You
          </Typography>
          <Field
            label="Your name"
            autoComplete="name"
            autoFocus
            required
            value={who.name}
            problem={problemOf("name")}
            onChange={({ target }) => setWho({ ...who, name: target.value })}
          />
          <Field
            label="E-mail"
            type="email"
            autoComplete="username"
            required
            value={who.email}
            problem={problemOf("email")}
            onChange={({ target }) => setWho({ ...who, email: target.value })}
          />
          <NewPassword
            least={start.least_password}
            value={who.password}
            problem={problemOf("password")}
            onChange={(password) => setWho({ ...who, password })}
          />
        </Box>
        <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, display: "grid", gap: 2, alignContent: "start", minWidth: 0 }}>
          <Typography component="legend" variant="h2" sx={{ p: 0, mb: 1 }}>
            The school
          </Typography>
          <Field
            label="Its name"
            autoComplete="organization"
            required
            value={school.name}
            problem={problemOf("school.name")}
            onChange={({ target }) => setSchool({ ...school, name: target.value })}
          />
          <Pick
            label="Time zone"
            value={school.time_zone}
            options={start.time_zones.map((zone) => ({ key: zone, title: zone.replaceAll("_", " ") }))}
            onPick={(time_zone) => setSchool({ ...school, time_zone })}
          />
          <Pick
            label="Prices are in"
            value={school.currency}
            options={start.currencies.map((code) => ({ key: code, title: currencyName(code) }))}
            onPick={(currency) => setSchool({ ...school, currency })}
          />
          <Pick
            label="Weights are said in"
            value={school.units}
            options={[
              { key: "metric", title: "Grams" },
              { key: "us", title: "Pounds and ounces" },
            ]}
            onPick={(units) => setSchool({ ...school, units })}
          />
        </Box>
      </Box>
      <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, minWidth: 0 }}>
        <Typography component="legend" variant="h2" sx={{ p: 0, mb: 1 }}>
          Its words
        </Typography>
        <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr", md: "1fr 1fr 1fr" }, columnGap: 4, rowGap: 1.5 }}>
          {start.words.map((term) => (
            <Pick
              key={term.key}
              label={term.title}
              value={words[term.key] ?? term.chosen}
              options={term.options}
              onPick={(word) => setWords({ ...words, [term.key]: word })}
            />
          ))}
        </Box>
      </Box>
      {found.error !== null && !isPlaced && (
        <Typography role="alert" sx={{ color: "error.main" }}>
          {saidOf(found.error)}
        </Typography>
      )}
    </EntrySheet>
  );
}
