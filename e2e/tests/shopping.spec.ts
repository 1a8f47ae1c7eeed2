import AxeBuilder from "@axe-core/playwright";
import { expect, type Locator, type Page, test } from "@playwright/test";
import { demo, openPlan, snag } from "./bench";

/** Buying: ticked in the shop, by several hands, with a connection or without. */

const list = (page: Page): Locator => page.getByRole("region", { name: "Shopping list" });
const tick = (page: Page, name: string): Locator =>
  list(page).getByRole("checkbox", { name: `Bought: ${name}`, exact: true });
const row = (page: Page, name: string): Locator =>
  list(page)
    .locator(".shopping-row")
    .filter({ has: page.getByRole("checkbox", { name: `Bought: ${name}`, exact: true }) });

async function openList(page: Page): Promise<void> {
  await page.getByRole("radio", { name: "Shopping list" }).click();
  await expect(list(page)).toContainText("lines bought");
}

async function say(page: Page, name: string, fields: Record<string, string>): Promise<void> {
  await row(page, name).getByRole("button", { name, exact: true }).click();
  for (const [label, text] of Object.entries(fields)) await row(page, name).getByLabel(label).fill(text);
  await row(page, name).getByRole("button", { name: "Save" }).click();
}

test("what is ticked in the shop without a connection reaches the desk, and is not lost with the page", async ({
  page,
  browser,
}) => {
  const id = await openPlan(page, demo("petrel"), "parts");
  await openList(page);
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const hand = await phone.newPage();
  await hand.goto(`/plans/${id}/parts`);
  await openList(hand);
  await phone.setOffline(true);
  await tick(hand, "Bowl strainer, 12 mm").tap();
  await tick(hand, "Galley tap").tap();
  await expect(tick(hand, "Galley tap")).toBeChecked();
  await expect(hand.locator(".edge-plan")).toContainText("2 purchases not sent yet");
  expect(await hand.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await tick(hand, "Galley tap").tap();
  await expect(tick(hand, "Galley tap")).not.toBeChecked();
  await tick(page, "Pressure pump, 4 L/min").click();
  await phone.setOffline(false);
  await hand.evaluate(() => dispatchEvent(new Event("online")));
  await expect(hand.locator(".edge-plan")).not.toContainText("not sent yet");
  await expect(tick(hand, "Pressure pump, 4 L/min")).toBeChecked();
  await page.reload();
  await openList(page);
  await expect(list(page)).toContainText("2 of 40 lines bought");
  await expect(tick(page, "Bowl strainer, 12 mm")).toBeChecked();
  await expect(tick(page, "Galley tap")).not.toBeChecked();
  await phone.close();
});

test("so many of several, at one’s own price and shop; what is no number is said at its field", async ({ page }) => {
  await openPlan(page, demo("petrel"), "parts");
  await openList(page);
  await list(page).getByLabel("Your prices are in").fill(" ");
  await list(page).getByLabel("Your prices are in").fill("£");
  await say(page, "Tee, 12 mm", { "Your price for one": "9999999" });
  await expect(row(page, "Tee, 12 mm").getByRole("alert")).toContainText("from 0 to 1 000 000");
  await row(page, "Tee, 12 mm").getByRole("button", { name: "Cancel" }).click();
  await say(page, "Tee, 12 mm", { "Bought, of 2": "one" });
  await expect(row(page, "Tee, 12 mm").getByRole("alert")).toContainText("“one” is not understood");
  await row(page, "Tee, 12 mm").getByLabel("Bought, of 2").fill("1");
  await row(page, "Tee, 12 mm").getByLabel("Your price for one").fill("3,20");
  await row(page, "Tee, 12 mm").getByLabel("Your shop").fill("Harbour store");
  await row(page, "Tee, 12 mm").getByRole("button", { name: "Save" }).click();
  const store = list(page).getByRole("region", { name: "Harbour store" });
  await expect(store).toContainText("1 bought");
  await expect(store).toContainText("6.40");
  await expect(list(page)).toContainText("6.40 £ at your prices");
  await expect(list(page)).toContainText("0 of 40 lines bought");
  // What was said is there when it is opened again, in another window too.
  await page.reload();
  await openList(page);
  await row(page, "Tee, 12 mm").getByRole("button", { name: "Tee, 12 mm", exact: true }).click();
  await expect(row(page, "Tee, 12 mm").getByLabel("Your price for one")).toHaveValue("3.2");
  await expect(row(page, "Tee, 12 mm").getByLabel("Your shop")).toHaveValue("Harbour store");
  await row(page, "Tee, 12 mm").getByRole("button", { name: "Cancel" }).click();
  await tick(page, "Tee, 12 mm").click();
  await expect(list(page)).toContainText("1 of 40 lines bought");
  await list(page).getByLabel("Hide what is bought").click();
  await expect(tick(page, "Tee, 12 mm")).toHaveCount(0);
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.filter((one) => one.impact === "serious" || one.impact === "critical")).toEqual([]);
});

test("what was bought instead is a snag until the plan has it, and then counts as bought", async ({ page }) => {
  await openPlan(page, demo("petrel"), "parts");
  await openList(page);
  await say(page, "Ball valve, 12 mm", { "Bought, of 1": "1", "Bought instead": "ball valve, 15 mm" });
  const differs = snag(page, "Ball valve, 15 mm was bought instead of Ball valve, 12 mm");
  await differs.getByRole("button", { name: "Put Ball valve, 15 mm into the plan" }).click();
  await expect(differs).toHaveCount(0);
  await expect(tick(page, "Ball valve, 15 mm")).toBeChecked();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(differs).toBeVisible();
});

test("what the plan no longer needs is listed until it is taken back", async ({ page }) => {
  await openPlan(page, demo("petrel"), "parts");
  await openList(page);
  await say(page, "Tee, 12 mm", { "Bought, of 2": "3" });
  await expect(snag(page, "You bought more of Tee, 12 mm than the plan needs")).toBeVisible();
  await say(page, "Tee, 12 mm", { "Bought, of 2": "2" });
  await expect(snag(page, "than the plan needs")).toHaveCount(0);
  await page.getByRole("radio", { name: "Joints" }).click();
  const rings = page.getByRole("radio", { name: "crimped rings" });
  await openList(page);
  await tick(page, "Hose clamp, 12 to 20 mm").click();
  await page.getByRole("radio", { name: "Joints" }).click();
  await rings.click();
  await openList(page);
  const spare = list(page).getByRole("region", { name: "Bought, and not needed" });
  await expect(spare).toContainText("Hose clamp, 12 to 20 mm");
  await spare.getByRole("button", { name: "Taken back" }).click();
  await expect(spare).toHaveCount(0);
});

test("the table goes out, and comes back with what somebody wrote into it", async ({ page }) => {
  await openPlan(page, demo("petrel"), "parts");
  await openList(page);
  const take = (text: string) =>
    list(page)
      .getByLabel("Import a CSV")
      .setInputFiles({ name: "shopping.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
  await take("item,have,own_price\r\ntee-12,two,3.10\r\n");
  await expect(list(page).getByRole("alert")).toContainText("Line 2, have");
  await take("item,have,own_price,own_shop\r\ntee-12,2,3.10,24\r\n");
  await expect(list(page).getByRole("region", { name: "24", exact: true })).toContainText("6.20");
  await expect(tick(page, "Tee, 12 mm")).toBeChecked();
});
