import { expect, test } from "vitest";
import * as change from "../../ui/src/areas/standards/editor/draft";

/** What the editor does to a draft: no page is needed for it. Whether a draft adds up is for the server to say. */

const draft = {
  ...change.fromCarcass(
    {
      key: "hen",
      parts: [
        { id: "leg.left", share: 0.2 },
        { id: "leg.right", share: 0.2 },
        { id: "breast", title: "Breast", share: 0.5, sd: 0.04 },
        { id: "purge", share: 0.1 },
      ],
    },
    "chicken",
  ),
  defects: [{ id: "torn", excuses: ["piece:left-leg", "criterion:skin"] }],
  criteria: [{ id: "skin", component: "quality", weight: 1, levels: [{ points: 1, text: "whole" }] }],
  checkpoints: [{ id: "half", criteria: ["skin"] }],
};
const two = change.addPiece(change.addPiece(draft, "Left leg"), "Right leg");
const cut = change.movePart(change.movePart(two, "leg.left", "left-leg"), "leg.right", "right-leg");
const partsOf = (of: change.Draft, place: string): string[] | undefined =>
  [...of.pieces, ...(of.bins ?? [])].find((it) => it.id === place)?.parts;

test("a part lies in one place only, wherever it is moved", () => {
  expect([partsOf(cut, "left-leg"), partsOf(cut, "right-leg"), partsOf(cut, "stock")]).toEqual([
    ["leg.left"],
    ["leg.right"],
    ["breast", "purge"],
  ]);
  const back = change.movePart(cut, "leg.left", "waste");
  expect([partsOf(back, "left-leg"), partsOf(back, "waste"), change.holderOf(back, "leg.left")]).toEqual([[], ["leg.left"], "waste"]);
});

test("a new cut has a name of its own and lies on the first free spot of the tray", () => {
  expect(cut.tray?.places).toEqual([
    { place: "left-leg", column: 1, row: 1 },
    { place: "right-leg", column: 2, row: 1 },
  ]);
  expect(change.addPiece(cut, "Left leg").pieces.at(-1)?.id).toBe("left-leg-2");
  expect(change.freeId("Épaule désossée", [])).toBe("epaule-desossee");
  expect(change.freeId("—", ["item"])).toBe("item-2");
});

test("two cuts change places on the tray, and one moves to a free spot", () => {
  const at = (of: change.Draft, place: string) => of.tray?.places.find((it) => it.place === place);
  const swapped = change.layPiece(cut, "left-leg", 2, 1);
  expect([at(swapped, "left-leg")?.column, at(swapped, "right-leg")?.column]).toEqual([2, 1]);
  expect(at(change.layPiece(cut, "left-leg", 3, 2), "left-leg")).toEqual({ place: "left-leg", column: 3, row: 2 });
  expect(change.layPiece(cut, "left-leg", 1, 1).tray?.places).toHaveLength(2);
});

test("what is taken away is named nowhere any more", () => {
  const paired = { ...change.setUse(cut, "left-leg", "Roast"), pairs: [["left-leg", "right-leg"] as [string, string]] };
  const without = change.removePiece(paired, "left-leg");
  expect(JSON.stringify(without)).not.toContain("left-leg");
  expect(without.pairs).toEqual([]);
  expect(JSON.stringify(change.removeCriterion(cut, "skin"))).not.toContain("skin");
});

test("a part becomes its left and its right where it lies, each with half of it", () => {
  const split = change.splitSides(change.movePart(cut, "breast", "left-leg"), "breast");
  expect(split.carcass.parts.slice(2, 4)).toEqual([
    { id: "breast.left", title: "Breast, left", share: 0.25, sd: 0.02 },
    { id: "breast.right", title: "Breast, right", share: 0.25, sd: 0.02 },
  ]);
  expect(partsOf(split, "left-leg")).toEqual(["leg.left", "breast.left", "breast.right"]);
  expect(change.splitSides(cut, "wing")).toBe(cut);
  const fish = {
    ...cut,
    carcass: {
      ...cut.carcass,
      parts: cut.carcass.parts.map((it) => ({ ...it, id: it.id.replace(".left", ".upper").replace(".right", ".lower") })),
    },
  };
  expect(
    change
      .splitSides(fish, "breast")
      .carcass.parts.slice(2, 4)
      .map((it) => [it.id, it.title]),
  ).toEqual([
    ["breast.upper", "Breast, upper"],
    ["breast.lower", "Breast, lower"],
  ]);
  const fewer = change.changeParts(cut, cut.carcass.parts.slice(1));
  expect(partsOf(fewer, "left-leg")).toEqual([]);
});
