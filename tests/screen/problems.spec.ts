import { expect, test } from "vitest";
import "./support/browser";
import { Problem } from "../../ui/src/api/problem";
import { readDocument } from "../../ui/src/api/readDocument";
import { saidOf, saidOfPath } from "../../ui/src/parts/problems";

/** What went wrong, as the server says it (RFC 9457) and as a person reads it. */

const refused = new Problem(
  {
    type: "urn:deft-blade:problem:invalid",
    title: "Not right",
    status: 422,
    detail: "2 things in this policy are not right.",
    errors: [
      { path: "policy.bands", detail: "the lowest band must have the minimum 0" },
      { path: "policy.places", detail: "must be a whole number" },
    ],
  },
  422,
);

test("what the server says is what a person reads", () => {
  expect(saidOf(refused)).toBe("2 things in this policy are not right.");
  expect(saidOfPath(refused, "policy.places")).toBe("must be a whole number");
  expect(saidOfPath(refused, "policy.scale")).toBeUndefined();
});

test("no answer is told as no answer, and nothing wrong as nothing", () => {
  expect(saidOf(new TypeError("Failed to fetch"))).toBe("The server does not answer; check the network.");
  expect(saidOfPath(new TypeError("Failed to fetch"), "name")).toBeUndefined();
  expect(saidOf(null)).toBeUndefined();
});

test("a file is read as the document in it, or refused as none", async () => {
  const file = (text: string) => new File([text], "policy.json", { type: "application/json" });
  expect(await readDocument<{ places: number }>(file('{"places": 1}'))).toEqual({ places: 1 });
  for (const text of ["", "{", "places: 1", "\u0000"]) {
    const problem = await readDocument(file(text)).catch((caught: unknown) => caught);
    expect(problem).toBeInstanceOf(Problem);
    expect((problem as Problem).detail).toContain("This file is not JSON");
  }
});
