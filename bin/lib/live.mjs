// live URL CAPTURES [seconds]: over a table with so many captures, what a look at a class costs; four devices take captures down in a class of twenty-four while each follows what the others do; then how fast it may go.
import { randomUUID } from "node:crypto";
import { signIn } from "./session.mjs";

const [, , baseURL, size, seconds = "300"] = process.argv;
const LOOK_EVERY_MS = 700;
const ROOM_EVERY_MS = 10_000;
const TITLE = `Twenty-four stations over ${size}`;
const devices = await Promise.all(
  ["marit", "teodor", "marit", "teodor"].map(async (account, index) => ({
    name: `bench ${index + 1}`,
    ...(await signIn(baseURL, account)),
  })),
);
const bench = await devices[0].get("/bench");
const practical = bench.today.find((it) => it.title === TITLE);
const attempts = practical.trays.map((it) => it.attempt);

await flat();
const steady = await run(Number(seconds), 2_000);
report(`${seconds} s, 24 stations, 4 devices, a capture every 2 s each`, steady);
for (const everyMs of process.env.BENCH_BRIEF ? [1_000] : [1_000, 500, 250, 200, 150, 100]) {
  const outcome = await run(process.env.BENCH_BRIEF ? 3 : 15, everyMs);
  const asked = 4_000 / everyMs;
  report(`${asked.toFixed(0)} captures a second asked, ${outcome.perSecond.toFixed(1)} reached`, outcome);
  if (percentile(outcome.accepted, 0.95) > 300 || outcome.perSecond < 0.9 * asked) break;
}

/** A UUID of version 7 (RFC 9562, 5.7): the time in front, chance behind. */
function uuid7() {
  const time = Date.now().toString(16).padStart(12, "0");

  return `${time.slice(0, 8)}-${time.slice(8)}-7${randomUUID().slice(15)}`;
}

async function run(forSeconds, everyMs) {
  const until = performance.now() + forSeconds * 1_000;
  const sentAt = new Map();
  const accepted = [];
  const seen = [];
  const pause = (ms) => new Promise((resolve) => setTimeout(resolve, Math.max(0, ms)));
  const take = async (device, index) => {
    for (let count = 0, due = performance.now() + (index * everyMs) / 4; due < until; count++, due += everyMs) {
      await pause(due - performance.now());
      const capture = { id: uuid7(), at: new Date().toISOString(), kind: "fault", fault: "sawing" };
      const start = performance.now();
      sentAt.set(capture.id, { start, by: index });
      await device.post(`/attempts/${attempts[(count * 4 + index) % attempts.length]}/captures`, {
        device: device.name,
        captures: [capture],
      });
      accepted.push(performance.now() - start);
    }
  };
  const follow = async (device, index) => {
    let room = null;
    let after = (await device.get(`/assessments/${practical.id}/captures`)).next;
    while (performance.now() < until + 2_000) {
      await pause(LOOK_EVERY_MS);
      const news = await device.get(`/assessments/${practical.id}/captures?after=${after}`);
      after = news.next;
      // As the screen does: stations come with the news, the whole room is asked for every ten seconds at most.
      if (news.captures.length > 0)
        room ??= pause(ROOM_EVERY_MS).then(() => ((room = null), device.get(`/assessments/${practical.id}/floor`)));
      for (const { capture } of news.captures) {
        const sent = sentAt.get(capture.id);
        if (sent !== undefined && sent.by !== index) seen.push(performance.now() - sent.start);
      }
    }
  };
  const began = performance.now();
  let ended = began;
  const takeAll = async (device, index) => {
    await take(device, index);
    ended = Math.max(ended, performance.now());
  };
  await Promise.all(devices.flatMap((device, index) => [takeAll(device, index), follow(device, index)]));

  return { accepted, seen, perSecond: (accepted.length * 1_000) / (ended - began) };
}

function percentile(times, share) {
  const sorted = [...times].sort((a, b) => a - b);

  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;
}

function report(name, { accepted, seen }) {
  const line = (times) => [0.5, 0.95, 0.99].map((share) => `p${share * 100} ${percentile(times, share).toFixed(0)} ms`).join(", ");
  console.log(`${name}: ${accepted.length} accepted, ${line(accepted)}; seen by another device ${line(seen)}`);
}

/** What a look at the class costs, over a table as large as it is. */
async function flat() {
  for (const path of [`/assessments/${practical.id}/floor`, `/assessments/${practical.id}/captures`]) {
    const times = [];
    for (let turn = 0; turn < 20; turn++) {
      const start = performance.now();
      await devices[0].get(path);
      times.push(performance.now() - start);
    }
    console.log(
      `GET ${path.split("/").at(-1)}: median ${percentile(times, 0.5).toFixed(0)} ms, p95 ${percentile(times, 0.95).toFixed(0)} ms`,
    );
  }
}
