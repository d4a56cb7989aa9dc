// The shell of the application, kept on the device so that it opens without a network. Answers of the server are not kept here: they belong to a person.
const SHELL = "deft-blade.shell";
const MANIFEST = "/build/manifest.json";
const PATIENCE_MS = 4_000;

/** Keeps the page and everything it is built of; what an earlier build left is let go. */
async function keepShell() {
  const cache = await caches.open(SHELL);
  const manifest = await fetch(MANIFEST, { cache: "no-cache" });
  const text = await manifest.clone().text();
  const kept = await cache.match(MANIFEST);
  if (kept !== undefined && (await kept.text()) === text) return;
  const files = new Set(Object.values(JSON.parse(text)).flatMap((it) => [it.file, ...(it.css ?? []), ...(it.assets ?? [])]));
  const addresses = [...files].map((file) => `/build/${file}`);
  await cache.addAll(["/", "/icon.svg", "/app.webmanifest", ...addresses]);
  const current = new Set(["/", "/icon.svg", "/app.webmanifest", MANIFEST, ...addresses]);
  for (const request of await cache.keys()) if (!current.has(new URL(request.url).pathname)) await cache.delete(request);
  await cache.put(MANIFEST, manifest);
}

async function page(request) {
  try {
    const answer = await fetch(request, { signal: AbortSignal.timeout(PATIENCE_MS) });
    // The page of a proxy that does not reach the application is no page of the application.
    if (answer.status < 500) return answer;

    return (await caches.match("/")) ?? answer;
  } catch {
    const shell = await caches.match("/");
    if (shell === undefined) throw new Error("this device has no copy of the application yet");

    return shell;
  }
}

self.addEventListener("install", (event) => event.waitUntil(keepShell().then(() => self.skipWaiting())));
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));
self.addEventListener("fetch", (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (origin !== self.location.origin || request.method !== "GET" || pathname.startsWith("/api/") || pathname.startsWith("/sanctum/")) return;
  if (request.mode === "navigate") {
    event.respondWith(page(request));
    event.waitUntil(keepShell().catch(() => undefined));
  } else if (pathname.startsWith("/build/") || pathname === "/icon.svg") {
    event.respondWith(caches.match(request).then((kept) => kept ?? fetch(request)));
  }
});
