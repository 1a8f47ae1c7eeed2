import AxeBuilder from "@axe-core/playwright";
import { expect, test } from "@playwright/test";

/** Two ends apart from any plan, and one that somebody holds in the hand. */

test("what joins this to that is said as soon as both are described", async ({ page }) => {
  await page.goto("/");
  await page.getByRole("link", { name: "What joins this to that?" }).click();
  const [one, other] = [page.getByRole("group", { name: "This" }), page.getByRole("group", { name: "That" })];
  const verdict = page.getByRole("region", { name: "What comes of it" });
  await expect(verdict).toContainText("Say what both ends are.");
  await one.getByLabel("Over its ridge").fill("13.4");
  await other.getByLabel("Inside").fill("1/2 in");
  await expect(verdict).toContainText("Tight with a clamp or ring.");
  await other.getByLabel("Inside").fill("a half");
  await expect(other.getByRole("alert")).toBeVisible();
  await other.getByLabel("Inside").fill("15");
  await expect(verdict).toContainText("Goes together, and leaks.");
  // Two threads that look alike.
  await one.getByLabel("Sort of end").selectOption({ label: "thread" });
  await other.getByLabel("Sort of end").selectOption({ label: "thread" });
  await one.getByLabel("Size, in inches").selectOption("1/2");
  await other.getByLabel("Standard").selectOption({ label: "American tapered pipe thread (ASME B1.20.1)" });
  await other.getByLabel("Size, in inches").selectOption("1/2");
  await other.getByLabel("Sex").selectOption("female");
  await expect(verdict).toContainText("55° against 60°");
  // A size that only one standard has does not stay with another.
  await other.getByLabel("Standard").selectOption({ label: "garden hose thread (ASME B1.20.7)" });
  await expect(other.getByLabel("Size, in inches")).toHaveValue("3/4");
  await expect(verdict).toContainText("Does not go together.");
});

test("what was measured is named, the likeliest first, with what tells it apart", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto("/joints");
  const found = page.getByRole("region", { name: "What is this?" });
  await found.getByLabel("Diameter").fill("20.9");
  await found.getByLabel("Threads an inch").fill("14");
  await expect(found.getByRole("listitem").first()).toContainText("Parallel pipe thread (ISO 228), 1/2, male");
  await expect(found.getByRole("listitem").first()).toContainText("runs parallel");
  await found.getByRole("radio", { name: "it narrows" }).click();
  await expect(found.getByRole("listitem").first()).toContainText("Tapered pipe thread (ISO 7)");
  await found.getByLabel("Diameter").fill("200");
  await expect(found).toContainText("Nothing we know of comes close.");
  await found.getByLabel("Diameter").fill("a lot");
  await expect(found.getByRole("alert")).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.filter((one) => one.impact === "serious" || one.impact === "critical")).toEqual([]);
});
