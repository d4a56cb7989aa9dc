import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { SchoolPatch } from "../../api/useSchool";
import type { School } from "../../api/types";
import { Field } from "../../parts/Field";
import { currencyName } from "../../parts/format";
import { Pick } from "../../parts/Pick";
import { schoolRow } from "./schoolRow";

interface SchoolIdentityProps {
  school: School;
  isFixed: boolean;
  onChoose: (patch: SchoolPatch) => void;
}

/** What the school is called, as prints say it, and what its prices are in. */
export function SchoolIdentity({ school, isFixed, onChoose }: SchoolIdentityProps) {
  const [name, setName] = useState(school.name);

  return (
    <Box role="group" aria-label="The school's name and money" sx={schoolRow}>
      <Typography variant="h3" sx={{ fontSize: "1.1rem" }}>
        Name and money
      </Typography>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "minmax(0, 1fr) minmax(0, 1fr)" }, gap: 2, maxWidth: 720 }}>
        <Field
          label="Its name, as prints say it"
          value={name}
          disabled={isFixed}
          inputProps={{ maxLength: 120 }}
          onChange={({ target }) => setName(target.value)}
          onBlur={() => name.trim() !== school.name && onChoose({ name: name.trim() })}
        />
        <Pick
          label="Prices are in"
          value={school.currency}
          options={school.currencies.map((code) => ({ key: code, title: currencyName(code) }))}
          onPick={(currency) => onChoose({ currency })}
          disabled={isFixed}
        />
      </Box>
    </Box>
  );
}
