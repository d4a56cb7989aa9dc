// look-back URL: how long the look back takes at the API over the classes of a year by one standard; fails where one takes longer than it may. What grades a year or a
// term once more is only said.
import { signIn } from "./session.mjs";
import { timed } from "./timed.mjs";

const [, , baseURL] = process.argv;
const MOST_MS = 300;
const ilse = await signIn(baseURL, "ilse");
const { standards, classes } = await ilse.get("/trends?standard=chicken-eight-piece");
const { id } = standards.find((it) => it.key === "chicken-eight-piece");
const [first] = classes;
const [student] = (await ilse.get("/students?search=Kowal")).students;
process.stdout.write(`${classes.length} classes from ${first.held_on} on, ${classes.reduce((sum, it) => sum + it.trays, 0)} trays\n`);
const slow = await timed(
  ilse,
  [
    ["over time", "/trends?standard=chicken-eight-piece"],
    ["one class", `/assessments/${classes.at(-1).assessment}/look-back`],
    ["the standard", `/standards/${id}/look-back`],
    ["own carcasses", `/standards/${id}/own-carcasses`],
    ["fairness", `/standards/${id}/fairness`],
    ["weights for others", `/standards/${id}/carcasses.json`],
    ["a student over a course", `/students/${student.id}/course`],
    ["school report", "/school-report"],
  ],
  MOST_MS,
);
for (const [name, ask] of [
  ["a year graded once more", () => ilse.get(`/standards/${id}/own-carcasses/effect`)],
  ["a term under another policy", async () => ilse.post("/policy/try-term", await ilse.get("/policy/document"))],
]) {
  const from = performance.now();
  await ask();
  process.stdout.write(`${name.padEnd(30)} once   ${(performance.now() - from).toFixed(0).padStart(5)} ms\n`);
}
process.exit(process.env.BENCH_BRIEF || slow === 0 ? 0 : 1);
