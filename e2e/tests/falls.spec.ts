import { spawnSync } from "node:child_process";
import {
  chownSync,
  createReadStream,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  statfsSync,
  statSync,
  truncateSync,
  writeFileSync,
} from "node:fs";
import { text } from "node:stream/consumers";
import { createGunzip, gzipSync } from "node:zlib";
import { type APIRequestContext, expect, type Page, type Route, request, test } from "@playwright/test";
import { answer, FELLSIDE, field, saved, type } from "./bench";
import { answers, freePort, installation, type Launched, PROGRAMS, pause } from "./launched";

/** What falls comes back, and what was once acknowledged is never lost: on an application of its own, watched by its launcher. */
const PLAN = JSON.parse(readFileSync(FELLSIDE, "utf8"));
const MB = 1024 * 1024;
const MOST_KILLING_MS = 45_000;
const here = installation("falls");
let served: Launched;
let port: number;
let client: APIRequestContext;

test.describe.configure({ mode: "serial", timeout: 360_000 });
test.beforeAll(async () => {
  here.remove();
  port = await freePort();
  served = await here.start(port);
  client = await request.newContext({ baseURL: `http://127.0.0.1:${port}` });
});
test.afterAll(() => {
  here.run("stop");
  here.remove();
});

const takeIn = async (name: string): Promise<string> =>
  (await (await client.post("/api/plans/import", { data: { ...PLAN, name } })).json()).id;

/** Writes one plan without a pause, as an impatient client would, and remembers what was acknowledged. */
function writing(id: string) {
  const acknowledged = new Map<number, string>();
  let refused = 0;
  let on = true;
  const done = (async () => {
    let revision = 1;
    for (let number = 1; on; ++number) {
      const name = `state ${number}`;
      try {
        const reply = await client.put(`/api/plans/${id}`, {
          headers: { "If-Match": `"${revision}"` },
          data: { ...PLAN, name },
          timeout: 5000,
        });
        const body = await reply.json();
        if (reply.ok()) acknowledged.set(body.revision, body.plan.name);
        else expect([412, 503, 502, 504], JSON.stringify(body)).toContain(reply.status());
        if (!reply.ok()) ++refused;
        revision = body.revision ?? body.current?.revision ?? revision;
      } catch {
        ++refused;
        await pause(20);
      }
    }
  })();
  return {
    acknowledged,
    refused: () => refused,
    stop: async () => {
      on = false;
      await done;
    },
  };
}

/** The main process of a program that may be starting just now. */
async function mainPid(name: string): Promise<number> {
  let pid: number | undefined;
  await expect
    .poll(
      () => {
        pid = here.programs()[name];
        return pid;
      },
      { timeout: 60_000, intervals: [50] },
    )
    .toBeGreaterThan(0);
  return pid!;
}

async function lost(id: string, acknowledged: ReadonlyMap<number, string>): Promise<number[]> {
  const gone = [];
  for (const [revision, name] of acknowledged) {
    const reply = await client.get(`/api/plans/${id}/revisions/${revision}`);
    if (!reply.ok() || (await reply.json()).plan.name !== name) gone.push(revision);
  }
  return gone;
}

test("each part killed ten times under writing: every one is back within seconds, and nothing acknowledged is lost", async () => {
  const id = await takeIn("Killed");
  const writer = writing(id);
  const enough = Date.now() + MOST_KILLING_MS;
  let killed = 0;
  // Ten times each, or as often as a slow machine gets round to.
  for (let round = 0; round < 10 && Date.now() < enough; ++round) {
    for (const name of PROGRAMS) {
      const pid = await mainPid(name);
      const before = writer.acknowledged.size;
      process.kill(pid, "SIGKILL");
      ++killed;
      await expect
        .poll(() => writer.acknowledged.size, { timeout: 60_000, intervals: [50] })
        .toBeGreaterThan(before + 2);
    }
  }
  await writer.stop();
  console.log(
    `${killed} kills, ${writer.acknowledged.size} writes acknowledged, ${writer.refused()} refused or cut off`,
  );
  expect(killed).toBeGreaterThanOrEqual(PROGRAMS.length);
  expect(await lost(id, writer.acknowledged)).toEqual([]);
  for (const title of ["The database", "PHP", "The web server"])
    expect(served.said()).toContain(`${title} fell (killed, signal 9) and was started again.`);
  expect(served.said()).not.toMatch(/line \d+/);
});

