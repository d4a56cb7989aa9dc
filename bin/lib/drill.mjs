// drill URL ACKNOWLEDGED EVENTS: at twenty classes a device takes a capture down every second, and sends what waits, all of one tray together, again and again until it is
// acknowledged; writes the ids that were, and tells the longest time without an acknowledgement after each event.
import { appendFileSync, readFileSync } from "node:fs";
import { v7 as uuid } from "uuid";
import { signIn } from "./session.mjs";

const EVERY_MS = 1_000;
const MOST_AT_ONCE = 50;
const PATIENCE_MS = 15_000;
const AGAIN_MS = 500;
const [, , baseURL, acknowledgedFile, eventsFile] = process.argv;
const pause = (ms) => new Promise((resolve) => setTimeout(resolve, Math.max(0, ms)));
const marit = await signIn(baseURL, "marit");
const classes = (await marit.get("/bench")).today.filter((it) => it.title.startsWith("Class of today"));
const acknowledgedAt = [];
let ended = false;
const refusals = new Map();
process.on("SIGTERM", () => (ended = true));

const inTime = (answer) => Promise.race([answer, pause(PATIENCE_MS).then(() => Promise.reject(new Error("no answer in time")))]);

async function device({ trays: [{ attempt }] }, index) {
  const waiting = [];
  let due = Date.now() + (index * EVERY_MS) / classes.length;
  while (!ended || waiting.length > 0) {
    for (; !ended && due <= Date.now(); due += EVERY_MS)
      waiting.push({ id: uuid(), at: new Date().toISOString(), kind: "fault", fault: "sawing" });
    const captures = waiting.slice(0, MOST_AT_ONCE);
    if (captures.length === 0) {
      await pause(due - Date.now());
      continue;
    }
    try {
      await inTime(marit.post(`/attempts/${attempt}/captures`, { device: `drill ${index}`, captures }));
      waiting.splice(0, captures.length);
      acknowledgedAt.push(Date.now());
      appendFileSync(acknowledgedFile, captures.map(({ id }) => `${id}\n`).join(""));
    } catch (problem) {
      const said = String(problem.message)
        .replace(/\s+/g, " ")
        .slice(0, 120)
        .replace(/\/attempts\/\S+/, "…");
      refusals.set(said, (refusals.get(said) ?? 0) + 1);
      await pause(AGAIN_MS);
    }
  }
}

await Promise.all(classes.map(device));

acknowledgedAt.sort((a, b) => a - b);
const events = readFileSync(eventsFile, "utf8")
  .trim()
  .split("\n")
  .map((line) => ({ at: Number(line.slice(0, 13)), what: line.slice(14) }));
for (const [index, { at, what }] of events.entries()) {
  const until = events[index + 1]?.at ?? Date.now();
  const times = [at, ...acknowledgedAt.filter((it) => it > at && it <= until), until];
  const longest = Math.max(...times.slice(1).map((it, before) => it - (times[before] ?? it)));
  console.log(`${(longest / 1_000).toFixed(1).padStart(6)} s the longest pause: ${what}`);
}
console.log(
  `${acknowledgedAt.length} requests acknowledged; not taken at first: ${[...refusals].map(([said, times]) => `${times} × ${said}`).join(" | ") || "none"}`,
);
process.exit(0);
