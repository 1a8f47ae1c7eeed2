import { execFileSync, spawn } from "node:child_process";
import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import { answer, FELLSIDE, field, openFellside, saved, stored, type } from "./bench";

/** The web server of the application under test, as the launcher wrote it down. */
const STATE = process.env.STATE ?? "";
const RUN = process.env.RUN_DIR ?? "";

function stopServer() {
  process.kill(Number(readFileSync(`${RUN}/nginx.pid`, "utf8")), "SIGTERM");
}

function startServer() {
  spawn("/usr/sbin/nginx", ["-p", STATE, "-c", `${STATE}/nginx.conf`, "-e", `${STATE}/log/nginx.log`], { detached: true, stdio: "ignore" }).unref();
}

test("a reload and the Back button lose nothing", async ({ page }) => {
  await openFellside(page);
  await type(page, "/use/days", "5");
  await expect(answer(page)).toHaveText("Carry 185 L for 5 days.");
  await page.keyboard.press("2");
  await page.keyboard.press("3");
  await page.goBack();
  await expect(page).toHaveURL(/\/load$/);
  await page.goBack();
  await expect(answer(page)).toHaveText("Carry 185 L for 5 days.");
  await saved(page);
  await page.reload();
  await expect(field(page, "/use/days")).toHaveValue("5");
});

test("two windows cannot overwrite each other: both states are shown and either can go on", async ({ page, context }) => {
  const id = await openFellside(page);
  const other = await context.newPage();
  await other.goto(`/plans/${id}/use`);
  await expect(answer(other)).toBeVisible();
  await type(page, "/use/days", "4");
  await saved(page);
  await expect.poll(async () => (await stored(page, id)).use.days).toBe(4);
  await type(other, "/use/crew", "3");
  const conflict = other.getByRole("dialog", { name: "This plan was changed elsewhere." });
  await expect(conflict.getByRole("row", { name: /days/ })).toContainText("3 days4 days");
  await expect(conflict.getByRole("row", { name: /crew/ })).toContainText("32");
  await conflict.getByRole("button", { name: "Go on with mine" }).click();
  await expect.poll(async () => (await stored(page, id)).use).toMatchObject({ crew: 3, days: 3 });

  await type(page, "/use/days", "6");
  const again = page.getByRole("dialog", { name: "This plan was changed elsewhere." });
  await again.getByRole("button", { name: "Take theirs" }).click();
  await expect(field(page, "/use/crew")).toHaveValue("3");
  await expect(field(page, "/use/days")).toHaveValue("3");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(field(page, "/use/days")).toHaveValue("6");
});

test("changes of two windows in different places are put together", async ({ page, context }) => {
  const id = await openFellside(page);
  const other = await context.newPage();
  await other.goto(`/plans/${id}/tanks`);
  await expect(answer(other)).toBeVisible();
  await type(page, "/use/days", "4");
  await expect.poll(async () => (await stored(page, id)).use.days).toBe(4);
  await type(other, "/tanks/0/length_mm", "1 m");
  const conflict = other.getByRole("dialog", { name: "This plan was changed elsewhere." });
  await expect(conflict).toContainText("The changes are in different places and go together.");
  await conflict.getByRole("button", { name: "Put both together" }).click();
  await expect(field(other, "/tanks/0/length_mm")).toHaveValue("1000");
  await expect.poll(async () => [(await stored(page, id)).use.days, (await stored(page, id)).tanks[0].length_mm]).toEqual([4, 1000]);

  await page.getByRole("link", { name: /^Tanks/ }).click();
  await type(page, "/tanks/0/length_mm", "1.1 m");
  const clash = page.getByRole("dialog", { name: "This plan was changed elsewhere." });
  await expect(clash).toContainText("Both changed the same place");
  await expect(clash.getByRole("button", { name: "Put both together" })).toHaveCount(0);
  await clash.getByRole("button", { name: "Go on with mine" }).click();
  await expect.poll(async () => (await stored(page, id)).tanks[0].length_mm).toBe(1100);
});

test("a server that goes away while one types: all is kept, and sent on its return", async ({ page }) => {
  const id = await openFellside(page);
  stopServer();
  await expect.poll(async () => page.request.get("/api/health").then(() => "there", () => "away")).toBe("away");
  await field(page, "/use/days").fill("7 days");
  await expect(page.getByText("Kept here; read when the server is back.")).toBeVisible();
  await page.getByRole("radio", { name: "mixed" }).click();
  await expect(page.locator(".edge-save")).toContainText("Server away. Kept here");
  await expect(field(page, "/use/days")).toHaveValue("7 days");
  startServer();
  await expect(answer(page)).toHaveText("Carry 244 L for 7 days.");
  await saved(page);
  await expect.poll(async () => (await stored(page, id)).use).toMatchObject({ days: 7, stay: "mixed" });
});

test("a plan file goes out and comes back byte for byte", async ({ page }) => {
  await page.goto("/");
  await page.getByLabel("Plan file").setInputFiles({ name: "torn.json", mimeType: "application/json", buffer: Buffer.from("{") });
  await expect(page.getByRole("alert")).toContainText("“torn.json” is not JSON");
  const crewless = readFileSync(FELLSIDE, "utf8").replace('"crew": 2', '"crew": 0');
  await page.getByLabel("Plan file").setInputFiles({ name: "crewless.json", mimeType: "application/json", buffer: Buffer.from(crewless) });
  await expect(page.getByRole("alert")).toContainText("/use/crew 0 is outside what is allowed here");
  await page.getByLabel("Plan file").setInputFiles(FELLSIDE);
  await expect(answer(page)).toHaveText("Carry 127 L for 3 days.");
  await page.getByRole("button", { name: "File" }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Export the plan file" }).click();
  execFileSync("cmp", [await (await download).path(), FELLSIDE]);
});

test("an earlier revision can be gone back to, and a plan put away is brought back", async ({ page }) => {
  const id = await openFellside(page);
  await page.getByLabel("Name of the plan").fill("Put-away test");
  await saved(page);
  await type(page, "/use/crew", "5");
  await expect.poll(async () => (await stored(page, id)).use.crew).toBe(5);
  await page.getByRole("button", { name: "File" }).click();
  await page.getByRole("button", { name: "Earlier revisions" }).click();
  await page.getByRole("listitem").filter({ hasText: /^1, / }).getByRole("button", { name: "Go back to this" }).click();
  await expect(field(page, "/use/crew")).toHaveValue("2");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect.poll(async () => (await stored(page, id)).name).toBe("Put-away test");
  await page.getByRole("link", { name: "Plans" }).click();
  await page.getByRole("button", { name: "Put away Put-away test" }).click();
  await expect(page.getByRole("link", { name: /Put-away test/ })).toHaveCount(0);
  await page.getByRole("button", { name: "Bring it back" }).click();
  await expect(page.getByRole("link", { name: /Put-away test/ })).toBeVisible();
});