for (const [part, read] of [
  ["mariadbd", true],
  ["php-fpm", false],
  ["nginx", false],
] as const) {
  test(`while ${part} is away the page says so and keeps what is typed, and sends it on its return`, async ({
    page,
  }) => {
    const id = await takeIn(`Away ${part}`);
    await page.goto(`http://127.0.0.1:${port}/plans/${id}/use`);
    await expect(answer(page)).toHaveText("Carry 127 L for 3 days.");
    // A launcher that is held up starts nothing again.
    served.launcher.kill("SIGSTOP");
    process.kill(-(await mainPid(part)), "SIGKILL");
    await expect.poll(() => answers(port)).toBe(false);
    await field(page, "/use/days").fill("7 days");
    if (!read) await expect(page.getByText("In this browser; it is read when the server is back.")).toBeVisible();
    await page.getByRole("radio", { name: "mixed" }).click();
    await expect(page.locator(".edge-save")).toHaveText(
      "Server away. Your edits are in this browser and are sent when it is back.",
    );
    await expect(field(page, "/use/days")).toHaveValue(/^7( days)?$/);
    served.launcher.kill("SIGCONT");
    await expect(answer(page)).toHaveText("Carry 244 L for 7 days.");
    await saved(page);
    await expect
      .poll(async () => (await (await client.get(`/api/plans/${id}`)).json()).plan.use)
      .toMatchObject({ days: 7, stay: "mixed" });
  });
}

const logs = (): number =>
  ["start/log", "start/server/log"]
    .flatMap((folder) =>
      readdirSync(`${here.data}/${folder}`).map((name) => statSync(`${here.data}/${folder}/${name}`).size),
    )
    .reduce((sum, size) => sum + size, 0);

test("a flood of hostile requests is answered briefly and leaves the logs small; a log that has grown begins anew", async () => {
  const keys = Object.fromEntries(Array.from({ length: 20_000 }, (_, key) => [`key ${key}`, key]));
  const bodies = [
    JSON.stringify({ ...PLAN, ...keys }),
    JSON.stringify({ ...PLAN, tanks: Array(20_000).fill({}) }),
    JSON.stringify({ ...PLAN, ["k".repeat(300_000)]: 1 }),
    `{"a":${"[".repeat(200_000)}`,
    "\u0000\ufffd".repeat(50_000),
  ];
  const before = logs();
  let [longest, sent, got] = [0, 0, 0];
  for (let round = 0; round < 40; ++round) {
    const replies = await Promise.all(
      bodies.map((body) =>
        client.post("/api/assess", { headers: { "Content-Type": "application/json" }, data: Buffer.from(body) }),
      ),
    );
    for (const [index, reply] of replies.entries()) {
      const size = (await reply.body()).length;
      expect([400, 422]).toContain(reply.status());
      [longest, sent, got] = [Math.max(longest, size), sent + bodies[index]!.length, got + size];
    }
  }
  const grown = logs() - before;
  console.log(
    `${(sent / MB).toFixed(1)} MB sent, ${(got / MB).toFixed(2)} MB back, longest reply ${longest} B, logs grew by ${grown} B`,
  );
  expect(longest).toBeLessThan(40_000);
  expect(grown).toBeLessThan(20_000);

  const log = `${here.data}/start/log/php.log`;
  truncateSync(log, 3 * MB);
  await expect.poll(() => statSync(log).size, { timeout: 60_000 }).toBeLessThan(MB);
  expect(statSync(`${log}.before`).size).toBe(3 * MB);
  expect(await answers(port)).toBe(true);
});

