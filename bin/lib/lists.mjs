// lists URL: how long each list takes at the API of a large school, asked by one person again and again; fails where one takes longer than it may.
import { signIn } from "./session.mjs";

const [, , baseURL] = process.argv;
const MOST_MS = 150;
const TIMES = process.env.BENCH_BRIEF ? 3 : 30;
const ilse = await signIn(baseURL, "ilse");
let slow = 0;
for (const path of [
  "/bench",
  "/bench/earlier?page=1",
  "/bench/earlier?page=60",
  "/roster",
  "/students",
  "/students?page=40",
  "/students?search=student+17",
  "/missed-tries",
  "/standards",
  "/find?text=student+17",
  "/find?text=practical",
  "/people",
  "/briefs",
  "/policy",
  "/changes",
]) {
  const times = [];
  let size = 0;
  for (let time = 0; time <= TIMES; time++) {
    const from = performance.now();
    size = JSON.stringify(await ilse.get(path)).length;
    // The first fills what is kept.
    if (time > 0) times.push(performance.now() - from);
  }
  times.sort((a, b) => a - b);
  const [median, p95] = [0.5, 0.95].map((share) => times[Math.min(times.length - 1, Math.floor(share * times.length))]);
  const isSlow = median > MOST_MS;
  slow += isSlow ? 1 : 0;
  process.stdout.write(
    `${path.padEnd(30)} median ${median.toFixed(0).padStart(5)} ms   p95 ${p95.toFixed(0).padStart(5)} ms   ${(size / 1024).toFixed(0).padStart(5)} kB${isSlow ? `   over ${MOST_MS} ms` : ""}\n`,
  );
}
process.exit(process.env.BENCH_BRIEF || slow === 0 ? 0 : 1);
