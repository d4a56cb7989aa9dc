// practice URL: how long what a student practises with takes at the API, and the page of a group for who teaches it; fails where one takes longer than it may.
import { signIn } from "./session.mjs";
import { timed } from "./timed.mjs";

const [, , baseURL] = process.argv;
const MOST_MS = 300;
const amina = await signIn(baseURL, "amina");
const { items, written } = await amina.get("/practice");
const standard = items.find((it) => it.title === "Chicken, eight pieces").id;
const marit = await signIn(baseURL, "marit");
const group = (await marit.get("/roster")).groups[0].id;
const slow =
  (await timed(
    amina,
    [
      ["what to practise", "/practice"],
      ["a standard, tries regraded", `/practice/${standard}`],
      ["a round that is due", `/practice/${standard}/due?round=1`],
      ["what is asked in writing", `/attempts/${written[0].attempt}/answers`],
      ["what is called now", "/called"],
    ],
    MOST_MS,
  )) + (await timed(marit, [["a group's practice", `/groups/${group}/practice`]], MOST_MS));
process.exit(process.env.BENCH_BRIEF || slow === 0 ? 0 : 1);
