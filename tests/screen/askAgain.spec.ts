import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { expect, test } from "vitest";
import { askAgain, tell } from "../../ui/src/api/askAgain";

/** What was asked before something changed is not taken for what is so after it. */

test("a first answer that was on its way is not shown: the one asked for after it is", async () => {
  const queries = new QueryClient();
  const answers: ((said: string) => void)[] = [];
  const queryFn = (): Promise<string> => new Promise((resolve) => answers.push(resolve));
  const observer = new QueryObserver(queries, { queryKey: ["verdict", "a"], queryFn, retry: false });
  const shown: (string | undefined)[] = [];
  const leave = observer.subscribe(({ data }) => shown.push(data));
  expect(answers.length).toBe(1);

  const asked = askAgain(queries, ["verdict", "a"]);
  await expect.poll(() => answers.length).toBe(2);
  answers[1]?.("after");
  await asked;
  answers[0]?.("before");
  await expect.poll(() => observer.getCurrentResult().data).toBe("after");
  expect(shown.filter((it) => it !== undefined && it !== "after")).toEqual([]);
  leave();
  queries.clear();
});

test("an answer that is told stands, though one from before it comes in later", async () => {
  const queries = new QueryClient();
  const answers: ((said: string) => void)[] = [];
  const observer = new QueryObserver(queries, {
    queryKey: ["tray", "a"],
    queryFn: (): Promise<string> => new Promise((resolve) => answers.push(resolve)),
    initialData: "kept",
    initialDataUpdatedAt: 0,
    retry: false,
  });
  const leave = observer.subscribe(() => undefined);
  await expect.poll(() => answers.length).toBe(1);
  await tell(queries, ["tray", "a"], "told");
  answers[0]?.("before");
  await new Promise((resolve) => setImmediate(resolve));
  expect([observer.getCurrentResult().data, observer.getCurrentResult().fetchStatus]).toEqual(["told", "idle"]);
  leave();
  queries.clear();
});