test("everything goes into a backup while it runs and comes back out of it, also one of an earlier version", async () => {
  const id = await takeIn("In the backup");
  const writer = writing(id);
  await expect.poll(() => writer.acknowledged.size).toBeGreaterThan(5);
  const file = `${here.data}/a backup.sql.gz`;
  const sure = new Map(writer.acknowledged);
  const wrote = here.run("backup", file);
  expect([wrote.status, wrote.stderr]).toEqual([0, expect.stringContaining("Everything is in")]);
  await writer.stop();
  expect(statSync(file).mode & 0o077).toBe(0);
  const sql = await text(createReadStream(file).pipe(createGunzip()));
  expect(sql).toContain("Dump completed");

  const later = await takeIn("After the backup");
  await client.delete(`/api/plans/${id}`);
  const all = async () =>
    (await (await client.get("/api/plans")).json()).plans.map((plan: { name: string }) => plan.name);
  const now = await all();
  const restored = here.run("restore", file);
  expect([restored.status, restored.stderr]).toEqual([0, expect.stringContaining("What was there before is in")]);
  expect(await lost(id, sure)).toEqual([]);
  expect((await client.get(`/api/plans/${later}`)).status()).toBe(404);
  // It goes on from there.
  const stands = await (await client.get(`/api/plans/${id}`)).json();
  expect(
    (
      await client.put(`/api/plans/${id}`, {
        headers: { "If-Match": `"${stands.revision}"` },
        data: { ...PLAN, name: "On" },
      })
    ).status(),
  ).toBe(200);

  for (const [name, content] of [
    ["half", readFileSync(file).subarray(0, 3000)],
    ["other", "no backup at all"],
    ["none", null],
  ] as const) {
    if (content !== null) writeFileSync(`${here.data}/${name}`, content);
    const refused = here.run("restore", `${here.data}/${name}`);
    expect([refused.status, refused.stderr], name).toEqual([
      1,
      expect.stringMatching(/not a complete backup|cannot be read/),
    ]);
  }
  // What calls itself a backup and is none can do nothing to what is there.
  for (const statements of ["", "DROP DATABASE yardcask;\n", "CREATE TABLE note (id INT);\n"]) {
    const forged = `${here.data}/forged.sql.gz`;
    writeFileSync(
      forged,
      gzipSync(`-- Yard Cask, backup of 2026-01-01 00:00:00 UTC\n${statements}-- Dump completed\n`),
    );
    const refused = here.run("restore", forged);
    expect([refused.status, refused.stderr], statements).toEqual([1, expect.stringContaining("cannot be restored")]);
  }
  expect(await all()).toContain("On");

  const saved = here.data + restored.stderr.match(/before is in .*?(\/start\/backups\/\S+?)\.$/m)![1];
  expect(
    here.run("restore", new URL("../fixtures/backup-of-an-earlier-version.sql.gz", import.meta.url).pathname).status,
  ).toBe(0);
  expect((await all()).sort()).toEqual(["Fellside", "Slatewater"]);
  const { plans } = await (await client.get("/api/plans")).json();
  const old = plans.find((plan: { name: string }) => plan.name === "Slatewater").id;
  expect((await (await client.get(`/api/plans/${old}/revisions/1`)).json()).plan).toMatchObject({
    version: PLAN.version,
    use: { days: 3 },
  });

  expect(here.run("stop").status).toBe(0);
  expect(here.run("restore", saved).status).toBe(0);
  expect(here.programs()).toEqual({});
  // Started again, it deletes no temporary table that another installation is using.
  const used = `/tmp/#sql-temptable-${process.pid}.MAI`;
  const { uid, gid } = statSync(`${here.data}/start/mariadb`);
  writeFileSync(used, "");
  chownSync(used, uid, gid);
  served = await here.start(port);
  expect((await all()).sort()).toEqual(now.sort());
  expect(existsSync(used)).toBe(true);
  rmSync(used);
});

