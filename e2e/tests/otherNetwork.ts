import { spawnSync } from "node:child_process";
import { chmodSync, existsSync, mkdirSync, rmSync, writeFileSync } from "node:fs";

/** A network of its own with one client, from which this machine is reached by a name, as from a phone. Root alone can make one. */
export function otherNetwork(directory: string, name: string) {
  const id = String(process.pid % 100_000);
  const space = `yardcask${id}`;
  const [here, there] = ["10.231.77.1", "10.231.77.2"];
  const home = `${directory}/home`;
  const hosts = `/etc/netns/${space}`;
  const ip = (...args: string[]) => spawnSync("ip", args, { encoding: "utf8" });
  const inside = (...command: string[]) => ip("netns", "exec", space, ...command);

  /** Why there is none; empty when it is there. */
  function make(): string {
    if (process.getuid?.() !== 0) return "only root can make a network of its own";
    const made = ip("netns", "add", space);
    if (made.status !== 0) return `no network could be made: ${made.stderr}`;
    const ways = [
      ["link", "add", `yc${id}a`, "type", "veth", "peer", "name", `yc${id}b`, "netns", space],
      ["addr", "add", `${here}/24`, "dev", `yc${id}a`],
      ["link", "set", `yc${id}a`, "up"],
      ["netns", "exec", space, "ip", "addr", "add", `${there}/24`, "dev", `yc${id}b`],
      ["netns", "exec", space, "ip", "link", "set", `yc${id}b`, "up"],
    ];
    for (const way of ways) {
      const done = ip(...way);
      if (done.status !== 0) return `no network could be made: ${done.stderr}`;
    }
    mkdirSync(hosts, { recursive: true });
    writeFileSync(`${hosts}/hosts`, `127.0.0.1 localhost\n${here} ${name}\n`);
    mkdirSync(`${home}/.pki/nssdb`, { recursive: true });
    spawnSync("certutil", ["-d", `sql:${home}/.pki/nssdb`, "-N", "--empty-password"]);
    return "";
  }

  /** A browser of that client, as a program to launch. */
  function browser(): string {
    const chromium = ["/usr/bin/chromium-headless-shell", "/usr/bin/chromium"].find((path) => existsSync(path));
    const script = `${directory}/browser-elsewhere`;
    writeFileSync(script, `#!/bin/sh\nexec ip netns exec ${space} env HOME='${home}' ${chromium} "$@"\n`);
    chmodSync(script, 0o755);
    return script;
  }

  /** What its steps have a device do. */
  const trust = (certificate: string) =>
    spawnSync("certutil", ["-d", `sql:${home}/.pki/nssdb`, "-A", "-t", "C,,", "-n", "yard-cask", "-i", certificate]);

  function remove(): void {
    ip("link", "del", `yc${id}a`);
    ip("netns", "del", space);
    rmSync(hosts, { recursive: true, force: true });
  }

  return { make, inside, browser, trust, remove };
}
