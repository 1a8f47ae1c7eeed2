import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import { answer, openPlan } from "./bench";

const plan = (name: string) =>
  JSON.parse(readFileSync(new URL(`../../catalogue/plans/${name}.json`, import.meta.url), "utf8"));
const pages = (pdf: Buffer) => (pdf.toString("latin1").match(/\/Type\s*\/Page\b/g) ?? []).length;

for (const [name, tanks] of [
  ["fellside", ["Tail tank", "Drinking cans", "Waste tank"]],
  ["prompt-side", ["Left tank", "Right tank"]],
] as const)
  test(`the book of ${name} has every stage whole, fits its paper, and holds nothing to press`, async ({ page }) => {
    await openPlan(page, plan(name), "line");
    const said = await answer(page).innerText();
    await page.getByRole("button", { name: "File" }).click();
    await page.getByRole("link", { name: "Print the whole plan" }).click();
    const stages = page.locator(".book-page");
    await expect(stages).toHaveCount(6);
    const line = page.getByRole("region", { name: "Line", exact: true });
    await expect(line.getByRole("heading", { level: 1 })).toHaveText(said);
    for (const tank of tanks) await expect(page.getByRole("region", { name: `${tank}, drawn` })).toBeVisible();
    await expect(line.getByRole("region", { name: "Snags on Line" })).toContainText("To fix:");
    await expect(line.getByText("Valve settings")).toBeVisible();
    await expect(page.getByRole("region", { name: "Figures of Use" })).toContainText("Needed, a day");
    await page.emulateMedia({ media: "print" });
    await expect(page.getByRole("navigation", { name: "What is printed" })).toBeHidden();
    expect(await stages.locator(".plain:visible, .go:visible, form:visible").count()).toBe(0);
    const wide = await stages.evaluateAll((all) =>
      all.flatMap((one) =>
        [...one.querySelectorAll("*")].filter((node) => node.getBoundingClientRect().right > innerWidth),
      ),
    );
    expect(wide).toEqual([]);
    // On either paper it is as wide as the sheet, and no stage is lost.
    for (const format of ["A4", "Letter"] as const) expect(pages(await page.pdf({ format }))).toBeGreaterThan(5);
  });

test("one stage is printed by itself, and what is still to be measured can be added", async ({ page }) => {
  await openPlan(page, plan("fellside"), "load");
  await page.getByRole("button", { name: "File" }).click();
  await page.getByRole("link", { name: "Print this stage" }).click();
  await expect(page.locator(".book-page")).toHaveCount(1);
  await expect(page.getByRole("region", { name: "Load", exact: true })).toContainText("Travel with 45 L at most.");
  await expect(page.getByRole("region", { name: "Figures of Load" })).toContainText(/Most water to travel with45\sL/);
  // What is folded on the screen lies open on paper.
  await expect(page.getByRole("button", { name: /plate, ticket and sizes/ })).toHaveCount(0);
  await expect(page.getByRole("textbox", { name: "Gross limit" })).toBeVisible();
  await page.getByLabel("Still to be measured").check();
  const jobs = page.getByRole("region", { name: "Still to be measured" }).getByRole("listitem");
  // Weights first, then places, then pipes.
  await expect(jobs.first()).toContainText("Weigh the front axle");
  await expect(jobs.last()).toContainText(/Pipe \d+, from/);
  await page.getByRole("link", { name: "Back to the plan" }).click();
  await expect(page).toHaveURL(/\/load$/);
});

test("printed from the browser, a stage is its answer, its drawing and its snags", async ({ page }) => {
  await openPlan(page, plan("fellside"), "tanks");
  await page.emulateMedia({ media: "print" });
  await expect(answer(page)).toBeVisible();
  await expect(page.getByRole("complementary", { name: "Snags" })).toContainText("below the outlet can never be used");
  for (const gone of [".riser", ".edge"]) await expect(page.locator(gone)).toBeHidden();
  expect(await page.evaluate(() => getComputedStyle(document.documentElement).getPropertyValue("--rust").trim())).toBe(
    "#000",
  );
});
