import Box from "@mui/material/Box";
import NativeSelect from "@mui/material/NativeSelect";
import Typography from "@mui/material/Typography";
import { useId } from "react";

interface PickProps<Key extends string> {
  label: string;
  value: Key;
  options: { key: Key; title: string }[];
  onPick: (key: Key) => void;
  disabled?: boolean;
}

/** One of a few things, under its label. */
export function Pick<Key extends string>({ label, value, options, onPick, disabled = false }: PickProps<Key>) {
  const id = useId();

  return (
    <Box sx={{ display: "flex", flexDirection: "column", gap: 0.5, minWidth: 0 }}>
      <Typography component="label" variant="label" htmlFor={id}>
        {label}
      </Typography>
      <NativeSelect
        value={value}
        disabled={disabled}
        disableUnderline
        inputProps={{ id }}
        onChange={({ target }) => {
          const picked = options.find((it) => it.key === target.value);
          if (picked !== undefined) onPick(picked.key);
        }}
        sx={{ typography: "label", "& select": { py: 0, height: 44, minWidth: 0 } }}
      >
        {options.map((it) => (
          <option key={it.key} value={it.key}>
            {it.title}
          </option>
        ))}
      </NativeSelect>
    </Box>
  );
}
