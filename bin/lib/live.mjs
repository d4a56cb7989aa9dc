// live URL CAPTURES [seconds]: over a table with so many captures, what single requests cost; then twenty classes at once, a device that takes captures down in each and one that
// follows it, at sixty captures a second together: how long until a capture is accepted, and until the other device has it; then one class with five hundred listeners.
import { follow, listen } from "./follow.mjs";
import { v7 as uuid } from "uuid";
import { signIn } from "./session.mjs";

const [, , baseURL, size, seconds = "30"] = process.argv;
const A_SECOND = Number(process.env.BENCH_A_SECOND ?? (process.env.BENCH_BRIEF ? 4 : 60));
const TIMES = process.env.BENCH_BRIEF ? 3 : 60;
const BATCH = 500;
const pause = (ms) => new Promise((resolve) => setTimeout(resolve, Math.max(0, ms)));
const marit = await signIn(baseURL, "marit");
const teodor = await signIn(baseURL, "teodor");
const classes = (await marit.get("/bench")).today.filter((it) => it.title.startsWith("Class of today"));
const [{ id, trays }] = classes;

const percentile = (times, share) => [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(share * times.length))] ?? NaN;
const tell = (what, times) =>
  console.log(
    `${size.padStart(8)} captures  ${what.padEnd(44)} ${[0.5, 0.95, 0.99].map((it) => `p${it * 100} ${percentile(times, it).toFixed(1)} ms`).join(", ")}`,
  );
async function timed(what, times, call) {
  const taken = [];
  for (let time = 0; time <= times; time++) {
    const from = performance.now();
    await call();
    // The first fills what is kept.
    if (time > 0) taken.push(performance.now() - from);
  }
  tell(what, taken);
}

const fault = () => ({ id: uuid(), at: new Date().toISOString(), kind: "fault", fault: "sawing" });
const take = (attempt, captures) => marit.post(`/attempts/${attempt}/captures`, { device: "bench", captures });

const { next } = await marit.get(`/assessments/${id}/captures`);
await timed("cursor with nothing new", TIMES, () => marit.get(`/assessments/${id}/captures?after=${next}`));
await timed("bench", TIMES, () => marit.get("/bench"));
await timed("shelf", TIMES, () => marit.get("/standards"));
await timed("floor", TIMES, () => marit.get(`/assessments/${id}/floor`));
await timed("tray", TIMES, () => marit.get(`/attempts/${trays[0].attempt}`));
await timed("a capture, alone", TIMES, () => take(trays[1].attempt, [fault()]));
const spare = trays.slice(2);
await timed(`a batch of ${BATCH}`, Math.min(5, TIMES), () => take(spare.pop().attempt, Array.from({ length: BATCH }, fault)));

const sentAt = new Map();
const accepted = [];
const seen = [];
const followed = await Promise.all(
  classes.map((it) =>
    follow(baseURL, teodor, it.id, (capture) => {
      const sent = sentAt.get(capture.id);
      if (sent !== undefined) seen.push(performance.now() - sent);
    }),
  ),
);
const began = performance.now();
const until = began + 1_000 * Number(seconds);
const everyMs = (1_000 * classes.length) / A_SECOND;
await Promise.all(
  classes.map(async (it, index) => {
    const waiting = [];
    for (let count = 0, due = began + (index * everyMs) / classes.length; due < until; count++, due += everyMs) {
      await pause(due - performance.now());
      const capture = fault();
      sentAt.set(capture.id, performance.now());
      // Sent when it is due, whether the last was answered or not: a slow answer does not make the load less.
      waiting.push(
        take(it.trays[count % it.trays.length].attempt, [capture]).then(() => accepted.push(performance.now() - sentAt.get(capture.id))),
      );
    }
    await Promise.all(waiting);
  }),
);
const took = (performance.now() - began) / 1_000;
await pause(2_000);
followed.forEach((stop) => stop());
tell(`accepted, ${classes.length} classes, ${(accepted.length / took).toFixed(0)} of ${A_SECOND} a second`, accepted);
tell(`seen by another device, ${seen.length} of ${accepted.length}`, seen);

const LISTENERS = process.env.BENCH_BRIEF ? 20 : 500;
const heard = [];
let sent = 0;
const listening = [];
while (listening.length < LISTENERS)
  listening.push(
    ...(await Promise.all(Array.from({ length: 20 }, () => listen(baseURL, teodor, id, () => heard.push(performance.now() - sent))))),
  );
await timed(`cursor with nothing new, ${LISTENERS} listening`, TIMES, () =>
  marit.get(`/assessments/${id}/captures?after=${Number.MAX_SAFE_INTEGER}`),
);
for (let time = 0; time < Math.min(10, TIMES); time++) {
  sent = performance.now();
  await take(trays[1].attempt, [fault()]);
  while (heard.length < (time + 1) * LISTENERS) await pause(5);
}
tell(`heard by ${LISTENERS} listeners`, heard);
listening.forEach((stop) => stop());
process.exit(0);
