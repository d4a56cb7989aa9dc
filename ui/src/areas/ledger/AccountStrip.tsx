import Box from "@mui/material/Box";
import type { PutAway } from "../../api/types";
import { StripKey } from "../../parts/BalanceStrip";
import { percent } from "../../parts/format";
import { useMassWords } from "../../parts/mass";

/** The mass that came to a class, cut to scale into where it went. */
export function AccountStrip({ account }: { account: PutAway["account"] }) {
  const mass = useMassWords();
  if (account.delivered_mg === 0) return null;
  const parts = [
    { name: "Cuts", mg: account.cuts_mg, fill: "text.primary" },
    { name: "By-products", mg: account.by_products_mg, fill: "steel.main" },
    { name: "Waste", mg: account.waste_mg, fill: "divider" },
    { name: "Still to be weighed", mg: account.open_mg, fill: "background.paper" },
    { name: account.loss_mg < 0 ? "Too much" : "Drip and loss", mg: account.loss_mg, fill: "error.main" },
  ].filter((it) => it.mg !== 0);

  return (
    <Box
      role="group"
      aria-label={`Delivered ${mass.bulk(account.delivered_mg)}: ${parts.map((it) => `${it.name} ${mass.bulk(it.mg)}`).join(", ")}`}
    >
      <Box sx={{ display: "flex", height: 22, border: "2px solid", borderColor: "text.primary", bgcolor: "background.paper" }}>
        {parts.map(
          (it) =>
            it.mg > 0 && (
              <Box
                key={it.name}
                sx={{
                  width: `${(100 * it.mg) / account.delivered_mg}%`,
                  bgcolor: it.fill,
                  borderRight: "1px solid",
                  borderColor: "background.paper",
                }}
              />
            ),
        )}
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 3, mt: 0.5 }}>
        <StripKey label="Delivered" figure={mass.bulk(account.delivered_mg)} />
        {parts.map((it) => (
          <StripKey key={it.name} label={it.name} figure={`${mass.bulk(it.mg)}, ${percent(it.mg / account.delivered_mg)}`} fill={it.fill} />
        ))}
        <Box sx={{ ml: "auto" }}>
          <StripKey label="Put away" figure={mass.bulk(account.put_away_mg)} />
        </Box>
      </Box>
    </Box>
  );
}
