import { readFileSync } from "node:fs";
import { expect, type Page, test } from "@playwright/test";
import { answer, FELLSIDE, field, openPlan, type Stage, stored } from "./bench";

/** One walk through a plan at each size with touch, with a server that is slow and with one that goes away and comes back. */
const SLOW_MS = 700;
const AWAY = "Server away. Your edits are in this browser and are sent when it is back.";

const slowed = (page: Page) =>
  page.route("**/api/**", async (route) => {
    await new Promise((resolve) => setTimeout(resolve, SLOW_MS));
    await route.continue().catch(() => undefined);
  });

for (const [width, height] of [
  [1280, 720],
  [390, 844],
] as const)
  test.describe(`at ${width} × ${height}`, () => {
    test.use({ viewport: { width, height }, hasTouch: true });
    const open = (page: Page, stage: Stage) => openPlan(page, JSON.parse(readFileSync(FELLSIDE, "utf8")), stage);
    const panel = (page: Page) => page.locator(".opened");
    const fits = async (page: Page) =>
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);

    test("a slow server holds up nobody: panels open, sizes are typed, fixes are taken once, valves turn", async ({
      page,
    }) => {
      const id = await open(page, "tanks");
      await slowed(page);
      await page.locator("#tanks-list").getByRole("button", { name: "Tail tank", exact: true }).tap();
      await expect(panel(page)).toBeInViewport();
      await field(page, "/tanks/0/length_mm").fill("900");
      await expect(field(page, "/tanks/0/length_mm")).toHaveValue("900");
      await page.keyboard.press("Enter");
      await panel(page).getByRole("button", { name: "Close" }).tap();
      await expect(panel(page)).toHaveCount(0);
      await expect(answer(page)).toHaveText("You can use 104 L of 120 L.");
      // Pressed twice while the answer is on its way, a fix is taken once.
      const drain = page.getByRole("button", { name: "Add a drain" });
      await expect(drain).toBeEnabled();
      await drain.dblclick();
      const drains = async () =>
        (await stored(page, id)).tanks.flatMap((tank: { ports: { role: string }[] }) =>
          tank.ports.filter((port) => port.role === "drain"),
        ).length;
      const before = await drains();
      await expect.poll(drains).toBeGreaterThan(0);
      await page.getByRole("button", { name: "Undo" }).tap();
      await expect(drain).toBeVisible();
      expect(before).toBeLessThanOrEqual(1);
      await page.goto(page.url().replace("/tanks", "/line"));
      await page.getByRole("button", { name: "Ball valve, shut-off valve" }).tap();
      await panel(page).getByRole("radio", { name: "shut" }).tap();
      await expect(panel(page).getByText("This is only a trial")).toBeVisible();
      await expect(
        panel(page)
          .getByRole("listitem")
          .filter({ hasText: /: 0\sL\/min/ })
          .first(),
      ).toBeVisible();
      await fits(page);
    });

    test("while the server is away nothing typed is lost, what cannot be asked says so, and all is sent on its return", async ({
      page,
    }) => {
      const id = await open(page, "use");
      await page.route("**/api/**", (route) => route.abort());
      await field(page, "/use/days").fill("7 days");
      await expect(page.getByText("In this browser; it is read when the server is back.")).toBeVisible();
      await page.getByRole("radio", { name: "mixed" }).tap();
      await expect(page.locator(".edge-save")).toHaveText(AWAY);
      await page.getByRole("button", { name: "File" }).tap();
      await page.getByRole("link", { name: "Print the whole plan" }).tap();
      await expect(page.getByText("The server is away. Trying again …")).toBeVisible();
      await page.unroute("**/api/**");
      await expect(page.locator(".book-page")).toHaveCount(6);
      await page.goBack();
      await expect.poll(async () => (await stored(page, id)).use).toMatchObject({ days: 7, stay: "mixed" });
      await expect(page.locator(".edge-save")).toHaveText(/^Saved/);
      await fits(page);
    });

    test("by the keyboard alone: past the frame to the heading, to the keys, and from the snags to a fix in two steps", async ({
      page,
    }) => {
      await open(page, "tanks");
      await page.keyboard.press("Tab");
      const skip = page.getByRole("button", { name: "Skip to Tanks" });
      await expect(skip).toBeFocused();
      await expect(skip).toBeInViewport();
      await page.keyboard.press("Enter");
      await expect(answer(page)).toBeFocused();
      await page.keyboard.press("?");
      await expect(page.getByRole("dialog", { name: "Keys" }).getByRole("button", { name: "Close" })).toBeVisible();
      await page.keyboard.press("Escape");
      await expect(page.getByRole("dialog")).toHaveCount(0);
      const fix = page.locator("#snags").getByRole("article").first().getByRole("button").first();
      await expect(fix).toBeEnabled();
      await page.locator(".glass").getByRole("link", { name: "Snags" }).press("Enter");
      await expect(page.locator("#snags")).toBeFocused();
      await page.keyboard.press("Tab");
      await page.keyboard.press("Tab");
      await expect(fix).toBeFocused();
      await expect(fix).toBeEnabled();
      await page.keyboard.press("Enter");
      await expect(page.getByRole("button", { name: "Undo" })).toBeEnabled();
      await fits(page);
    });
  });
