import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { Brief, BriefDocument, BriefList } from "../../api/types";
import type { BriefKeeping } from "../../api/useBriefs";
import { useShelf } from "../../api/useStandards";
import { Field } from "../../parts/Field";
import { Toggle } from "../../parts/Toggle";
import { minutes } from "../../parts/format";
import { emptyList } from "./newBrief";
import { Section } from "../../parts/Section";

interface BriefPart {
  document: BriefDocument;
  brief: Brief;
  onChange: BriefKeeping["change"];
}

const MOST_LISTS = 4;

/** What is cut: a name, and a standard for each list. */
export function WhatSection({ document, brief, onChange }: BriefPart) {
  const putStandard = (at: number, standard: string): void =>
    onChange((before) => ({ ...before, lists: before.lists.map((it, index) => (index === at ? { ...it, standard } : it)) }));

  return (
    <Section title="What">
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "minmax(0, 1fr) auto" }, gap: 1.25, alignItems: "end" }}>
        <Field
          label="Name"
          value={document.title}
          autoComplete="off"
          onChange={({ target }) => onChange((before) => ({ ...before, title: target.value }))}
        />
        <Box sx={{ pb: 0.5 }}>
          <Toggle isOn={document.is_rehearsal} onToggle={() => onChange((before) => ({ ...before, is_rehearsal: !before.is_rehearsal }))}>
            {document.is_rehearsal ? "Rehearsal: counts for nothing" : "Assessment: counts"}
          </Toggle>
        </Box>
      </Box>
      {document.lists.map((list, index) => (
        <StandardPick
          key={index}
          name={document.lists.length === 1 ? "Standard" : `Standard of list ${index + 1}`}
          picked={list.standard}
          said={brief.lists[index]?.title ?? null}
          version={brief.lists[index]?.version ?? null}
          laterVersion={brief.lists[index]?.later_version ?? null}
          variants={brief.lists[index]?.variants ?? []}
          onPick={(standard) => putStandard(index, standard)}
          onRemove={
            document.lists.length === 1
              ? null
              : () => onChange((before) => ({ ...before, lists: before.lists.filter((_, other) => other !== index) }))
          }
        />
      ))}
      <Typography variant="body2" sx={{ color: "text.secondary", mt: 0.5 }}>
        Graded by {brief.policy_title}, version {brief.policy_version}.
      </Typography>
      {document.lists.length < MOST_LISTS && (
        <Button size="small" sx={{ mt: 1 }} onClick={() => onChange((before) => ({ ...before, lists: [...before.lists, emptyList] }))}>
          A second standard in this hour
        </Button>
      )}
    </Section>
  );
}

interface StandardPickProps {
  name: string;
  picked: string | null;
  said: string | null;
  version: number | null;
  laterVersion: number | null;
  /** Those that are not the book's. */
  variants: BriefList["variants"];
  onPick: (standard: string) => void;
  onRemove: (() => void) | null;
}

const SHOWN = 6;

/** A standard, found by a part of its name; what the school has used most comes first. */
function StandardPick({ name, picked, said, version, laterVersion, variants, onPick, onRemove }: StandardPickProps) {
  const shelf = useShelf();
  const [text, setText] = useState("");
  const [isOpen, setOpen] = useState(picked === null);
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found = (shelf.data ?? [])
    .filter((it) => words.every((word) => `${it.title} ${it.species}`.toLowerCase().includes(word)))
    .sort((a, b) => b.used - a.used || a.title.localeCompare(b.title));
  const latest = shelf.data?.find((it) => it.title === said);

  return (
    <Box role="group" aria-label={name} sx={{ mt: 1.5 }}>
      {!isOpen && said !== null && (
        <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1 }}>
          <Typography variant="h3" component="p" sx={{ flex: 1, minWidth: 180 }}>
            {said}, version {version}
          </Typography>
          {laterVersion !== null && latest !== undefined && (
            <Button size="small" onClick={() => onPick(latest.id)}>
              Take version {laterVersion}
            </Button>
          )}
          <Button size="small" aria-label={`Another one: ${name.toLowerCase()}`} onClick={() => setOpen(true)}>
            Another one
          </Button>
          {onRemove !== null && (
            <Button size="small" aria-label={`Take away ${said}`} onClick={onRemove}>
              Take away
            </Button>
          )}
        </Box>
      )}
      {!isOpen && variants.length > 0 && (
        <Typography variant="body2" sx={{ color: "text.secondary" }}>
          {variants.map((it) => `${it.question} ${it.title}`).join("; ")}.
        </Typography>
      )}
      {(isOpen || said === null) && (
        <>
          <Field
            label={name}
            type="search"
            placeholder="part of its name"
            value={text}
            autoComplete="off"
            onChange={({ target }) => setText(target.value)}
          />
          <Box component="ul" aria-label="Standards found" sx={{ listStyle: "none", m: 0, p: 0 }}>
            {found.slice(0, SHOWN).map((it) => (
              <Box component="li" key={it.id} sx={{ borderBottom: "1px solid", borderColor: "divider" }}>
                <Button
                  fullWidth
                  variant="text"
                  sx={{ justifyContent: "space-between", textAlign: "left" }}
                  onClick={() => {
                    onPick(it.id);
                    setOpen(false);
                    setText("");
                  }}
                >
                  <span>{it.title}</span>
                  <Box component="span" sx={{ color: "text.secondary", whiteSpace: "nowrap", pl: 2 }}>
                    {it.standard_ms !== null && `${minutes(it.standard_ms)} min`}
                    {it.used > 0 && `, used ${it.used === 1 ? "once" : `${it.used} times`}`}
                  </Box>
                </Button>
              </Box>
            ))}
          </Box>
          <Typography variant="caption" sx={{ color: "text.secondary" }}>
            {found.length > SHOWN
              ? `and ${found.length - SHOWN} more: write a part of the name`
              : found.length === 0 && shelf.isSuccess
                ? "No standard is called that."
                : ""}
          </Typography>
        </>
      )}
    </Box>
  );
}
