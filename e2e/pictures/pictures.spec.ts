import { readFileSync } from "node:fs";
import { expect, type Page, test } from "@playwright/test";
import { answer, field, openItem, stored, type } from "../tests/bench";

const NARROW = { width: 390, height: 844 };

type Demo = "fellside" | "prompt-side" | "petrel";

/** Takes a demonstration plan in, and opens a stage of it. */
async function open(page: Page, demo: Demo, stage: string): Promise<string> {
  const plan = readFileSync(new URL(`../../catalogue/plans/${demo}.json`, import.meta.url), "utf8");
  const { id } = await (await page.request.post("/api/plans/import", { data: JSON.parse(plan) })).json();
  await page.goto(`/plans/${id}/${stage}`);
  await expect(answer(page)).toBeVisible();
  return id;
}

async function take(page: Page, name: string): Promise<void> {
  await page.mouse.move(640, 799);
  // Fonts, fixes and what moves have come to rest.
  await page.waitForTimeout(1200);
  await page.screenshot({
    path: new URL(`../../docs/screenshots/${name}.png`, import.meta.url).pathname,
    animations: "disabled",
  });
}

// First, so that of a fresh data directory it shows the demonstrations alone.
test("shelf", async ({ page }) => {
  await page.goto("/");
  await expect(page.getByRole("listitem").first()).toBeVisible();
  await take(page, "shelf");
});

for (const [name, demo, stage] of [
  ["use", "fellside", "use"],
  ["load", "fellside", "load"],
  ["load-boat", "petrel", "load"],
  ["tanks", "fellside", "tanks"],
  ["line", "fellside", "line"],
  ["line-coach", "prompt-side", "line"],
] as const) {
  test(name, async ({ page }) => {
    await open(page, demo, stage);
    await take(page, name);
  });
}

test("load-dark", async ({ page }) => {
  await page.emulateMedia({ colorScheme: "dark" });
  await open(page, "fellside", "load");
  await take(page, "load-dark");
});

// Of an application that was started with --open --name bench.local, with phones that are paired.
test("devices", async ({ page, playwright }) => {
  const { address } = await (await page.request.get("/api/who")).json();
  expect(address, "Start it with --open --name bench.local.").not.toBeNull();
  const { host, port } = new URL(address);
  for (const name of ["Yard phone", "Bench tablet"]) {
    const { code } = await (await page.request.post("/api/pairing-codes")).json();
    const phone = await playwright.request.newContext({ ignoreHTTPSErrors: true, extraHTTPHeaders: { Host: host } });
    expect((await phone.post(`https://127.0.0.1:${port}/api/pair`, { data: { code, name } })).ok()).toBe(true);
  }
  await page.goto("/");
  await page.getByRole("button", { name: "Devices" }).click();
  await page.getByRole("button", { name: "Show a code" }).click();
  await take(page, "devices");
});

test("sum", async ({ page }) => {
  await open(page, "fellside", "load");
  await page.getByRole("button", { name: /^Payload left/ }).click();
  await page.getByRole("dialog").getByRole("button", { name: "its sum" }).click();
  await expect(page.getByRole("dialog")).toContainText("Driver × place of Driver ÷ wheelbase");
  await take(page, "sum");
});

test("tanks-bay", async ({ page }) => {
  await open(page, "fellside", "tanks");
  await openItem(page, "Tail locker");
  await field(page, "/bays/0/height_mm").focus();
  await take(page, "tanks-bay");
});

test("tanks-ports", async ({ page }) => {
  await open(page, "fellside", "tanks");
  await openItem(page, "Tail tank");
  await page.locator(".opened").getByRole("button", { name: /^Fill/ }).first().click();
  await page.getByText("Ports and their hoses").evaluate((heading) => heading.scrollIntoView());
  await take(page, "tanks-ports");
});

test("parts", async ({ page }) => {
  await open(page, "petrel", "parts");
  await page.getByRole("button", { name: /pipe from the pressure pump to the tee/i }).click();
  await take(page, "parts");
});

test("parts-narrow", async ({ page }) => {
  await page.setViewportSize(NARROW);
  await open(page, "petrel", "parts");
  await page.getByRole("radio", { name: "Shopping list" }).click();
  for (const name of ["Ball valve, 12 mm", "Pressure pump, 4 L/min"])
    await page.getByRole("checkbox", { name: `Bought: ${name}` }).click();
  await expect(page.getByText("2 of 40 lines bought")).toBeVisible();
  await take(page, "parts-narrow");
});

test("line-narrow", async ({ page }) => {
  await page.setViewportSize(NARROW);
  await open(page, "fellside", "line");
  await page.getByRole("button", { name: "Ball valve, shut-off valve" }).click();
  await take(page, "line-narrow");
});

test("notes", async ({ page }) => {
  await page.setViewportSize(NARROW);
  await open(page, "fellside", "tanks");
  await openItem(page, "Tail tank");
  const notes = page.getByRole("region", { name: "Notes on Tail tank" });
  const write = async (text: string) => {
    await notes.getByRole("button", { name: "Add a note" }).click();
    await page.getByLabel("A note on Tail tank").fill(text);
    await page.getByRole("button", { name: "Save the note" }).click();
    await expect(notes).toContainText(text);
  };
  await write("Lid weeps at the rear seal when braking. Two screws were loose; tightened.");
  await expect(notes).not.toContainText("only on this device");
  await page.context().setOffline(true);
  await write("Under the rig: the rear strap rubs on the drain hose.");
  await notes.evaluate((section) => section.scrollIntoView());
  await take(page, "notes");
});

test("tanks-catalogue", async ({ page }) => {
  await open(page, "prompt-side", "tanks");
  await page.getByRole("button", { name: "Find a tank that fits" }).click();
  const table = page.getByRole("region", { name: "Tanks you can buy" }).getByRole("table");
  await table.evaluate((rows) => rows.scrollIntoView());
  await take(page, "tanks-catalogue");
});

test("two-windows", async ({ page, context }) => {
  const id = await open(page, "fellside", "use");
  const other = await context.newPage();
  await other.goto(`/plans/${id}/use`);
  await expect(answer(other)).toBeVisible();
  await type(page, "/use/days", "4");
  await expect.poll(async () => (await stored(page, id)).use.days).toBe(4);
  await type(other, "/use/days", "5");
  await expect(other.getByRole("dialog")).toContainText("Where they differ");
  await take(other, "two-windows");
});

test("new-plan", async ({ page }) => {
  await page.goto("/new");
  await expect(page.getByRole("region", { name: "What the plan will say" })).toContainText("Carry");
  await take(page, "new-plan");
});
