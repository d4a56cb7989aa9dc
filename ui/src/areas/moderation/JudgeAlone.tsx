import { useState } from "react";
import type { Standard, StandardisedTray } from "../../api/types";
import { CriterionRow } from "../../parts/CriterionRow";
import { useKeys } from "../../parts/useKey";

interface JudgeAloneProps {
  tray: StandardisedTray;
  standard: Standard;
  isShut: boolean;
  onJudge: (criterion: string, level: number) => void;
}

/** Every criterion with its steps, for one person alone. Digits judge the framed one and go on to the next. */
export function JudgeAlone({ tray, standard, isShut, onJudge }: JudgeAloneProps) {
  const criteria = standard.criteria ?? [];
  const yours = new Map(tray.looks.map((it) => [it.criterion, it.yours]));
  const [chosen, setChosen] = useState<string | null>(null);
  const current = chosen ?? criteria.find((it) => yours.get(it.id) === null)?.id ?? criteria[0]?.id;
  const judge = (criterion: string, level: number): void => {
    if (!isShut && yours.get(criterion) !== level) onJudge(criterion, level);
  };
  useKeys((key) => {
    const index = criteria.findIndex((it) => it.id === current);
    if (key === "ArrowDown" || key === "ArrowUp") {
      setChosen(criteria[index + (key === "ArrowDown" ? 1 : -1)]?.id ?? current ?? null);

      return true;
    }
    const level = Number(key) - 1;
    if (criteria[index]?.levels[level] === undefined) return false;
    judge(criteria[index].id, level);
    setChosen(criteria[index + 1]?.id ?? null);

    return true;
  });

  return criteria.map((it) => (
    <CriterionRow
      key={it.id}
      criterion={it}
      level={yours.get(it.id) ?? undefined}
      isCurrent={!isShut && it.id === current}
      isExcused={false}
      answer={tray.answers[it.id]}
      onJudge={(level) => {
        setChosen(it.id);
        judge(it.id, level);
      }}
    />
  ));
}
