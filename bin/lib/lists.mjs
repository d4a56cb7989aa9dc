// lists URL: how long each list takes at the API of a large school, asked by one person again and again; fails where one takes longer than it may.
import { signIn } from "./session.mjs";
import { timed } from "./timed.mjs";

const [, , baseURL] = process.argv;
const MOST_MS = 150;
const slow = await timed(
  await signIn(baseURL, "ilse"),
  [
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
    "/trends",
    "/changes",
  ].map((path) => [path, path]),
  MOST_MS,
);
process.exit(process.env.BENCH_BRIEF || slow === 0 ? 0 : 1);
