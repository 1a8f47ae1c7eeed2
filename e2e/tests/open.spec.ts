import { spawnSync } from "node:child_process";
import { readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import https from "node:https";
import { gunzipSync } from "node:zlib";
import { type Browser, expect, type Page, test } from "@playwright/test";
import { nothingSerious } from "./axe";
import { answer, FELLSIDE, field, saved, type } from "./bench";
import { freePort, installation, type Launched } from "./launched";
import { otherNetwork } from "./otherNetwork";

/** The application as the workshop's other devices have it: over TLS, by name, and only for those who are let in. */
const here = installation("open var");
const NAME = "bench.local";
const PASSPHRASE = "seven kegs under the bench";
const network = otherNetwork(here.data, NAME);
let launched: Launched;
let ports: { own: number; open: number; trust: number };
let browser: Browser;

test.describe.configure({ mode: "serial", timeout: 360_000 });
const options = () => ["--name", NAME, "--open-port", String(ports.open), "--trust-port", String(ports.trust)];
const at = (path = "/") => `https://${NAME}:${ports.open}${path}`;
const own = (path = "/") => `http://127.0.0.1:${ports.own}${path}`;
const tls = `${here.data}/start/tls`;

test.beforeAll(async ({ playwright }) => {
  here.remove();
  ports = { own: await freePort(), open: await freePort(), trust: await freePort() };
  const { executablePath, args = [] } = test.info().project.use.launchOptions ?? {};
  browser = await playwright.chromium.launch({
    ...(executablePath && { executablePath }),
    args: [...args, `--host-resolver-rules=MAP ${NAME} 127.0.0.1`],
  });
});
test.afterAll(async () => {
  await browser.close();
  network.remove();
  here.run("stop");
  here.remove();
});

/** A device that trusts the server already, with a browser storage of its own. */
async function device(path = "/"): Promise<Page> {
  const context = await browser.newContext({ ignoreHTTPSErrors: true, baseURL: at("") });
  const page = await context.newPage();
  await page.goto(at(path));
  return page;
}

const code = async (): Promise<string> =>
  (await (await fetch(own("/api/pairing-codes"), { method: "POST" })).json()).code;

async function pair(page: Page, name: string): Promise<void> {
  await page.getByLabel("A name for this device").fill(name);
  await page.getByLabel("Code, six digits").fill(await code());
  await page.getByRole("button", { name: "Pair", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Which rig are you working on?" })).toBeVisible();
}

async function plan(name: string): Promise<string> {
  const body = JSON.stringify({ ...JSON.parse(readFileSync(FELLSIDE, "utf8")), name });
  const headers = { "Content-Type": "application/json" };
  return (await (await fetch(own("/api/plans/import"), { method: "POST", headers, body })).json()).id;
}

/** How the server answers a page. */
const status = (page: Page, path: string): Promise<number> =>
  page.evaluate(async (at) => (await fetch(at)).status, path);

/** A request over TLS as a program sends it, whatever its head says; only its status comes back. */
function ask(path: string, headers: Record<string, string>, body?: unknown, agent?: https.Agent): Promise<number> {
  return new Promise((status, failed) => {
    const request = https.request(
      {
        host: "127.0.0.1",
        port: ports.open,
        servername: NAME,
        path,
        method: body ? "POST" : "GET",
        headers: { Host: `${NAME}:${ports.open}`, "Content-Type": "application/json", ...headers },
        rejectUnauthorized: false,
        ...(agent && { agent }),
      },
      (reply) => {
        reply.resume();
        reply.on("end", () => status(reply.statusCode!));
      },
    );
    request.on("error", failed);
    request.end(body && JSON.stringify(body));
  });
}

test("it is not opened without a passphrase, nor with what does not go together", async () => {
  const refused = here.run("start", "--port", String(ports.own), ...options());
  expect([refused.status, refused.stderr]).toEqual([1, expect.stringContaining("./yardcask passphrase")]);
  for (const [typed, why] of [
    [["kegs", "kegs"], "it needs 10 to 200"],
    [[PASSPHRASE, "another passphrase"], "The two do not match"],
  ] as const) {
    const poor = here.runTyping(typed, "passphrase");
    expect([poor.status, poor.stdout + poor.stderr]).toEqual([1, expect.stringContaining(why)]);
  }
  expect(here.runTyping([PASSPHRASE, PASSPHRASE], "passphrase").status).toBe(0);
  for (const [args, why] of [
    [["--open", "--name", "water.example.org"], "makes no certificate"],
    [["--open", "--name", "no name"], "is not a name"],
    [["--certificate", "/nowhere.crt"], "needs its name, its file and its key"],
    [["--open-port", "70000"], "is not a port"],
  ] as const) {
    const wrong = here.run("start", "--port", String(ports.own), ...args);
    expect([wrong.status, wrong.stderr]).toEqual([1, expect.stringContaining(why)]);
  }
  launched = await here.start(ports.own, ...options());
  expect(launched.said()).toContain(`https://${NAME}:${ports.open}`);
});

test("a device on another network reaches it by its name, and trusts it after the steps", async ({ playwright }) => {
  const without = network.make();
  test.skip(without !== "", without);
  const launch = () => playwright.chromium.launch({ executablePath: network.browser(), args: ["--no-sandbox"] });
  let elsewhere = await launch();
  // The network has only just been made: until it rests, the browser says that it has changed.
  await expect(async () => {
    await expect((await elsewhere.newPage()).goto(at())).rejects.toThrow("ERR_CERT_AUTHORITY_INVALID");
  }).toPass();
  const wary = await elsewhere.newPage();
  // Nothing but the steps and the certificate is given out over plain HTTP.
  await wary.goto(`http://${NAME}:${ports.trust}/`);
  const fingerprint = await wary.locator("code", { hasText: ":" }).first().innerText();
  expect(launched.said()).toContain(fingerprint);
  await nothingSerious(wary, "the steps to trust it");
  const curl = (...args: string[]) => network.inside("curl", "-s", "-m", "5", "--path-as-is", ...args).stdout;
  for (const path of ["/api/plans", "/server.key", "/ca.key", "/../ca.key", "/index.html.bak"])
    expect(curl("-o", "/dev/null", "-w", "%{http_code}", `http://${NAME}:${ports.trust}${path}`)).toMatch(/^40[04]$/);
  await elsewhere.close();
  writeFileSync(`${here.data}/fetched.crt`, curl(`http://${NAME}:${ports.trust}/yard-cask-ca.crt`));
  expect(network.trust(`${here.data}/fetched.crt`).status).toBe(0);
  elsewhere = await launch();
  const page = await elsewhere.newPage();
  await page.goto(at());
  await expect(answer(page)).toHaveText("This device is not paired yet");
  await nothingSerious(page, "signing in");
  await pair(page, "Phone on another network");
  await expect(page.getByRole("link", { name: /Fellside/ })).toBeVisible();
  // The other port is for this machine alone.
  expect(curl(`http://${NAME}:${ports.own}/api/plans`)).toBe("");
  await elsewhere.close();
});

test("its authority vouches for nothing outside the local network, its keys are nobody's, and old TLS is refused", async () => {
  const openssl = (...args: string[]) => spawnSync("openssl", args, { encoding: "utf8", cwd: tls });
  for (const name of ["www.example.org", "local.example.org", "bench.local"]) {
    const leaf = `${here.data}/forged`;
    openssl(
      "req",
      "-new",
      "-newkey",
      "rsa:2048",
      "-nodes",
      "-keyout",
      `${leaf}.key`,
      "-subj",
      `/CN=${name}`,
      "-out",
      `${leaf}.csr`,
    );
    writeFileSync(`${leaf}.cnf`, `subjectAltName=DNS:${name}\n`);
    openssl(
      "x509",
      "-req",
      "-in",
      `${leaf}.csr`,
      "-CA",
      "ca.crt",
      "-CAkey",
      "ca.key",
      "-set_serial",
      "7",
      "-extfile",
      `${leaf}.cnf`,
      "-out",
      `${leaf}.crt`,
    );
    const verified = openssl("verify", "-CAfile", "ca.crt", `${leaf}.crt`);
    expect([name, verified.stdout + verified.stderr]).toEqual([
      name,
      expect.stringContaining(name.endsWith(".local") ? "OK" : "permitted subtree violation"),
    ]);
  }
  for (const key of ["ca.key", "server.key"])
    expect([key, statSync(`${tls}/${key}`).mode & 0o777]).toEqual([key, 0o600]);
  for (const [version, speaks] of [
    ["-tls1_1", false],
    ["-tls1_2", true],
    ["-tls1_3", true],
  ] as const) {
    const args = [
      "s_client",
      "-connect",
      `127.0.0.1:${ports.open}`,
      "-servername",
      NAME,
      version,
      "-cipher",
      "ALL:@SECLEVEL=0",
    ];
    const spoke = spawnSync("openssl", args, { input: "", encoding: "utf8" });
    expect([version, spoke.status === 0]).toEqual([version, speaks]);
  }
});

test("no head of a request makes the network this machine", async () => {
  const forged = {
    "X-Forwarded-For": "127.0.0.1",
    "X-Forwarded-Proto": "http",
    Forwarded: "for=127.0.0.1",
    "X-Real-IP": "127.0.0.1",
  };
  const heads: Record<string, string>[] = [
    {},
    forged,
    { YARDCASK_LISTENER: "loopback", "Yardcask-Listener": "loopback" },
  ];
  for (const headers of heads) expect(await ask("/api/plans", headers)).toBe(401);
  for (const Host of [`127.0.0.1:${ports.own}`, "127.0.0.1", `localhost:${ports.open}`, "www.example.org", NAME])
    expect([Host, await ask("/api/plans", { Host, ...forged })]).toEqual([Host, 421]);
  // Nor does another way of writing an address.
  for (const path of [
    "//api/plans",
    "/api//plans",
    "/api/./plans",
    "/api/x/../plans",
    "/api/x/..%2fplans",
    "/%61pi/plans",
    "/api/plans/",
    "/api/plans?x",
    "/index.php/api/plans",
    "/api/index.php/api/plans",
  ])
    expect([path, await ask(path, {})]).not.toEqual([path, 200]);
  // A page of another site cannot have a device that is let in do anything.
  expect(await ask("/api/sign-out", { Origin: "https://www.example.org" }, {})).toBe(403);
});

test("a device that is removed in the middle of its work loses nothing, and goes on once it is paired again", async () => {
  const id = await plan("Worked on from the phone");
  const page = await device();
  await pair(page, "Kitchen phone");
  await page.goto(at(`/plans/${id}/use`));
  await type(page, "/use/days", "4");
  await saved(page);
  const { devices } = await (await fetch(own("/api/devices"))).json();
  const phone = devices.find((one: { name: string }) => one.name === "Kitchen phone");
  await fetch(own(`/api/devices/${phone.id}`), { method: "DELETE" });
  await field(page, "/use/crew").fill("5");
  await expect(page.getByRole("heading", { name: "This device was signed out" })).toBeFocused();
  await page.getByLabel("Code, six digits").fill(await code());
  await page.getByRole("button", { name: "Pair", exact: true }).click();
  await expect(field(page, "/use/crew")).toHaveValue("5");
  await saved(page);
  expect((await (await fetch(own(`/api/plans/${id}`))).json()).plan.use).toMatchObject({ crew: 5, days: 4 });
  await page.getByRole("button", { name: "File" }).click();
  await page.getByRole("button", { name: "Earlier revisions" }).click();
  await expect(page.getByRole("dialog").getByRole("listitem").first()).toContainText("Kitchen phone");
});

test("a note that was not sent survives that its device is removed", async () => {
  const id = await plan("Noted on from the phone");
  const page = await device();
  await pair(page, "Yard phone");
  await page.goto(at(`/plans/${id}/tanks`));
  await page.locator("#tanks-list").getByRole("button", { name: "Tail tank", exact: true }).click();
  await page.context().setOffline(true);
  await page.getByRole("button", { name: "Add a note" }).click();
  await page.getByLabel("A note on Tail tank").fill("The lid weeps.");
  await page.getByRole("button", { name: "Save the note" }).click();
  await expect(page.locator(".edge-unsent")).toHaveText("1 note not sent yet");
  for (const { id } of (await (await fetch(own("/api/devices"))).json()).devices)
    await fetch(own(`/api/devices/${id}`), { method: "DELETE" });
  await page.context().setOffline(false);
  await expect(page.getByRole("heading", { name: "This device was signed out" })).toBeVisible();
  expect((await (await fetch(own(`/api/plans/${id}/records`))).json()).total).toBe(0);
  await page.getByLabel("Code, six digits").fill(await code());
  await page.getByRole("button", { name: "Pair", exact: true }).click();
  await expect.poll(async () => (await (await fetch(own(`/api/plans/${id}/records`))).json()).total).toBe(1);
  const [kept] = (await (await fetch(own(`/api/plans/${id}/records`))).json()).records;
  expect([kept.device, kept.record.note.text]).toEqual(["Yard phone", "The lid weeps."]);
});

test("who paired only is asked for the passphrase before letting in another, and signs out", async () => {
  const page = await device();
  await page.getByLabel("A name for this device").fill("  ");
  await page.getByLabel("Code, six digits").fill("123456");
  await page.getByRole("button", { name: "Pair", exact: true }).click();
  await expect(page.getByRole("alert")).toContainText("Give this device a name first");
  await pair(page, "Bench tablet");
  await page.getByRole("button", { name: "Devices" }).click();
  const dialog = page.getByRole("dialog");
  await expect(dialog.getByRole("listitem").filter({ hasText: "Bench tablet" })).toContainText("this device");
  await nothingSerious(page, "devices");
  await dialog.getByRole("button", { name: "Show a code" }).click();
  const passphrase = dialog.getByLabel("Passphrase of the workshop");
  await expect(passphrase).toBeFocused();
  await passphrase.fill("six kegs under the bench");
  await dialog.getByRole("button", { name: "Go on" }).click();
  await expect(dialog.getByRole("alert")).toHaveText("That is not the passphrase.");
  await passphrase.fill(PASSPHRASE);
  await passphrase.press("Enter");
  await expect(dialog.getByRole("status")).toContainText(/^\d{3} \d{3}/);
  await dialog.getByRole("button", { name: "Change the passphrase" }).click();
  await dialog.getByLabel(/^New passphrase/).fill("kegs");
  await dialog.getByRole("button", { name: "Change it" }).click();
  await expect(dialog.getByRole("alert")).toContainText("it needs 10 to 200");
  await dialog.getByRole("button", { name: "Cancel" }).click();
  await dialog.getByRole("button", { name: "Sign this device out" }).click();
  await expect(page.getByRole("heading", { name: "This device was signed out" })).toBeVisible();
});

test("a link shows one plan whole, takes notes by name, and ends", async () => {
  const [id, other] = [await plan("Shared"), await plan("Not shared")];
  const owner = await (await browser.newContext()).newPage();
  await owner.goto(own(`/plans/${id}/use`));
  await owner.getByRole("button", { name: "File" }).click();
  await owner.getByRole("button", { name: "Share" }).click();
  await owner.getByRole("radio", { name: "read and note" }).click();
  await owner.getByRole("button", { name: "Make a link" }).click();
  const link = await owner.getByLabel("The link").inputValue();
  await nothingSerious(owner, "sharing");
  const secret = link.split("#")[1]!;

  const visitor = await device(link.slice(at("").length));
  await expect(answer(visitor)).toHaveText("Somebody has shared a plan with you");
  expect(visitor.url()).not.toContain(secret);
  await visitor.getByLabel("Your name").fill("Visitor from the paint shop");
  await visitor.getByRole("button", { name: "Open the plan" }).click();
  await expect(visitor.getByRole("heading", { name: /^Carry/ })).toBeVisible();
  await expect(visitor.getByRole("link", { name: "Back to the plan" })).toHaveCount(0);
  await expect(field(visitor, "/use/days")).toBeDisabled();
  await visitor.getByRole("button", { name: "Add a note" }).click();
  await visitor.getByLabel("On", { exact: true }).selectOption("Tail tank");
  await visitor.getByLabel("A note on Tail tank").fill("Painted over the plate.");
  await visitor.getByRole("button", { name: "Save the note" }).click();
  const note = visitor.getByRole("region", { name: "Notes" }).getByRole("listitem");
  await expect(note).toContainText("Visitor from the paint shop");
  await note.getByRole("button", { name: "Change" }).click();
  await visitor.getByLabel("Change the note").fill("Painted round the plate.");
  await visitor.getByRole("button", { name: "Save the note" }).click();
  await expect(note).toContainText("Painted round the plate.");
  // Every other address leads back to it.
  for (const path of ["/", `/plans/${other}/use`, `/plans/${id}/tanks`]) {
    await visitor.goto(at(path));
    await expect(visitor).toHaveURL(at(`/plans/${id}/print`));
  }
  for (const [path, refused] of [
    [`/api/plans/${other}`, 404],
    ["/api/plans", 403],
    ["/api/own-parts", 403],
  ] as const)
    expect([path, await status(visitor, path)]).toEqual([path, refused]);

  await owner.getByRole("dialog").getByRole("button", { name: "End it" }).click();
  await expect(owner.getByRole("dialog").getByRole("button", { name: "End it" })).toHaveCount(0);
  await visitor.goto(at(`/plans/${id}/print`));
  await expect(answer(visitor)).toHaveText("This device is not paired yet");
  const logs = ["start/log", "start/server/log"].flatMap((folder) =>
    readdirSync(`${here.data}/${folder}`).map((file) => readFileSync(`${here.data}/${folder}/${file}`, "utf8")),
  );
  expect(logs.filter((log) => log.includes(secret))).toEqual([]);
  expect(readFileSync(`${here.data}/start/server/log/access.log`, "utf8")).toMatch(/shared by link .*to read and note/);
});

test("a backup holds nothing that lets anybody in, and after it is restored devices pair again", async () => {
  const page = await device();
  await pair(page, "Phone of before");
  const file = `${here.data}/a backup.sql.gz`;
  expect(here.run("backup", file).status).toBe(0);
  const text = gunzipSync(readFileSync(file)).toString("utf8");
  expect(text).toContain("Phone of before");
  for (const table of ["device_token", "share", "pairing_code", "passphrase"]) {
    expect(text).toContain(`CREATE TABLE \`${table}\``);
    expect(text).not.toContain(`INSERT INTO \`${table}\``);
  }
  expect(here.run("restore", file).status).toBe(0);
  expect(await status(page, "/api/plans")).toBe(401);
  expect((await fetch(own("/api/plans"))).status).toBe(200);
  await page.goto(at());
  await pair(page, "Phone of before");
});

test("a thousand attempts let nobody in, and a device that is paired keeps working meanwhile", async () => {
  const page = await device();
  await pair(page, "Phone that keeps working");
  const agent = new https.Agent({ keepAlive: true, maxSockets: 20 });
  const attempts = Array.from({ length: 1000 }, (_, index) =>
    index % 2 === 0
      ? ask("/api/sign-in", {}, { passphrase: `guess number ${index}`, name: "Stranger" }, agent)
      : ask("/api/pair", {}, { code: String(index).padStart(6, "0"), name: "Stranger" }, agent),
  );
  const works: number[] = [];
  for (let read = 0; read < 30; ++read) works.push(await status(page, "/api/plans"));
  const statuses = await Promise.all(attempts);
  agent.destroy();
  expect(works).toEqual(Array(30).fill(200));
  // Ten of each kind are looked at, and those of a moment ago count.
  const looked = statuses.filter((status) => status === 403).length;
  expect(looked).toBeGreaterThan(10);
  expect(looked).toBeLessThanOrEqual(20);
  expect(statuses.filter((status) => status === 429)).toHaveLength(1000 - looked);
  // Also the right passphrase waits now.
  expect(await ask("/api/sign-in", {}, { passphrase: PASSPHRASE, name: "Laptop" })).toBe(429);
  await page.reload();
  await expect(page.getByRole("link", { name: /Fellside/ })).toBeVisible();
  const log = readFileSync(`${here.data}/start/server/log/access.log`, "utf8");
  expect(log.match(/Failed attempt/g)?.length).toBeGreaterThanOrEqual(looked);
});

test("its certificate is renewed in time, by the same authority", async () => {
  const print = () =>
    spawnSync("openssl", ["x509", "-in", `${tls}/ca.crt`, "-noout", "-fingerprint", "-sha256"], { encoding: "utf8" })
      .stdout;
  const before = print();
  const lasts = (days: number) =>
    spawnSync("openssl", ["x509", "-in", `${tls}/server.crt`, "-noout", "-checkend", String(days * 86_400)]).status ===
    0;
  expect([lasts(150), lasts(398)]).toEqual([true, false]);
  await here.end(launched.launcher, "SIGTERM", 0);
  // One that ends in ten days.
  const args = [
    "req",
    "-x509",
    "-key",
    `${tls}/server.key`,
    "-days",
    "10",
    "-subj",
    `/CN=${NAME}`,
    "-out",
    `${tls}/server.crt`,
  ];
  expect(spawnSync("openssl", args).status).toBe(0);
  launched = await here.start(ports.own, ...options());
  expect([lasts(150), print()]).toEqual([true, before]);
  await here.end(launched.launcher, "SIGTERM", 0);
});

test("with a certificate of one's own there is nothing to trust, and no port for it", async () => {
  const certificate = `${here.data}/own`;
  const args = [
    "req",
    "-x509",
    "-newkey",
    "rsa:2048",
    "-nodes",
    "-keyout",
    `${certificate}.key`,
    "-subj",
    "/CN=water.example.org",
  ];
  expect(spawnSync("openssl", [...args, "-days", "9", "-out", `${certificate}.crt`]).status).toBe(0);
  const name = ["--name", "water.example.org", "--certificate", `${certificate}.crt`, "--key", `${certificate}.key`];
  launched = await here.start(ports.own, ...options(), ...name);
  expect(launched.said()).not.toContain("fingerprint");
  expect((await (await fetch(own("/api/who"))).json()).trust).toBeNull();
  const shown = spawnSync("openssl", ["s_client", "-connect", `127.0.0.1:${ports.open}`], {
    input: "",
    encoding: "utf8",
  });
  expect(shown.stdout).toContain("water.example.org");
  await expect(fetch(`http://127.0.0.1:${ports.trust}/`)).rejects.toThrow();
  expect(await ask("/api/who", { Host: `water.example.org:${ports.open}` })).toBe(200);
});
