// How long a person waits for addresses of the API, each asked again and again; says a line each, and answers with how many take longer than they may.

const TIMES = process.env.BENCH_BRIEF ? 3 : 30;

export async function timed(person, paths, mostMs) {
  let slow = 0;
  for (const [name, path] of paths) {
    const times = [];
    let size = 0;
    for (let time = 0; time <= TIMES; time++) {
      const from = performance.now();
      size = JSON.stringify(await person.get(path)).length;
      // The first fills what is kept.
      if (time > 0) times.push(performance.now() - from);
    }
    times.sort((a, b) => a - b);
    const [median, p95] = [0.5, 0.95].map((share) => times[Math.min(times.length - 1, Math.floor(share * times.length))]);
    const isSlow = median > mostMs;
    slow += isSlow ? 1 : 0;
    process.stdout.write(
      `${name.padEnd(30)} median ${median.toFixed(0).padStart(5)} ms   p95 ${p95.toFixed(0).padStart(5)} ms   ${(size / 1024).toFixed(0).padStart(5)} kB${isSlow ? `   over ${mostMs} ms` : ""}\n`,
    );
  }

  return slow;
}
