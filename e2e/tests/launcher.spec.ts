import { type ChildProcess, spawn, spawnSync } from "node:child_process";
import { readFileSync, rmSync, writeFileSync } from "node:fs";
import { createServer } from "node:net";
import { expect, test } from "@playwright/test";
import { FELLSIDE } from "./bench";

/** The launcher as a newcomer meets it, on data and a port of its own. */
const YARDCASK = new URL("../../yardcask", import.meta.url).pathname;
const VAR = `${process.env.STATE ?? "/tmp"}/launcher var`;
const ENV = { ...process.env, YARDCASK_VAR: VAR };
const PROGRAMS = ["nginx", "php-fpm", "mariadb"];

test.describe.configure({ mode: "serial", timeout: 180_000 });
test.beforeAll(() => rmSync(VAR, { recursive: true, force: true }));
test.afterAll(() => {
  run("stop");
  rmSync(VAR, { recursive: true, force: true });
});

const run = (...args: string[]) => spawnSync(YARDCASK, args, { env: ENV, encoding: "utf8", timeout: 120_000 });

async function freePort(): Promise<number> {
  const server = createServer();
  await new Promise<void>((ready) => server.listen(0, "127.0.0.1", ready));
  const { port } = server.address() as { port: number };
  await new Promise((closed) => server.close(closed));
  return port;
}

/** Starts it and waits until it says that it is ready. */
async function start(port: number): Promise<{ launcher: ChildProcess; said: () => string }> {
  const launcher = spawn(YARDCASK, ["start", "--port", String(port)], { env: ENV, stdio: ["ignore", "ignore", "pipe"] });
  let text = "";
  launcher.stderr!.on("data", (piece) => {
    text += piece;
  });
  await expect.poll(() => text, { timeout: 120_000 }).toMatch(/is ready:|cannot go on/);
  return { launcher, said: () => text };
}

/** Sends a signal to the launcher, and sees that it ends with all that it started. */
async function end(launcher: ChildProcess, signal: NodeJS.Signals): Promise<void> {
  launcher.kill(signal);
  await expect.poll(() => launcher.exitCode, { timeout: 60_000 }).toBe(0);
  expect(running()).toEqual([]);
}

const answers = (port: number) =>
  fetch(`http://127.0.0.1:${port}/api/health`).then(
    (reply) => reply.ok,
    () => false,
  );

/** The programs that its pid files name and that still run. */
function running(): string[] {
  return PROGRAMS.filter((name) => {
    try {
      const pid = readFileSync(`${run_dir()}/${name}.pid`, "utf8").trim();
      return readFileSync(`/proc/${pid}/stat`, "utf8").split(") ")[1]![0] !== "Z";
    } catch {
      return false;
    }
  });
}

/** Where its sockets and pid files lie: in the data directory, or in /tmp when that path is too long for a socket. */
function run_dir(): string {
  const config = readFileSync(`${VAR}/start/nginx.conf`, "utf8");
  return config.match(/pid "(.*)\/nginx\.pid"/)![1]!;
}

const VERSION_ONE = new URL("../../core/tests/plans/fellside-version-1.json", import.meta.url).pathname;

test("it starts on an empty directory with the demonstration plan, and says so when it runs already", async () => {
  const port = await freePort();
  const { said } = await start(port);
  expect(said()).toContain(`Yard Cask is ready:  http://127.0.0.1:${port}`);
  expect(await answers(port)).toBe(true);
  const { plans } = await (await fetch(`http://127.0.0.1:${port}/api/plans`)).json();
  expect(plans.map((plan: { name: string }) => plan.name)).toEqual(["Fellside"]);
  expect((await fetch(`http://127.0.0.1:${port}/plans/any/load`)).headers.get("content-type")).toContain("text/html");

  const second = run("start", "--port", String(await freePort()));
  expect([second.status, second.stderr]).toEqual([1, expect.stringContaining("it is already running on")]);
  expect(second.stderr).toContain("./yardcask stop");

  expect(running()).toEqual(PROGRAMS);
  expect(run("stop").status).toBe(0);
  expect(running()).toEqual([]);
  expect(await answers(port)).toBe(false);
});

test("what was saved is there after the next start, and Ctrl-C ends every program", async () => {
  const port = await freePort();
  const first = await start(port);
  const plan = JSON.parse(readFileSync(FELLSIDE, "utf8"));
  const headers = { "Content-Type": "application/json" };
  await fetch(`http://127.0.0.1:${port}/api/plans/import`, { method: "POST", headers, body: JSON.stringify({ ...plan, name: "Kept" }) });
  await end(first.launcher, "SIGINT");
  const again = await start(port);
  const { plans } = await (await fetch(`http://127.0.0.1:${port}/api/plans`)).json();
  expect(plans.map((one: { name: string }) => one.name).sort()).toEqual(["Fellside", "Kept"]);
  // The terminal is closed.
  await end(again.launcher, "SIGHUP");
});

