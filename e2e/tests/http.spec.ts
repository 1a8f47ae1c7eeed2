import { readFileSync } from "node:fs";
import http from "node:http";
import { expect, test } from "@playwright/test";
import { FELLSIDE } from "./bench";

/** What the running server answers, web server and all. */
const PLAN = JSON.parse(readFileSync(FELLSIDE, "utf8"));

test("of many writes based on one revision exactly one is taken", async ({ request }) => {
  const { id } = await (await request.post("/api/plans/import", { data: PLAN })).json();
  const writes = Array.from({ length: 12 }, (_, index) =>
    request.put(`/api/plans/${id}`, {
      headers: { "If-Match": '"1"' },
      data: { ...PLAN, use: { ...PLAN.use, crew: index + 3 } },
    }),
  );
  const replies = await Promise.all(writes);
  const statuses = replies.map((reply) => reply.status()).sort();
  expect(statuses).toEqual([200, ...Array(11).fill(412)]);
  const taken = await replies.find((reply) => reply.status() === 200)!.json();
  const refused = await replies.find((reply) => reply.status() === 412)!.json();
  expect(refused.current).toEqual({ revision: 2, plan: taken.plan });
  expect((await (await request.get(`/api/plans/${id}/revisions`)).json()).revisions).toHaveLength(2);
});

test("a body that is too large is refused before it is read, as a problem document", async ({ request }) => {
  const reply = await request.post("/api/assess", {
    headers: { "Content-Type": "application/json" },
    data: Buffer.alloc(10_000_000, "1"),
  });
  expect(reply.status()).toBe(413);
  expect(reply.headers()["content-type"]).toContain("application/problem+json");
  expect((await reply.json()).detail).toContain("512 kB");
});

/** Method, path, headers; the status of a problem document that says the same. */
const HEADS: [string, string, Record<string, string>, number][] = [
  ["GET", "/api/plans", { Host: "rigs.invalid" }, 421],
  ["GET", "/api/plans", { Host: "127.0.0.1:1" }, 421],
  ["POST", "/api/plans", { Host: "rigs.invalid", Origin: "http://rigs.invalid" }, 421],
  ["GET", "/", { Host: "rigs.invalid" }, 421],
  ["DELETE", "/api/plans/none", { Origin: "http://127.0.0.1:1" }, 403],
  ["POST", "/api/plans/none", { "X-HTTP-Method-Override": "DELETE" }, 405],
  ["TRACE", "/api/plans", {}, 405],
  ["GET", `/api/${"x".repeat(40_000)}`, {}, 414],
  ["GET", "/api/plans", { "X-Long": "x".repeat(40_000) }, 431],
  ["GET", "/api/plans/%ff", {}, 400],
  ["GET", "/api/plans/%00", {}, 400],
  ["POST", "/api/plans", { "Transfer-Encoding": "gzip" }, 501],
];

test("what is not for us is turned away at the door, with a problem document that carries its status", async ({
  baseURL,
}) => {
  const { port } = new URL(baseURL!);
  const ask = (method: string, path: string, headers: Record<string, string>) =>
    new Promise<{ status: number; type: string; body: string }>((told, failed) => {
      const asking = http.request(
        { host: "127.0.0.1", port, method, path, headers: { Host: `127.0.0.1:${port}`, ...headers } },
        async (reply) => {
          const pieces = [];
          for await (const piece of reply) pieces.push(piece);
          told({
            status: reply.statusCode!,
            type: reply.headers["content-type"] ?? "",
            body: Buffer.concat(pieces).toString(),
          });
        },
      );
      asking.on("error", failed);
      asking.end();
    });
  for (const [method, path, headers, status] of HEADS) {
    const reply = await ask(method, path, headers);
    expect(
      [reply.status, reply.type, reply.body.length < 1000 && JSON.parse(reply.body).status],
      `${method} ${path.slice(0, 30)} ${JSON.stringify(headers).slice(0, 60)}`,
    ).toEqual([status, "application/problem+json", status]);
  }
  for (const host of [`127.0.0.1:${port}`, `localhost:${port}`])
    expect((await ask("GET", "/api/health", { Host: host })).status).toBe(200);
  expect((await ask("DELETE", "/api/plans/none", { Origin: `http://127.0.0.1:${port}` })).status).toBe(404);
});

test("nesting without end and numbers without bounds are refused, and the next request is served", async ({
  request,
}) => {
  const send = (body: string) =>
    request.post("/api/assess", { headers: { "Content-Type": "application/json" }, data: Buffer.from(body) });
  for (const [body, status] of [
    ["[".repeat(200_000), 400],
    [`${'{"a":'.repeat(50_000)}1${"}".repeat(50_000)}`, 400],
    [JSON.stringify(PLAN).replace('"days":3', '"days":1e308'), 422],
    [JSON.stringify(PLAN).replace('"days":3', `"days":${"9".repeat(5000)}`), 422],
    [JSON.stringify({ ...PLAN, tanks: Array(40_000).fill({}) }), 422],
    ['{"format":"yard-cask-plan","version":1e9}', 422],
  ] as const) {
    const reply = await send(body);
    expect([reply.status(), (await reply.json()).status], body.slice(0, 40)).toEqual([status, status]);
  }
  expect((await send(JSON.stringify(PLAN))).status()).toBe(200);
});

test("pages, assets and nothing else are served from the disk", async ({ request }) => {
  const page = await request.get("/plans/any/tanks");
  for (const part of ["default-src 'self'", "base-uri 'none'", "form-action 'self'", "frame-ancestors 'none'"]) {
    expect(page.headers()["content-security-policy"]).toContain(part);
  }
  const html = await page.text();
  for (const asset of html.match(/\/assets\/[\w.-]+/g)!) expect((await request.get(asset)).status()).toBe(200);
  expect((await request.get("/assets/none.js")).status()).toBe(404);
  for (const path of ["/", "/new", "/plans/any", "/plans/any/line/"]) {
    expect(await (await request.get(path)).text(), path).toBe(html);
  }
  for (const path of ["/index.php", "/x.php", "/.git/config", "/plans", "/plans/any/line/more"]) {
    const reply = await request.get(path);
    expect([reply.status(), (await reply.json()).title], path).toEqual([404, "Not found"]);
  }
  expect((await request.get("/assets/..%2f..%2fsrc/main.tsx")).status()).toBe(400);
});

test("the page needs nothing from any other host", async ({ page, baseURL }) => {
  const others: string[] = [];
  page.on("request", (request) => {
    if (!request.url().startsWith(baseURL!) && !request.url().startsWith("data:")) others.push(request.url());
  });
  await page.goto("/new");
  await expect(page.getByRole("button", { name: "Begin" })).toBeVisible();
  expect(others).toEqual([]);
});
