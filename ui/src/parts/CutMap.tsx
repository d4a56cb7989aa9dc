import Box from "@mui/material/Box";
import { useMemo, useState, type FocusEvent, type KeyboardEvent } from "react";
import type { CarcassPlan } from "../api/types";
import { CutLabel } from "./CutLabel";
import { useDrag, type DragHandlers } from "./useDrag";
import { layOut, outlineOf, pathOf, seamsOf, type Block, type CutPlan, type Seam } from "./cutPlan";

export interface Holder {
  id: string;
  title: string;
  kind: "piece" | "usable" | "waste";
  parts: string[];
}

interface CutMapProps {
  plan: CarcassPlan | null;
  parts: { id: string; title?: string; share: number }[];
  holders: Holder[];
  /** The holder shown as chosen, or the part where parts are chosen. */
  chosen: string | null;
  onChoose?: (id: string) => void;
  /** Where parts are chosen: a part was dragged onto another. */
  onDrop?: (part: string, other: string) => void;
  /** Only the drawing, nothing to choose and no words. */
  isBare?: boolean;
  /** What is chosen: whole cuts, or single parts (to move them). */
  chooses?: "holder" | "part";
  /** Parts that are pointed out, in blue pencil. */
  lit?: string[];
  /** How strongly a holder is tinted in blue pencil, 0 to 1. */
  tint?: (holder: string) => number;
  /** Said of a holder to a screen reader, beside its parts. */
  describe?: (holder: string) => string;
}

