// lists URL: how long each list takes at the API of a large school, asked by one person again and again; fails where one takes longer than it may.
const [, , baseURL] = process.argv;
const MOST_MS = 150;
const TIMES = process.env.BENCH_BRIEF ? 3 : 30;
const cookies = new Map();

async function call(method, path, body) {
  const token = cookies.get("XSRF-TOKEN");
  const response = await fetch(`${baseURL}${path}`, {
    method,
    headers: {
      Accept: "application/json",
      Referer: baseURL,
      "Content-Type": "application/json",
      Cookie: [...cookies].map(([key, value]) => `${key}=${value}`).join("; "),
      ...(token === undefined ? {} : { "X-XSRF-TOKEN": decodeURIComponent(token) }),
    },
    body: body === undefined ? undefined : JSON.stringify(body),
  });
  for (const cookie of response.headers.getSetCookie()) {
    const [pair] = cookie.split(";");
    const at = pair.indexOf("=");
    cookies.set(pair.slice(0, at), pair.slice(at + 1));
  }
  const text = await response.text();
  if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${text.slice(0, 200)}`);

  return text;
}

await call("GET", "/sanctum/csrf-cookie");
await call("POST", "/api/v1/session", { email: "ilse@tollgate-quay.example", password: "larder-week" });
let slow = 0;
for (const path of [
  "/bench",
  "/bench/earlier?page=1",
  "/bench/earlier?page=60",
  "/roster",
  "/students",
  "/students?page=40",
  "/students?search=student+17",
  "/standards",
  "/find?text=student+17",
  "/find?text=practical",
  "/people",
  "/changes",
]) {
  const times = [];
  let size = 0;
  for (let time = 0; time <= TIMES; time++) {
    const from = performance.now();
    size = (await call("GET", `/api/v1${path}`)).length;
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
