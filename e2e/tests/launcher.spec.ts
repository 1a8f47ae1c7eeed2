import { spawn, spawnSync } from "node:child_process";
import {
  chmodSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  readlinkSync,
  rmSync,
  statSync,
  writeFileSync,
} from "node:fs";
import { createServer } from "node:net";
import { expect, test } from "@playwright/test";
import { FELLSIDE } from "./bench";
import { answers, freePort, installation, PROGRAMS, pause } from "./launched";

/** The launcher as a newcomer meets it. */
const { data, env, yardcask, run, begin, start, interrupt, end, programs, remove } = installation("launcher var");
const DEMOS = ["Bothy", "Fellside", "Petrel", "Prompt Side"];
const VERSION_ONE = new URL("../../core/tests/plans/fellside-version-1.json", import.meta.url).pathname;

test.describe.configure({ mode: "serial", timeout: 360_000 });
test.beforeAll(remove);
test.afterAll(() => {
  run("stop");
  remove();
});

/** Whatever still runs with that data directory, and is no program that is told by the file it holds. */
function left(directory = data): string[] {
  return readdirSync("/proc").filter((pid) => {
    try {
      return readFileSync(`/proc/${pid}/environ`, "utf8").split("\0").includes(`YARDCASK_VAR=${directory}`);
    } catch {
      return false;
    }
  });
}

test("it starts on an empty directory with the demonstration plan, and says so when it runs already", async () => {
  const port = await freePort();
  const { said } = await start(port);
  expect(said()).toContain(`Yard Cask is ready:  http://127.0.0.1:${port}`);
  expect(await answers(port)).toBe(true);
  const { plans } = await (await fetch(`http://127.0.0.1:${port}/api/plans`)).json();
  expect(plans.map((plan: { name: string }) => plan.name).sort()).toEqual(DEMOS);
  expect((await fetch(`http://127.0.0.1:${port}/plans/any/load`)).headers.get("content-type")).toContain("text/html");

  const second = run("start", "--port", String(await freePort()));
  expect([second.status, second.stderr]).toEqual([
    1,
    expect.stringContaining(`it is already running on http://127.0.0.1:${port}`),
  ]);
  expect(second.stderr).toContain("./yardcask stop");
  expect(await answers(port)).toBe(true);

  expect(Object.keys(programs()).sort()).toEqual(PROGRAMS);
  expect(run("stop").status).toBe(0);
  expect([programs(), left()]).toEqual([{}, []]);
  expect(await answers(port)).toBe(false);
});

test("of two starts at once one serves and the other says so", async () => {
  const port = await freePort();
  const both = [begin(port), begin(port)];
  await expect
    .poll(() => both.map(({ said }) => /is ready|cannot go on/.test(said())), { timeout: 120_000 })
    .toEqual([true, true]);
  const texts = both.map(({ said }) => said());
  expect(texts.filter((text) => text.includes("is ready"))).toHaveLength(1);
  expect(texts.filter((text) => text.includes("it is already running"))).toHaveLength(1);
  expect(await answers(port)).toBe(true);
  run("stop");
});

test("of two that are started on one port at once one serves and the other says that the port is taken", async () => {
  const port = await freePort();
  const neighbour = installation("launcher neighbour");
  const both = [begin(port), neighbour.begin(port)];
  await expect
    .poll(() => both.map(({ said }) => /is ready|cannot go on/.test(said())), { timeout: 120_000 })
    .toEqual([true, true]);
  const texts = both.map(({ said }) => said());
  expect(texts.filter((text) => text.includes("is ready"))).toHaveLength(1);
  expect(texts.filter((text) => text.includes(`port ${port} is taken by another program`))).toHaveLength(1);
  expect(await answers(port)).toBe(true);
  run("stop");
  neighbour.run("stop");
  neighbour.remove();
});

test("nothing that it starts has root's rights, and what is kept is for its owner alone", async () => {
  await start(await freePort());
  for (const pid of Object.values(programs())) {
    const uids = readFileSync(`/proc/${pid}/status`, "utf8")
      .match(/^Uid:\s+(.*)$/m)![1]!
      .split("\t");
    expect(uids).not.toContain("0");
  }
  expect(statSync(`${data}/start`).mode & 0o077).toBe(0);
  expect(statSync(`${data}/log`).mode & 0o077).toBe(0);
  expect(statSync(`${data}/start/database-password`).mode & 0o077).toBe(0);
  const sockets = readFileSync(`${data}/start.lock`, "utf8").match(/^run=(.*)$/m)![1]!;
  expect(statSync(sockets).mode & 0o077).toBe(0);
  run("stop");
  expect(existsSync(sockets)).toBe(false);
});

