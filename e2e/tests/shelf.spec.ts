import { expect, test } from "@playwright/test";
import { answer, openFellside, saved, type } from "./bench";

test("the shelf shows each plan's rig, answer and worst snag, and what is sought is found", async ({ page }) => {
  await openFellside(page, "load");
  const name = `Shelf ${Date.now()}`;
  await page.getByLabel("Name of the plan").fill(name);
  await saved(page);
  await expect
    .poll(async () =>
      (await (await page.request.get("/api/plans")).json()).plans.map((plan: { name: string }) => plan.name),
    )
    .toContain(name);
  await page.getByRole("link", { name: "Plans" }).click();
  const card = page.getByRole("listitem").filter({ hasText: name });
  await expect(card).toContainText("Travel with 45 L at most.");
  await expect(card).toContainText("Stop: The rear axle is 42 kg over its limit on the road.");
  await expect(card.locator("svg path").first()).toHaveAttribute("d", /^M/);
  await card.getByRole("button", { name: `Duplicate ${name}` }).click();
  await expect(page.getByRole("link", { name: `${name}, copy` })).toBeVisible();
  await page.getByLabel("Find").fill(`${name} rear axle`);
  await expect(page.getByRole("listitem")).toHaveCount(2);
  await page.getByRole("radio", { name: "by name" }).click();
  await expect(page.getByRole("listitem").first()).not.toContainText("copy");
  await page.getByLabel("Find").fill("no such plan anywhere");
  await expect(page.getByRole("status")).toHaveText("No plan mentions “no such plan anywhere”.");
});

test("the first answers say what the plan will have trouble with", async ({ page }) => {
  await page.goto("/new");
  const preview = page.getByRole("region", { name: "What the plan will say" });
  await expect(preview).toContainText("Carry 95 L for 3 days.");
  await expect(preview).not.toContainText("short");
  await page.getByLabel("1 How many people?").fill("8");
  await page.getByRole("radio", { name: "wild nights" }).click();
  await page.getByRole("radio", { name: "generous" }).click();
  await page.getByLabel("3 How many days between two fills?").fill("7");
  await expect(preview).toContainText(/\d+\skg over before any water\./);
  await expect(preview).toContainText("Stop: ");
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(answer(page)).toBeVisible();
  await type(page, "/use/days", "1");
});
