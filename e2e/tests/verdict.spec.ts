import { expect, test } from "@playwright/test";
import { answer, field, glass, openFellside, saved, type } from "./bench";

test("a figure whose sum cannot be asked for says so, and shows it when the server answers again", async ({ page }) => {
  await openFellside(page);
  await page.route("**/api/sums", (route) => route.abort());
  await page.getByRole("button", { name: /^Payload left/ }).click();
  const sum = page.getByRole("dialog");
  await expect(sum).toContainText(/\d+\skg/);
  await expect(sum.getByRole("status")).toHaveText("The sum is shown when the server answers again.");
  await page.unroute("**/api/sums");
  await expect(sum).toContainText("limit − the most that rests on it");
});

test("verdict and drawing of a change are shown together, also when one of them is late or has to be asked for again", async ({ page }) => {
  await openFellside(page, "tanks");
  let release = () => {};
  let hold: Promise<void> | undefined = new Promise((resolve) => {
    release = resolve;
  });
  let refusals = 1;
  await page.route("**/api/drawing?*", async (route) => {
    await hold;
    await (refusals-- > 0 ? route.abort() : route.continue()).catch(() => undefined);
  });
  const before = await glass(page, "Payload left").textContent();
  const said = await answer(page).textContent();
  await type(page, "/tanks/0/length_mm", "700 mm");
  await saved(page);
  await expect(glass(page, "Payload left")).toHaveText(before ?? "");
  await expect(answer(page)).toHaveText(said ?? "");
  hold = undefined;
  release();
  await expect(glass(page, "Payload left")).not.toHaveText(before ?? "");
  await expect(field(page, "/tanks/0/length_mm")).toHaveValue("700");
});

test("from a tank in the line a button leads to where it is changed", async ({ page }) => {
  await openFellside(page, "line");
  await page.getByRole("button", { name: /^Tail tank/ }).first().click();
  await page.getByRole("button", { name: "Its sizes, on Tanks" }).click();
  await expect(page).toHaveURL(/\/tanks$/);
  await expect(field(page, "/tanks/0/name")).toBeFocused();
});
