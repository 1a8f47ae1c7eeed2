import AxeBuilder from "@axe-core/playwright";
import { expect, type Page, test } from "@playwright/test";
import { demo, openPlan } from "./bench";

/** Joints, and what is bought, cut and drilled. */

const strip = (page: Page, name: string) => page.getByRole("button", { name: new RegExp(name) });

test("a joint that does not go together says what meets there, and adapters join it in one step of undo", async ({
  page,
}) => {
  await openPlan(page, demo("bothy"), "parts");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("9 of 10 joints hold.");
  await strip(page, "the basin tap does not go together").click();
  const joint = page.getByRole("region", { name: "Joint at the basin tap" });
  await expect(joint).toContainText("soft hose, 10 mm inside");
  await expect(joint).toContainText("push-fit for 15 mm");
  await joint.getByRole("button", { name: /^Fit 2 adapters/ }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("All 10 joints hold.");
  await expect(joint).toContainText("tight with a clamp or ring");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("9 of 10 joints hold.");
});

test("an end is entered as measured; what was not understood is said at its field, and nothing is lost", async ({
  page,
}) => {
  await openPlan(page, demo("bothy"), "parts");
  await strip(page, "the basin tap does not go together").click();
  const joint = page.getByRole("region", { name: "Joint at the basin tap" });
  await joint.getByRole("button", { name: "Measure what it meets" }).click();
  const dialog = page.getByRole("dialog");
  await expect(dialog).toContainText("What the basin tap joins to");
  await dialog.getByLabel("Over its ridge").fill("a thumb");
  await dialog.getByRole("button", { name: "Use this" }).click();
  await expect(dialog.getByRole("alert")).toHaveText([/^“a thumb”/]);
  await expect(dialog.getByLabel("Over its ridge")).toHaveValue("a thumb");
  await dialog.getByLabel("Over its ridge").fill("0.44 in");
  await dialog.getByRole("button", { name: "Use this" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("All 10 joints hold.");
  await expect(dialog).toHaveCount(0);
  await expect(joint).toContainText("barb, 11.2 mm over its ridge");
});

test("the lists are there to buy, cut and drill by, at 390 px too, and the table is given out", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openPlan(page, demo("petrel"), "parts");
  await page.getByRole("radio", { name: "Shopping list" }).click();
  const list = page.getByRole("region", { name: "Shopping list" });
  await expect(list.getByRole("region", { name: "Plumbing merchant" })).toContainText("Braided hose, 12 mm");
  await expect(list).toContainText("for the pipe from the pressure pump to the tee");
  const download = page.waitForEvent("download");
  await list.getByRole("button", { name: "Export as CSV" }).click();
  expect((await download).suggestedFilename()).toBe("shopping.csv");
  const amounts = list.locator(".shopping-row > :nth-child(2)");
  const clipped = await amounts.evaluateAll((all) => all.filter((one) => one.scrollWidth > one.clientWidth).length);
  expect(await amounts.count()).toBeGreaterThan(20);
  expect(clipped).toBe(0);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.getByRole("radio", { name: "Cut list" }).click();
  await expect(page.getByRole("region", { name: "Cut list" })).toContainText("Measure it first.");
  await page.getByRole("radio", { name: "Drill list" }).click();
  const holes = page.getByRole("region", { name: "Drill list" });
  await expect(holes).toContainText("80 mm from its rear edge");
  await expect(holes).toContainText("look for cables, fuel, brake and gas lines");
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.filter((one) => one.impact === "serious" || one.impact === "critical")).toEqual([]);
});

test("a hole that has no room is a snag and says so on its card; it moves to where it has some", async ({ page }) => {
  const plan = demo("petrel") as { tanks: { ports: { up_mm: number }[] }[] };
  plan.tanks[0]!.ports[2]!.up_mm = 6.5;
  await openPlan(page, plan, "parts");
  const snag = page.locator("#snags").getByRole("article").filter({ hasText: "has no room for its hole" });
  await page.getByRole("radio", { name: "Drill list" }).click();
  const holes = page.getByRole("region", { name: "Drill list" });
  await expect(holes).toContainText("There is no room here for the hole and its seal: they are 10 mm too close");
  await snag.getByRole("button", { name: /^Move “Drain” to 350 mm along and 17 mm up/ }).click();
  await expect(snag).toHaveCount(0);
  await expect(holes).not.toContainText("There is no room");
});

test("how long a piece was cut is written down without a connection, and goes into the plan with one click", async ({
  page,
}) => {
  await openPlan(page, demo("petrel"), "parts");
  await page.getByRole("radio", { name: "Cut list" }).click();
  const cuts = page.getByRole("region", { name: "Cut list" });
  const pieces = cuts.getByText(/Measure it first/);
  const before = await pieces.count();
  await page.context().setOffline(true);
  await cuts
    .getByRole("listitem")
    .first()
    .getByRole("button", { name: /^It is cut/ })
    .click();
  await cuts.getByLabel("Cut, in mm").fill("half a metre");
  await cuts.getByRole("button", { name: "Save" }).click();
  await expect(cuts.getByRole("alert")).toContainText("“half a metre” is not understood");
  await cuts.getByLabel("Cut, in mm").fill("655,5");
  await cuts.getByRole("button", { name: "Save" }).click();
  await expect(cuts).toContainText("Cut 655.5 mm, not sent yet.");
  await page.context().setOffline(false);
  await page.evaluate(() => dispatchEvent(new Event("online")));
  const put = cuts.getByRole("button", { name: /^Put .* into the plan/ });
  await put.click();
  await expect(put).toHaveCount(0);
  await expect(pieces).toHaveCount(before - 1);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(pieces).toHaveCount(before);
});

test("what is left in the workshop is cut from first, and less is bought", async ({ page }) => {
  const plan = demo("prompt-side") as { line: { pipes: { stock?: string; length_m?: number }[] } };
  for (const pipe of plan.line.pipes) pipe.length_m = 0.8;
  await openPlan(page, plan, "parts");
  await page.getByRole("radio", { name: "Shopping list" }).click();
  const name = "Crimped pipe, 16 mm";
  const amount = page
    .locator(".shopping-row")
    .filter({ has: page.getByRole("checkbox", { name: `Bought: ${name}`, exact: true }) })
    .locator(":nth-child(2)")
    .first();
  const before = await amount.innerText();
  await page.getByRole("radio", { name: "Cut list" }).click();
  const card = page.getByRole("region", { name });
  await card.getByLabel("In the workshop, in mm").fill("2400 short");
  await card.getByRole("button", { name: "Save" }).first().click();
  await expect(card.getByRole("alert")).toContainText("“short” is not understood");
  await card.getByLabel("In the workshop, in mm").fill("2400 1000");
  await card.getByRole("button", { name: "Save" }).first().click();
  await expect(card.getByText("From the workshop.")).toHaveCount(2);
  await page.getByRole("radio", { name: "Shopping list" }).click();
  await expect(amount).not.toHaveText(before);
});

test("how hoses are held is chosen for the plan, and clears or brings the snag of clamps at the pump", async ({
  page,
}) => {
  await openPlan(page, demo("petrel"), "parts");
  const snag = page.locator("#snags").getByText(/Screwed clamps hold the hose/);
  await expect(snag).toBeVisible();
  await page.getByRole("radio", { name: "crimped rings" }).click();
  await expect(snag).toHaveCount(0);
  await page.getByRole("radio", { name: "as usual for each" }).click();
  await expect(snag).toBeVisible();
});