test("what was saved is there after the next start, and Ctrl-C ends every program", async () => {
  const port = await freePort();
  const first = await start(port);
  const plan = JSON.parse(readFileSync(FELLSIDE, "utf8"));
  const headers = { "Content-Type": "application/json" };
  await fetch(`http://127.0.0.1:${port}/api/plans/import`, {
    method: "POST",
    headers,
    body: JSON.stringify({ ...plan, name: "Kept" }),
  });
  await end(first.launcher, "SIGINT", 130);
  const again = await start(port);
  const { plans } = await (await fetch(`http://127.0.0.1:${port}/api/plans`)).json();
  expect(plans.map((one: { name: string }) => one.name).sort()).toEqual(["Kept", ...DEMOS].sort());
  // The terminal is closed.
  await end(again.launcher, "SIGHUP", 129);
});

test("a start that is interrupted anywhere leaves nothing behind and can simply be run again", async () => {
  remove();
  const port = await freePort();
  for (const wait of [30, 150, 400, 900, 1500, 2200]) {
    const { launcher, said } = begin(port);
    await pause(wait);
    interrupt(launcher);
    await expect.poll(() => launcher.exitCode ?? launcher.signalCode, { timeout: 60_000 }).not.toBeNull();
    // Before bash has read its first lines the signal itself ends it.
    expect([130, null], said()).toContain(launcher.exitCode);
    await expect.poll(() => [programs(), left()], { timeout: 100_000 }).toEqual([{}, []]);
  }
  const { said } = await start(port);
  expect(said()).toContain("is ready:");
  expect(await answers(port)).toBe(true);
  run("stop");
});

test("in a folder with an odd name it works, and interrupted while packages are fetched it can be run again", async () => {
  test.setTimeout(300_000);
  const odd = `${data}/odd & $HOME 'it' "is" (1), é`;
  mkdirSync(`${odd}/var`, { recursive: true });
  for (const folder of [odd, `${odd}/var`]) chmodSync(folder, 0o755);
  const root = new URL("../../", import.meta.url).pathname;
  for (const part of ["yardcask", "core", "server", "web", "catalogue", "schema", "deploy"])
    spawnSync("cp", ["-a", "--link", root + part, odd]);
  spawnSync("cp", ["-a", `${root}var/built`, `${odd}/var`]);
  // Packages are to be fetched again, into a folder of its own.
  rmSync(`${odd}/web/node_modules`, { recursive: true });
  const here = installation("launcher var/odd data", `${odd}/yardcask`);
  const first = here.begin(await freePort());
  await expect.poll(first.said, { timeout: 60_000 }).toContain("… Front-end packages");
  await pause(1500);
  here.interrupt(first.launcher);
  // What fetches packages is given time to end in order, and a slow disk takes its own.
  await expect.poll(() => first.launcher.exitCode, { timeout: 120_000 }).toBe(130);
  expect(left(here.data)).toEqual([]);

  const port = await freePort();
  const { said } = await here.start(port);
  expect(said()).toContain("is ready:");
  const page = await (await fetch(`http://127.0.0.1:${port}/`)).text();
  for (const asset of page.match(/\/assets\/[\w.-]+/g)!)
    expect((await fetch(`http://127.0.0.1:${port}${asset}`)).status, asset).toBe(200);
  expect(await answers(port)).toBe(true);
  expect(here.run("stop").status).toBe(0);

  for (const character of [":", "#", "?", "%", "[x]", "*", "{a}", "\\", "\n"]) {
    const misread = `${data}/misread ${character}!`;
    const refused = spawnSync(yardcask, ["start"], { env: { ...env, YARDCASK_VAR: misread }, encoding: "utf8" });
    expect([refused.status, refused.stderr], character).toEqual([
      1,
      expect.stringContaining("contains a character that its tools misread"),
    ]);
    expect(existsSync(misread)).toBe(false);
  }
});

test("when its launcher is killed everything ends by itself, and it can simply be started again", async () => {
  const port = await freePort();
  const { launcher } = await start(port);
  launcher.kill("SIGKILL");
  await expect.poll(programs, { timeout: 100_000 }).toEqual({});
  await start(port);
  expect(await answers(port)).toBe(true);
  run("stop");
  expect(programs()).toEqual({});
});

