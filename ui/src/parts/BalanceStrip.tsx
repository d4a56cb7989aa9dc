import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { AttemptResult } from "../api/types";
import { percent } from "./format";
import { useMassWords } from "./mass";

interface BalanceStripProps {
  asPurchasedMg: number | null;
  cutsMg: number;
  usableMg: number;
  wasteMg: number;
  balance: AttemptResult["balance"];
}

const words = { open: "weighing", balanced: "balanced", short: "short", over: "over" };

/** The carcass as purchased, cut to scale into cuts, usable by-products, waste and what is unaccounted for; the tolerance is the bracket at its end. */
export function BalanceStrip({ asPurchasedMg, cutsMg, usableMg, wasteMg, balance }: BalanceStripProps) {
  const mass = useMassWords();
  if (asPurchasedMg === null) {
    return (
      <Box sx={{ border: "2px dashed", borderColor: "steel.main", p: 1.25, textAlign: "center" }}>
        <Typography variant="label">The balance begins with the AP weight: receive the carcass first.</Typography>
      </Box>
    );
  }
  const out = cutsMg + usableMg + wasteMg;
  const span = Math.max(asPurchasedMg, out) * 1.04;
  const share = (mg: number): string => `${(100 * mg) / span}%`;
  const tolerance = balance.tolerance_mg ?? 0;
  const isOff = balance.state === "short" || balance.state === "over";
  const over = Math.max(0, out - asPurchasedMg);
  const parts = [
    { name: "Cuts", mg: cutsMg, fill: "text.primary" },
    { name: "By-products", mg: usableMg, fill: "steel.main" },
    { name: "Waste", mg: wasteMg, fill: "divider" },
  ];
  const unaccounted = balance.unaccounted_mg ?? asPurchasedMg - out;

  return (
    <Box
      role="group"
      aria-label={`Balance: ${words[balance.state]}, ${mass.full(Math.abs(unaccounted))} ${unaccounted < 0 ? "too much" : "unaccounted for"}`}
    >
      <Box sx={{ position: "relative", height: 34, pt: "8px" }}>
        <Box
          sx={{
            position: "absolute",
            left: 0,
            width: share(asPurchasedMg),
            top: 8,
            height: 26,
            border: "2px solid",
            borderColor: "text.primary",
            bgcolor: "background.paper",
          }}
        />
        <Box sx={{ position: "absolute", left: 0, right: 0, top: 10, height: 22, display: "flex" }}>
          {parts.map(
            (part) =>
              part.mg > 0 && (
                <Box
                  key={part.name}
                  title={`${part.name} ${mass.full(part.mg)}`}
                  sx={{ width: share(part.mg), bgcolor: part.fill, borderRight: "1px solid", borderColor: "background.paper" }}
                />
              ),
          )}
        </Box>
        {over > 0 && (
          <Box sx={{ position: "absolute", left: share(asPurchasedMg), width: share(over), top: 4, height: 30, bgcolor: "error.main" }} />
        )}
        <Box
          title={`Tolerance ${mass.full(tolerance)} either way`}
          sx={{
            position: "absolute",
            left: share(asPurchasedMg - tolerance),
            width: share(2 * tolerance),
            top: 0,
            height: 8,
            border: "2px solid",
            borderBottom: "none",
            borderColor: "secondary.main",
          }}
        />
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 3, rowGap: 0, mt: 0.5, alignItems: "baseline" }}>
        <StripKey label="AP" figure={mass.full(asPurchasedMg)} />
        {parts.map((part) => (
          <StripKey
            key={part.name}
            label={part.name}
            figure={`${mass.full(part.mg)}, ${percent(part.mg / asPurchasedMg)}`}
            fill={part.fill}
          />
        ))}
        <Box sx={{ ml: "auto", color: isOff ? "error.main" : "text.primary", whiteSpace: "nowrap" }}>
          <Typography variant="figure" sx={{ fontSize: 19 }}>
            {words[balance.state]}
          </Typography>{" "}
          <Typography variant="label">
            {unaccounted < 0 ? mass.signed(-unaccounted) : `${mass.full(unaccounted)} unaccounted`}, ±{mass.full(tolerance)} allowed
          </Typography>
        </Box>
      </Box>
    </Box>
  );
}

/** A figure under a strip, with the fill it stands for. */
export function StripKey({ label, figure, fill }: { label: string; figure: string; fill?: string }) {
  return (
    <Box sx={{ display: "inline-flex", alignItems: "baseline", gap: 0.75 }}>
      {fill !== undefined && (
        <Box sx={{ width: 12, height: 12, bgcolor: fill, border: "1px solid", borderColor: "text.primary", alignSelf: "center" }} />
      )}
      <Typography variant="label" sx={{ color: "text.secondary" }}>
        {label}
      </Typography>
      <Typography variant="figure" sx={{ fontSize: 17 }}>
        {figure}
      </Typography>
    </Box>
  );
}
