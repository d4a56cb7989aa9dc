import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import type { Sheet } from "../../api/types";
import type { Order } from "./order";

interface SheetHeadProps {
  components: Sheet["components"];
  order: Order;
  onOrder: (order: Order) => void;
}

/** Column heads; a press sorts by the column, another turns it round. */
export function SheetHead({ components, order, onOrder }: SheetHeadProps) {
  const columns = [
    { column: "station", title: "No.", note: "" },
    { column: "student", title: "Student", note: "" },
    ...components.map((it) => ({ column: `score ${it.id}`, title: it.title, note: String(it.weight) })),
    { column: "total", title: "Total", note: "" },
    { column: "band", title: "Band", note: "" },
    { column: "yield", title: "Portion yield", note: "" },
    { column: "loss", title: "Loss", note: "" },
    { column: "flags", title: "Flags", note: "" },
  ];
  const isText = (column: string): boolean => ["student", "band", "flags"].includes(column);
  const press = (column: string): void =>
    onOrder(order.column === column ? { column, isDown: !order.isDown } : { column, isDown: !["station", "student"].includes(column) });

  return (
    <Box component="thead" sx={{ "& th": { verticalAlign: "bottom", borderBottom: "2px solid", borderColor: "text.primary" } }}>
      <tr>
        {columns.map(({ column, title, note }) => {
          const isOrdered = order.column === column;

          return (
            <Box
              component="th"
              scope="col"
              key={column}
              aria-sort={isOrdered ? (order.isDown ? "descending" : "ascending") : undefined}
              sx={{ textAlign: isText(column) ? "left" : "right" }}
            >
              <ButtonBase
                onClick={() => press(column)}
                sx={{
                  typography: "label",
                  fontSize: 15.5,
                  lineHeight: 1.05,
                  minHeight: 48,
                  minWidth: 30,
                  textAlign: "inherit",
                  justifyContent: isText(column) ? "flex-start" : "flex-end",
                  alignItems: "flex-end",
                  pb: 0.5,
                  fontWeight: isOrdered ? 600 : 500,
                }}
              >
                <span>
                  {title}
                  {isOrdered ? (order.isDown ? " ↓" : " ↑") : ""}
                  {note !== "" && (
                    <Box component="span" sx={{ display: "block", color: "secondary.main", fontSize: 13 }}>
                      × {note}
                    </Box>
                  )}
                </span>
              </ButtonBase>
            </Box>
          );
        })}
      </tr>
    </Box>
  );
}