test("a pid that was left behind never ends a stranger’s process", async () => {
  const stranger = spawn("sleep", ["600"], { stdio: "ignore" });
  const leave = () => writeFileSync(`${data}/start.lock`, `pid=${stranger.pid}\nport=1\nrun=/tmp/yardcask.stranger\n`);
  leave();
  expect(run("stop").status).toBe(0);
  leave();
  await start(await freePort());
  run("stop");
  expect(readlinkSync(`/proc/${stranger.pid}/exe`)).toContain("sleep");
  stranger.kill();
});

test("a taken port, a bad port and a directory that cannot be written to are named with the remedy", async () => {
  const taken = createServer();
  await new Promise<void>((ready) => taken.listen(0, "127.0.0.1", ready));
  const { port } = taken.address() as { port: number };
  const refused = run("start", "--port", String(port));
  expect([refused.status, refused.stderr]).toEqual([
    1,
    expect.stringContaining(`port ${port} is taken by another program`),
  ]);
  expect(refused.stderr).toContain(`./yardcask start --port ${port + 1}`);
  taken.close();
  for (const bad of ["eighty", "0", "70000", ""]) expect(run("start", "--port", bad).stderr).toContain("is not a port");
  const blocked = `${data}/a file`;
  writeFileSync(blocked, "");
  for (const place of [blocked, `${blocked}/below`]) {
    const nowhere = spawnSync(yardcask, ["start"], { env: { ...env, YARDCASK_VAR: place }, encoding: "utf8" });
    expect([nowhere.status, nowhere.stderr]).toEqual([
      1,
      expect.stringContaining(`${blocked} is a file, not a folder`),
    ]);
    expect(nowhere.stderr).toContain(`mv '${blocked}' '${blocked}.old'`);
  }
  // A small disk, and one that is read only: where one may mount them.
  const disk = `${data}/disk`;
  mkdirSync(disk);
  const start = () => spawnSync(yardcask, ["start"], { env: { ...env, YARDCASK_VAR: disk }, encoding: "utf8" });
  for (const [options, reason] of [
    ["size=20m", "there is no room on the disk of"],
    ["ro", "its disk is mounted read only"],
  ] as const) {
    if (spawnSync("mount", ["-t", "tmpfs", "-o", options, "none", disk]).status !== 0) continue;
    try {
      const { status, stderr } = start();
      expect([status, stderr]).toEqual([1, expect.stringContaining(reason)]);
      expect(stderr).toContain("YARDCASK_VAR=/elsewhere ./yardcask start");
    } finally {
      spawnSync("umount", ["-l", disk]);
    }
  }
});

test("calc and assess answer in JSON and exit codes; anything else shows how to use it", () => {
  expect(run("calc", "--list").stdout).toBe(
    "demand\ntank\npayload\npassage\nbay-fit\nsurge\ntrapped\npipe\nline\ngravity\naccumulator\nheat\nwire\ncutting\njoint\nends\n",
  );
  const tank = spawnSync(yardcask, ["calc", "tank"], {
    env,
    encoding: "utf8",
    input: '{"shape":"box","length_mm":900,"width_mm":300,"height_mm":300}',
  });
  expect([tank.status, JSON.parse(tank.stdout).gross_l]).toEqual([0, 81]);
  const bad = spawnSync(yardcask, ["calc", "tank", "-"], {
    env,
    encoding: "utf8",
    input: '{"shape":"box","length_mm":-9,"width_mm":300,"height_mm":300,"lid":1}',
  });
  expect([bad.status, JSON.parse(bad.stdout).errors.map((error: { pointer: string }) => error.pointer)]).toEqual([
    2,
    ["/length_mm", "/lid"],
  ]);
  const assessed = run("assess", FELLSIDE);
  expect([assessed.status, JSON.parse(assessed.stdout).findings[0].code]).toEqual([1, "load.rear-over"]);
  expect(run("assess", "/nowhere").status).toBe(2);
  const read = run("read", VERSION_ONE);
  expect([read.status, JSON.parse(read.stdout).version]).toEqual([0, 11]);
  for (const wrong of [
    ["frob"],
    ["calc"],
    ["assess"],
    ["read"],
    ["begin"],
    ["backup"],
    ["restore", "a", "b"],
    ["test", "everything"],
    ["calc", "tank", "a", "b"],
  ]) {
    expect([run(...wrong).status, run(...wrong).stderr]).toEqual([2, expect.stringContaining("./yardcask calc NAME")]);
  }
  expect([run("help").status, run("help").stdout]).toEqual([0, expect.stringContaining("./yardcask start [--port N]")]);
});