test("a program that keeps crashing is given up, with the reason from its log", async () => {
  const run = readFileSync(`${here.data}/start.lock`, "utf8").match(/^run=(.*)$/m)![1]!;
  writeFileSync(`${run}/php-fpm.conf`, "nonsense = 1\n");
  process.kill(-(await mainPid("php-fpm")), "SIGKILL");
  await expect.poll(() => served.launcher.exitCode, { timeout: 120_000 }).toBe(1);
  expect(served.said()).toContain("PHP keeps crashing");
  expect(served.said()).toContain("nonsense");
  expect(here.programs()).toEqual({});
});

/** A disk of 400 MB: mounted where one may, else what the server says of a full one is put into its mouth. */
function smallDisk(page: Page, folder: string) {
  mkdirSync(folder, { recursive: true });
  const mounted = spawnSync("mount", ["-t", "tmpfs", "-o", "size=400m", "none", folder]).status === 0;
  const document = { type: "about:blank", title: "Disk full", status: 507, detail: "The server’s disk is full." };
  const saves = "**/api/plans/*";
  const refuse = (route: Route) =>
    route.request().method() === "PUT"
      ? route.fulfill({ status: 507, contentType: "application/problem+json", json: document })
      : route.continue();
  return {
    mounted,
    /** Fills it but for so many bytes. */
    fill: async (leave: number) => {
      if (!mounted) return page.route(saves, refuse);
      const { bavail, bsize } = statfsSync(folder);
      spawnSync("dd", [
        "if=/dev/zero",
        `of=${folder}/ballast ${leave}`,
        "bs=64K",
        `count=${Math.ceil((bavail * bsize - leave) / 65536)}`,
      ]);
    },
    makeRoom: async () => {
      if (!mounted) return page.unrouteAll();
      for (const name of readdirSync(folder).filter((one) => one.startsWith("ballast"))) rmSync(`${folder}/${name}`);
    },
    unmount: () => spawnSync("umount", ["-l", folder]),
  };
}

test("a disk that is full is said where it is met, loses nothing, and saving goes on when there is room", async ({
  page,
}) => {
  const small = installation("small disk");
  const disk = smallDisk(page, small.data);
  try {
    const smallPort = await freePort();
    await small.start(smallPort);
    const base = `http://127.0.0.1:${smallPort}`;
    const { id } = await (await page.request.post(`${base}/api/plans/import`, { data: PLAN })).json();
    await page.goto(`${base}/plans/${id}/use`);
    const days = async () => (await (await page.request.get(`${base}/api/plans/${id}`)).json()).plan.use.days;
    await type(page, "/use/days", "4");
    await expect.poll(days).toBe(4);
    await saved(page);
    // First until nothing may be saved any more, then to the last byte.
    for (const leave of [20 * MB, 0]) {
      await disk.fill(leave);
      await type(page, "/use/days", leave === 0 ? "6" : "5");
      await expect(page.locator(".edge-save")).toHaveText(
        "The server’s disk is full. Your edits are in this browser and are saved when there is room.",
      );
      if (disk.mounted) {
        const refused = await page.request.put(`${base}/api/plans/${id}`, {
          headers: { "If-Match": '"2"' },
          data: PLAN,
        });
        expect([refused.status(), (await refused.json()).title]).toEqual([507, "Disk full"]);
        expect((await page.request.delete(`${base}/api/plans/${id}`)).status()).toBe(507);
      }
      expect(await days()).toBe(4);
      expect(await answers(smallPort)).toBe(true);
    }
    await disk.makeRoom();
    await saved(page);
    expect(await days()).toBe(6);
  } finally {
    small.run("stop");
    disk.unmount();
    if (existsSync(small.data)) small.remove();
  }
});