test("a start that is interrupted anywhere can simply be run again", async () => {
  rmSync(VAR, { recursive: true, force: true });
  const port = await freePort();
  for (const pause of [150, 600, 1200, 2000]) {
    const launcher = spawn(YARDCASK, ["start", "--port", String(port)], { env: ENV, stdio: "ignore" });
    await new Promise((go) => setTimeout(go, pause));
    launcher.kill("SIGINT");
    await expect.poll(() => launcher.exitCode ?? launcher.signalCode, { timeout: 60_000 }).not.toBeNull();
  }
  const { said } = await start(port);
  expect(said()).toContain("is ready:");
  expect(await answers(port)).toBe(true);
  run("stop");
});

test("after its launcher was killed it can simply be started again", async () => {
  const port = await freePort();
  const { launcher } = await start(port);
  launcher.kill("SIGKILL");
  await expect.poll(() => launcher.signalCode).toBe("SIGKILL");
  expect(running()).toEqual(PROGRAMS);
  await start(port);
  expect(await answers(port)).toBe(true);
  run("stop");
  expect(running()).toEqual([]);
});

test("when one of its programs dies it says so and stops the rest", async () => {
  const port = await freePort();
  const { launcher, said } = await start(port);
  process.kill(Number(readFileSync(`${run_dir()}/nginx.pid`, "utf8")), "SIGKILL");
  await expect.poll(() => launcher.exitCode, { timeout: 60_000 }).toBe(1);
  expect(said()).toContain("One of its programs has ended");
  expect(running()).toEqual([]);
});

test("a taken port, a bad port and a directory that cannot be written to are named with the remedy", async () => {
  const taken = createServer();
  await new Promise<void>((ready) => taken.listen(0, "127.0.0.1", ready));
  const { port } = taken.address() as { port: number };
  const refused = run("start", "--port", String(port));
  expect([refused.status, refused.stderr]).toEqual([1, expect.stringContaining(`port ${port} is taken by another program`)]);
  expect(refused.stderr).toContain(`./yardcask start --port ${port + 1}`);
  taken.close();
  for (const bad of ["eighty", "0", "70000", ""]) expect(run("start", "--port", bad).stderr).toContain("is no port");
  const blocked = `${VAR}/a file`;
  writeFileSync(blocked, "");
  const nowhere = spawnSync(YARDCASK, ["start"], { env: { ...ENV, YARDCASK_VAR: blocked }, encoding: "utf8" });
  expect([nowhere.status, nowhere.stderr]).toEqual([1, expect.stringContaining("is not writable")]);
  expect(nowhere.stderr).toContain("sudo chown");
});

test("calc and assess answer in JSON and exit codes; anything else shows how to use it", () => {
  expect(run("calc", "--list").stdout).toBe("demand\ntank\npayload\npassage\n");
  const tank = spawnSync(YARDCASK, ["calc", "tank"], { env: ENV, encoding: "utf8", input: '{"shape":"box","length_mm":900,"width_mm":300,"height_mm":300}' });
  expect([tank.status, JSON.parse(tank.stdout).gross_l]).toEqual([0, 81]);
  const bad = spawnSync(YARDCASK, ["calc", "tank", "-"], { env: ENV, encoding: "utf8", input: '{"shape":"box","length_mm":-9,"width_mm":300,"height_mm":300,"lid":1}' });
  expect([bad.status, JSON.parse(bad.stdout).errors.map((error: { pointer: string }) => error.pointer)]).toEqual([2, ["/length_mm", "/lid"]]);
  const assessed = run("assess", FELLSIDE);
  expect([assessed.status, JSON.parse(assessed.stdout).findings[0].code]).toEqual([1, "load.rear-over"]);
  expect(run("assess", "/nowhere").status).toBe(2);
  const read = run("read", VERSION_ONE);
  expect([read.status, JSON.parse(read.stdout).version]).toEqual([0, 2]);
  for (const wrong of [["frob"], ["calc"], ["assess"], ["read"], ["test", "everything"], ["calc", "tank", "a", "b"]]) {
    expect([run(...wrong).status, run(...wrong).stderr]).toEqual([2, expect.stringContaining("./yardcask calc NAME")]);
  }
  expect([run("help").status, run("help").stdout]).toEqual([0, expect.stringContaining("./yardcask start [--port N]")]);
});
