// ledger URL LOTS: how long the ledger takes to ask, over so many lots; and how long a class of 24 takes to put away in one request.
import { v7 as uuid } from "uuid";
import { signIn } from "./session.mjs";

const [, , baseURL, lots] = process.argv;
const MOST_MS = 150;
const TIMES = process.env.BENCH_BRIEF ? 3 : 30;
const marit = await signIn(baseURL, "marit");
const day = (back) => new Date(Date.now() - back * 86_400_000).toISOString().slice(0, 10);

function tell(what, times) {
  times.sort((a, b) => a - b);
  const [median, p95] = [0.5, 0.95].map((share) => times[Math.min(times.length - 1, Math.floor(share * times.length))]);
  process.stdout.write(
    `${lots.padStart(6)} lots  ${what.padEnd(28)} median ${median.toFixed(0).padStart(4)} ms   p95 ${p95.toFixed(0).padStart(4)} ms\n`,
  );

  return median;
}

for (const [what, path] of [
  ["on hand", "/ledger/lots"],
  ["this week", `/ledger/week?from=${day(6)}&to=${day(0)}`],
  ["this term, 120 days", `/ledger/week?from=${day(120)}&to=${day(0)}`],
  ["pots", "/ledger/pots"],
  ["needs and what to use up", "/ledger/needs"],
  ["costs of the term, 120 days", `/ledger/term?from=${day(120)}&to=${day(0)}`],
  ["between assessors, 120 days", `/agreement?from=${day(120)}&to=${day(0)}`],
  ["moderation of a class", `/assessments/${(await marit.get("/ledger")).practicals.at(-1).id}/moderation`],
  ["what a class cost", `/assessments/${(await marit.get("/ledger")).practicals.at(-1).id}/cost`],
]) {
  const times = [];
  for (let time = 0; time <= TIMES; time++) {
    const from = performance.now();
    await marit.get(path);
    if (time > 0) times.push(performance.now() - from);
  }
  tell(what, times);
}

const { practicals } = await marit.get("/ledger");
const { id } = practicals.find((it) => it.title.startsWith("Twenty-four"));
const times = [];
for (let time = 0; time <= Math.ceil(TIMES / 3); time++) {
  const { proposals, held_on: made } = await marit.get(`/assessments/${id}/put-away`);
  const fact = (of) => ({ id: uuid(), at: new Date().toISOString(), ...of });
  const facts = proposals.flatMap((it) => {
    const lot = fact({
      kind: "put_away",
      assessment: id,
      product: it.product,
      off: it.is_off,
      weights: it.weights.map(({ capture }) => capture),
      mass_mg: it.mass_mg,
      made,
    });

    return it.destination === null
      ? [lot]
      : [lot, fact({ kind: "move", lot: lot.id, to: it.destination, mass_mg: it.mass_mg, text: "After class" })];
  });
  const from = performance.now();
  await marit.post("/ledger/facts", { device: "bench", facts });
  if (time > 0) times.push(performance.now() - from);
  await marit.post("/ledger/facts", {
    device: "bench",
    facts: facts.reverse().map((it) => fact({ kind: "void", target: it.id, reason: "again" })),
  });
}
const median = tell("a class of 24 put away", times);
process.exit(process.env.BENCH_BRIEF || median <= MOST_MS ? 0 : 1);
