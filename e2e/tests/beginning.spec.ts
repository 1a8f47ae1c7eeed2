import { expect, test } from "@playwright/test";
import { answer, openFellside } from "./bench";

test("four questions lead to a plan with an answer", async ({ page }) => {
  await page.goto("/");
  await page.getByRole("link", { name: "Begin a plan" }).click();
  const preview = page.getByRole("region", { name: "What the plan will say" });
  await expect(preview).toContainText("Carry 95 L for 3 days.");
  await page.getByLabel("1 How many people?").fill("some of us");
  await expect(page.getByRole("alert")).toContainText(
    "“some of us” has no number that can be read. Type a plain number",
  );
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page).toHaveURL(/\/new$/);
  await page.getByLabel("1 How many people?").fill("90");
  await expect(page.getByRole("alert")).toContainText("from 1 to 60");
  await expect(preview).toContainText("Carry 95 L for 3 days.");
  await page.getByLabel("1 How many people?").fill("three");
  await expect(page.getByRole("alert")).toHaveCount(0);
  await page.getByRole("radio", { name: "frugal" }).click();
  await page.getByRole("radio", { name: "wild nights" }).click();
  await page.getByLabel("3 How many days between two fills?").fill("4 days");
  await expect(preview).toContainText(/Carry \d+\sL for 4\sdays\./);
  await page.reload();
  await expect(page.getByLabel("3 How many days between two fills?")).toHaveValue("4 days");
  await page.getByRole("radio", { name: "Trailer", exact: true }).click();
  await page.getByLabel("Name (optional)").fill("Test hut");
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(answer(page)).toHaveText(/^Carry \d+\sL for 4\sdays\.$/);
  await page.keyboard.press("2");
  await expect(answer(page)).toHaveText(/^Travel (brim full, with \d+\sL|with \d+\sL at most)\.$/);
  await page.getByRole("link", { name: "Plans" }).click();
  await expect(page.getByRole("link", { name: /Test hut/ }).first()).toBeVisible();
});

test("a system that the rig has no tank for is refused where it is chosen, and another begins", async ({ page }) => {
  await page.goto("/new");
  const system = page.getByLabel("5 Which type of water system?");
  await system.selectOption("gravity");
  await expect(page.getByRole("alert")).toContainText("needs a tank above the taps");
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByRole("alert")).toContainText("needs a tank above the taps");
  await system.selectOption("pressure");
  await expect(page.getByRole("alert")).toHaveCount(0);
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page).toHaveURL(/\/plans\/.*\/use$/);
  await page.getByRole("link", { name: /^Line/ }).click();
  // The shower of its uses has one to stand under.
  await expect(page.locator(".line-part").filter({ hasText: "Outside shower" })).toBeVisible();
});

test("Begin pressed for other answers while the first are still being refused begins with those", async ({ page }) => {
  let letRefuse = () => {};
  const held = new Promise<void>((resolve) => {
    letRefuse = resolve;
  });
  let asked = 0;
  await page.route("**/api/plans", async (route) => {
    if (route.request().method() === "POST" && asked++ === 0) await held;
    await route.continue();
  });
  await page.goto("/new");
  const system = page.getByLabel("5 Which type of water system?");
  await system.selectOption("gravity");
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByRole("button", { name: "Beginning …" })).toBeVisible();
  await system.selectOption("pressure");
  await page.getByRole("button", { name: "Beginning …" }).click();
  letRefuse();
  await expect(page).toHaveURL(/\/plans\/.*\/use$/);
  expect(asked).toBe(2);
});

test("the ground follows the system until it is chosen, and is kept then", async ({ page }) => {
  await page.emulateMedia({ colorScheme: "dark" });
  await openFellside(page);
  await expect(page.locator("html")).toHaveAttribute("data-ground", "dark");
  await page.emulateMedia({ colorScheme: "light" });
  await expect(page.locator("html")).toHaveAttribute("data-ground", "light");
  await page.getByRole("button", { name: "File" }).click();
  await page.getByRole("button", { name: "Switch to dark" }).click();
  await page.reload();
  await expect(page.locator("html")).toHaveAttribute("data-ground", "dark");
});
