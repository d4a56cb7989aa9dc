import { execFileSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { connect, type TLSSocket } from "node:tls";
import { chromium } from "@playwright/test";
import { expect, fillInSignIn, test } from "./kitchen";

const NAME = "larder.test";
const port = (): number => Number(process.env.DEFT_BLADE_PORT) + 6;
const cards = (): string => `http://127.0.0.1:${port() + 1}`;
const folder = (): string => join(process.env.DEFT_BLADE_STATE ?? "", "room");
const authority = (): string => readFileSync(join(folder(), "authority.crt"), "utf8");
const openssl = (...words: string[]): string => execFileSync("openssl", words, { encoding: "utf8", stdio: ["ignore", "pipe", "ignore"] });

/** Serves the room too, but within this machine; or the machine alone. */
const serve = (...room: string[]): void => {
  execFileSync("bin/start", room, { stdio: "ignore", env: { ...process.env, DEFT_BLADE_ROOM_LISTEN: "127.0.0.1" } });
};

test.beforeAll(() => serve("--room", NAME));
test.afterAll(() => serve());

/** One handshake with the room's address, by whoever trusts what is given. */
const handshake = (servername: string, ca: string): Promise<TLSSocket> =>
  new Promise((resolve, reject) => {
    const line = connect({ host: "127.0.0.1", port: port(), servername, ca, ALPNProtocols: ["h2"] }, () => resolve(line));
    line.on("error", reject);
  });

test("a device that trusts the room's certificate reaches it under its name, and under no other", async () => {
  const line = await handshake(NAME, authority());
  expect(line.authorized).toBe(true);
  expect(line.alpnProtocol).toBe("h2");
  line.destroy();
  await expect(handshake("other.test", authority())).rejects.toThrow(/does not match/);
});

test("the room's authority can vouch for no other name", () => {
  const made = mkdtempSync(join(tmpdir(), "room-"));
  const at = (name: string): string => join(made, name);
  openssl(
    "req",
    "-new",
    "-newkey",
    "ec",
    "-pkeyopt",
    "ec_paramgen_curve:P-256",
    "-nodes",
    "-keyout",
    at("key"),
    "-out",
    at("csr"),
    "-subj",
    "/CN=x",
  );
  const verified = (names: string): string => {
    writeFileSync(at("names"), `subjectAltName=${names}`);
    const key = join(folder(), "authority.key");
    openssl(
      "x509",
      "-req",
      "-in",
      at("csr"),
      "-CA",
      join(folder(), "authority.crt"),
      "-CAkey",
      key,
      "-out",
      at("crt"),
      "-extfile",
      at("names"),
    );
    return openssl("verify", "-CAfile", join(folder(), "authority.crt"), at("crt"));
  };
  expect(verified(`DNS:${NAME}`)).toContain("OK");
  expect(() => verified("DNS:bank.test")).toThrow();
  expect(() => verified("IP:192.0.2.1")).toThrow();
  rmSync(made, { recursive: true });
});

for (const [room, holds, other] of [
  ["larder.test", ["-verify_hostname", "larder.test"], ["-verify_hostname", "pantry.test"]],
  ["192.0.2.7", ["-verify_ip", "192.0.2.7"], ["-verify_ip", "192.0.2.8"]],
] as const) {
  test(`a certificate made for ${room} holds for it and for nothing else`, () => {
    const state = mkdtempSync(join(tmpdir(), "room-"));
    const make = `. bin/lib/env.sh && . bin/lib/room.sh && take_room ${room} && make_room_certificate`;
    execFileSync("bash", ["-c", make], { env: { ...process.env, DEFT_BLADE_STATE: state }, stdio: "ignore" });
    const verify = (...as: readonly string[]): string =>
      openssl("verify", "-CAfile", join(state, "room", "authority.crt"), ...as, join(state, "room", "room.crt"));
    expect(verify(...holds)).toContain("OK");
    expect(() => verify(...other)).toThrow();
    rmSync(state, { recursive: true });
  });
}

test("the card leads to a page that names the certificate by its fingerprint and hands it out", async ({ page, request }) => {
  await page.goto(`${cards()}/card`);
  const fingerprint = openssl("x509", "-in", join(folder(), "authority.crt"), "-noout", "-fingerprint", "-sha256").split("=")[1] ?? "";
  const bare = fingerprint.trim().replaceAll(":", "");
  await expect(page.getByRole("group", { name: "SHA-256 fingerprint of the certificate" })).toHaveText(bare);
  await page.goto(cards());
  await expect(page.getByRole("group", { name: "SHA-256 fingerprint of the certificate" })).toHaveText(bare);
  const file = await request.get(
    `${cards()}${(await page.getByRole("link", { name: "Download the certificate" }).getAttribute("href")) ?? ""}`,
  );
  expect(await file.text()).toBe(authority());
  await expect(page.getByRole("link", { name: "Open Deft Blade" })).toHaveAttribute("href", `https://${NAME}:${port()}/`);
  // The keys lie nowhere that is served.
  for (const key of ["authority.key", "room.key", "../room/authority.key"])
    expect((await request.get(`${cards()}/${key}`)).status()).toBe(404);
});

test("a tablet signs in at the room's address, keeps the shell, hears of news and reads the scale", async () => {
  // A browser that trusts this one key, as if the certificate had been installed.
  const key = openssl("x509", "-in", join(folder(), "room.crt"), "-noout", "-pubkey");
  writeFileSync(join(folder(), "room.pub"), key);
  const der = execFileSync("openssl", ["pkey", "-pubin", "-in", join(folder(), "room.pub"), "-outform", "der"]);
  const spki = execFileSync("openssl", ["dgst", "-sha256", "-binary"], { input: der }).toString("base64");
  const profile = mkdtempSync(join(tmpdir(), "tablet-"));
  const context = await chromium.launchPersistentContext(profile, {
    executablePath: "/usr/bin/chromium-headless-shell",
    args: [
      "--no-sandbox",
      "--disable-gpu",
      "--disable-quic",
      `--host-resolver-rules=MAP ${NAME} 127.0.0.1`,
      `--ignore-certificate-errors-spki-list=${spki}`,
    ],
    baseURL: `https://${NAME}:${port()}`,
    serviceWorkers: "allow",
  });
  try {
    const page = await context.newPage();
    await page.goto("/");
    await fillInSignIn(page, "marit");
    expect(await page.evaluate(() => window.isSecureContext)).toBe(true);
    await expect.poll(() => page.evaluate(async () => (await navigator.serviceWorker.ready).active?.state)).toBe("activated");
    const session = (await context.cookies()).filter((it) => it.httpOnly);
    expect(session).not.toHaveLength(0);
    expect(session.every((it) => it.secure)).toBe(true);
    const heard = page.waitForResponse((it) => new URL(it.url()).pathname === "/live/scale");
    await page
      .getByRole("link", { name: /^Station 9 / })
      .first()
      .click();
    expect((await heard).status()).toBe(200);
    await expect(page.getByRole("region", { name: "Scale", exact: true })).toContainText(/\d ?g/);
  } finally {
    await context.close();
    rmSync(profile, { recursive: true, force: true });
  }
});

test("nothing of the room listens where it is not asked for", async () => {
  (await handshake(NAME, authority())).destroy();
  serve();
  await expect(handshake(NAME, authority())).rejects.toThrow(/ECONNREFUSED/);
  await expect(fetch(cards())).rejects.toThrow();
});
