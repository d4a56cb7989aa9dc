import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { expect, test } from "@playwright/test";
import { askAgain } from "../../ui/src/api/askAgain";

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