/** The carcass as a flat plan: parts as blocks with areas like their masses, the parts of one cut in one outline, joints as seams. */
export function CutMap({
  plan,
  parts,
  holders,
  chosen,
  onChoose = () => undefined,
  onDrop,
  isBare = false,
  chooses = "holder",
  describe = () => "",
  tint = () => 0,
  lit = [],
}: CutMapProps) {
  const [focused, setFocused] = useState<string | null>(null);
  const { area, ...drag } = useDrag(onDrop);
  const { drawn, seams, holderOf, largest } = useMemo(() => draw(plan, parts, holders), [plan, parts, holders]);
  const titles = new Map(parts.map((it) => [it.id, (it.title ?? it.id).replace(/, (left|right)$/, "")]));
  const around = (holder: string | null): Seam[] => seams.filter((it) => holder !== null && it.isSeam && it.holders.includes(holder));

  return (
    <Box
      ref={onDrop === undefined ? null : area}
      component="svg"
      viewBox={`-1 -1 102 ${drawn.height + 2}`}
      {...(isBare ? { "aria-hidden": true } : { role: "group", "aria-label": "Cut map" })}
      textRendering="geometricPrecision"
      sx={{
        width: "100%",
        height: "100%",
        display: "block",
        overflow: "visible",
        userSelect: "none",
        touchAction: onDrop === undefined ? undefined : "none",
      }}
    >
      {isBare && (
        <Box component="g" sx={{ color: "background.paper" }}>
          {drawn.blocks.map((it) => (
            <path key={it.part} d={outlineOf(it, drawn.toPoint)} fill="currentColor" />
          ))}
        </Box>
      )}
      {chooses === "part" &&
        holders.flatMap((holder) =>
          holder.parts.map((part) => (
            <Cut
              key={part}
              holder={{ ...holder, id: part, parts: [part] }}
              drawn={drawn}
              isChosen={part === chosen || part === drag.block || part === drag.over}
              drag={onDrop === undefined ? undefined : drag.handlers(part)}
              label={`${parts.find((it) => it.id === part)?.title ?? part}, in ${holder.title}`}
              onChoose={() => !drag.hasJustDropped() && onChoose(part)}
              onFocus={(has) => setFocused(has ? holder.id : null)}
            />
          )),
        )}
      {chooses === "holder" &&
        holders.map((holder) => (
          <Cut
            key={holder.id}
            holder={holder}
            drawn={drawn}
            isChosen={holder.id === chosen}
            isBare={isBare}
            tint={tint(holder.id)}
            label={`${holder.title}: ${holder.parts.map((part) => titles.get(part)?.toLowerCase() ?? part).join(", ") || "no part"}; ${describe(holder.id)}`}
            onChoose={() => onChoose(holder.id)}
            onFocus={(has) => setFocused(has ? holder.id : null)}
          />
        ))}
      <Box component="g" aria-hidden sx={{ pointerEvents: "none", color: "secondary.main" }}>
        {drawn.blocks
          .filter((it) => lit.includes(it.part))
          .map((it) => (
            <path key={it.part} d={outlineOf(it, drawn.toPoint)} fill="currentColor" fillOpacity={0.62} />
          ))}
        {drawn.apart
          .filter((it) => lit.includes(it.part))
          .map(({ part, centre: [x, y], radius }) => (
            <circle key={part} cx={x} cy={y} r={radius} fill="currentColor" fillOpacity={0.62} />
          ))}
      </Box>
      <Lines seams={seams.filter((it) => !it.isSeam)} toPoint={drawn.toPoint} width={0.16} color="text.primary" dash="0.8 0.7" />
      <Lines seams={seams.filter((it) => it.isSeam)} toPoint={drawn.toPoint} width={isBare ? 1.1 : 0.5} color="text.primary" />
      <Box
        component="g"
        aria-hidden
        sx={{ pointerEvents: "none", color: "text.primary" }}
        fill="none"
        stroke="currentColor"
        strokeWidth={isBare ? 0.8 : 0.4}
      >
        {drawn.fins.map((it) => (
          <path key={it} d={it} />
        ))}
      </Box>
      <Lines seams={around(focused)} toPoint={drawn.toPoint} width={0.9} color="secondary.main" dash="2 1" />
      <Lines seams={around(chosen)} toPoint={drawn.toPoint} width={1.1} color="secondary.main" />
      <Box
        component="g"
        aria-hidden
        sx={{ pointerEvents: "none", color: "secondary.main" }}
        fill="none"
        stroke="currentColor"
        strokeWidth={0.9}
        strokeLinejoin="round"
      >
        {drawn.blocks
          .filter((it) => [chosen, drag.block, drag.over].includes(it.part))
          .map((it) => (
            <path key={it.part} d={outlineOf(it, drawn.toPoint)} />
          ))}
      </Box>
      <Box component="g" aria-hidden sx={{ pointerEvents: "none", color: "text.primary" }}>
        {(isBare ? [] : drawn.blocks).map((block) => {
          const holder = holderOf.get(block.part);
          const isTitle = holder?.kind === "piece" && largest.get(holder.id) === block;

          return (
            <CutLabel
              key={block.part}
              block={block}
              toPoint={drawn.toPoint}
              text={isTitle ? holder.title : (titles.get(block.part) ?? block.part)}
              isTitle={isTitle}
            />
          );
        })}
        {(isBare ? [] : drawn.apart).map(({ part, centre: [x, y], radius }) => (
          <Box
            key={part}
            component="text"
            x={x}
            y={y - radius - 1.6}
            textAnchor="middle"
            fill="currentColor"
            fontSize={2.2}
            sx={{ typography: "figure", "&&": { fontSize: 2.2 }, fontWeight: 500 }}
          >
            {titles.get(part)}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function draw(plan: CutMapProps["plan"], parts: CutMapProps["parts"], holders: Holder[]) {
  const holderOf = new Map(holders.flatMap((holder) => holder.parts.map((part) => [part, holder] as const)));
  const drawn = layOut(plan, new Map(parts.map((it) => [it.id, it.share])));
  const largest = new Map<string, Block>();
  const area = (block: Block): number => (block.right - block.left) * (block.bottom - block.top);
  for (const block of drawn.blocks) {
    const holder = holderOf.get(block.part)?.id ?? block.part;
    const other = largest.get(holder);
    if (other === undefined || area(block) > area(other)) largest.set(holder, block);
  }

  return { drawn, holderOf, largest, seams: seamsOf(drawn, (part) => holderOf.get(part)?.id ?? part) };
}

interface CutProps {
  tint?: number;
  /** Drawn only. */
  isBare?: boolean;
  holder: Holder;
  drawn: CutPlan;
  isChosen: boolean;
  label: string;
  onChoose: () => void;
  onFocus: (has: boolean) => void;
  drag?: DragHandlers | undefined;
}

const fills = { piece: "background.paper", usable: "steel.main", waste: "divider" };

function Cut({ holder, drawn, isChosen, tint = 0, isBare = false, label, onChoose, onFocus, drag }: CutProps) {
  const blocks = drawn.blocks.filter((it) => holder.parts.includes(it.part));
  const discs = drawn.apart.filter((it) => holder.parts.includes(it.part));
  if (blocks.length + discs.length === 0) return null;
  const opacity = isChosen ? 0.2 : holder.kind === "piece" ? 1 : 0.36;
  const press = (event: KeyboardEvent): void => {
    if (event.key !== "Enter" && event.key !== " ") return;
    event.preventDefault();
    onChoose();
  };

  return (
    <Box
      component="g"
      {...(!isBare && {
        role: "button",
        tabIndex: 0,
        "aria-pressed": isChosen,
        "aria-label": label,
        "data-holder": holder.id,
        ...drag,
        onClick: onChoose,
        onKeyDown: press,
        onFocus: (event: FocusEvent) => onFocus(event.currentTarget.matches(":focus-visible")),
        onBlur: () => onFocus(false),
      })}
      sx={{
        ...(!isBare && { cursor: drag === undefined ? "pointer" : "grab" }),
        color: isChosen ? "secondary.main" : fills[holder.kind],
        "&:focus, &:focus-visible": { outline: "none" },
      }}
    >
      {blocks.map((it) => (
        <path key={it.part} d={outlineOf(it, drawn.toPoint)} fill="currentColor" fillOpacity={opacity} />
      ))}
      {tint > 0 && (
        <Box component="g" aria-hidden sx={{ color: "secondary.main" }}>
          {blocks.map((it) => (
            <path key={it.part} d={outlineOf(it, drawn.toPoint)} fill="currentColor" fillOpacity={tint} />
          ))}
        </Box>
      )}
      {discs.map(({ part, centre: [x, y], radius }) => (
        <Box key={part} component="g" sx={{ "& circle": { stroke: (theme) => theme.vars?.palette.text.primary } }}>
          <circle cx={x} cy={y} r={radius} fill="currentColor" fillOpacity={opacity} strokeWidth={0.4} />
        </Box>
      ))}
    </Box>
  );
}

interface LinesProps {
  seams: Seam[];
  toPoint: CutPlan["toPoint"];
  width: number;
  color: string;
  dash?: string;
}

function Lines({ seams, toPoint, width, color, dash }: LinesProps) {
  return (
    <Box
      component="g"
      aria-hidden
      sx={{ pointerEvents: "none", color }}
      strokeLinecap="round"
      strokeWidth={width}
      strokeDasharray={dash}
      stroke="currentColor"
      fill="none"
    >
      {seams.map((seam) => {
        const path = pathOf(seam, toPoint);

        return <path key={path} d={path} />;
      })}
    </Box>
  );
}
