import { type ChildProcess, spawn, spawnSync } from "node:child_process";
import { readdirSync, readFileSync, readlinkSync, rmSync } from "node:fs";
import { createServer } from "node:net";
import { expect } from "@playwright/test";

/** An application of its own, with data and a port of its own, started by the launcher as a newcomer starts it. */
const YARDCASK = new URL("../../yardcask", import.meta.url).pathname;

/** A whole assessment is longer than what Node takes without being told. */
const MOST_SAID = 16 * 1024 * 1024;

export type Launched = { launcher: ChildProcess; said: () => string };

export function installation(name: string, yardcask = YARDCASK) {
  const data = `${process.env.STATE ?? "/tmp"}/${name}`;
  const env = { ...process.env, YARDCASK_VAR: data };

  const run = (...args: string[]) =>
    spawnSync(yardcask, args, { env, encoding: "utf8", timeout: 120_000, maxBuffer: MOST_SAID });

  /** With lines that somebody types. */
  const runTyping = (lines: readonly string[], ...args: string[]) =>
    spawnSync(yardcask, args, { env, encoding: "utf8", timeout: 120_000, input: `${lines.join("\n")}\n` });

  /** Begins a start, and does not wait. */
  function begin(port: number, ...more: string[]): Launched {
    const launcher = spawn(yardcask, ["start", "--port", String(port), ...more], {
      env,
      stdio: ["ignore", "ignore", "pipe"],
      // A process group of its own, as a terminal gives it.
      detached: true,
    });
    let text = "";
    launcher.stderr!.on("data", (piece) => {
      text += piece;
    });
    return { launcher, said: () => text };
  }

  /** Starts it and waits until it says that it is ready. */
  async function start(port: number, ...more: string[]): Promise<Launched> {
    const launched = begin(port, ...more);
    await expect.poll(launched.said, { timeout: 120_000 }).toMatch(/is ready:|cannot go on/);
    return launched;
  }

  /** What a terminal does at Ctrl-C, or when it is closed: everything in the launcher's process group gets the signal. */
  const interrupt = (launcher: ChildProcess, signal: NodeJS.Signals = "SIGINT") => process.kill(-launcher.pid!, signal);

  /** Interrupts the launcher, and sees that it ends with all that it started. */
  async function end(launcher: ChildProcess, signal: NodeJS.Signals, status: number): Promise<void> {
    interrupt(launcher, signal);
    await expect.poll(() => launcher.exitCode, { timeout: 60_000 }).toBe(status);
    expect(programs()).toEqual({});
  }

  /** The main process of each program that runs, by the program's name: it holds the file of the programs, and its parent does not. */
  function programs(): Record<string, number> {
    const held = new Map<number, { name: string; parent: number }>();
    for (const pid of readdirSync("/proc").filter((entry) => /^\d+$/.test(entry))) {
      try {
        const links = readdirSync(`/proc/${pid}/fd`).map((fd) => readlinkSync(`/proc/${pid}/fd/${fd}`));
        if (!links.includes(`${data}/start.programs`)) continue;
        const parent = Number(readFileSync(`/proc/${pid}/stat`, "utf8").split(") ")[1]!.split(" ")[1]);
        held.set(Number(pid), { name: readFileSync(`/proc/${pid}/comm`, "utf8").trim(), parent });
      } catch {
        // It has just ended.
      }
    }
    const main = [...held].filter(([, { parent }]) => !held.has(parent));
    return Object.fromEntries(main.map(([pid, { name }]) => [name.replace(/\d.*$/, ""), pid]));
  }

  const remove = () => rmSync(data, { recursive: true, force: true });

  return { data, env, yardcask, run, runTyping, begin, start, interrupt, end, programs, remove };
}

export const PROGRAMS = ["mariadbd", "nginx", "php-fpm"];

/** A free port below those that the system gives to connections, of which one could take it before the application does. */
export async function freePort(): Promise<number> {
  for (;;) {
    const port = 20_000 + Math.floor(Math.random() * 10_000);
    const server = createServer();
    const free = await new Promise<boolean>((known) => {
      server.once("error", () => known(false));
      server.listen(port, "127.0.0.1", () => known(true));
    });
    if (!free) continue;
    await new Promise((closed) => server.close(closed));
    return port;
  }
}

export const answers = (port: number): Promise<boolean> =>
  fetch(`http://127.0.0.1:${port}/api/health`, { signal: AbortSignal.timeout(5000) }).then(
    (reply) => reply.ok,
    () => false,
  );

export const pause = (ms: number) => new Promise((over) => setTimeout(over, ms));
