import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import { answer, field, glass, openFellside, saved, stored, type } from "./bench";

test("a figure whose sum cannot be asked for says so, and shows it when the server answers again", async ({ page }) => {
  await openFellside(page);
  await page.route("**/api/sums", (route) => route.abort());
  await page.getByRole("button", { name: /^Payload left/ }).click();
  const sum = page.getByRole("dialog");
  await expect(sum).toContainText(/\d+\skg/);
  await expect(sum.getByRole("status")).toHaveText("The sum appears when the server answers again.");
  await page.unroute("**/api/sums");
  await expect(sum).toContainText("limit − “Rear axle, on the road”");
});

test("verdict and drawing of a change are shown together, also when one of them is late or has to be asked for again", async ({
  page,
}) => {
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
  await page
    .getByRole("button", { name: /^Tail tank/ })
    .first()
    .click();
  await page.getByRole("button", { name: "Its sizes, on Tanks" }).click();
  await expect(page).toHaveURL(/\/tanks$/);
  await expect(field(page, "/tanks/0/name")).toBeFocused();
});

test("of the line only what is opened is read, in the same answer as the verdict, and while the server is away it says so", async ({
  page,
}) => {
  const id = await openFellside(page, "line");
  const pump = page.getByRole("region", { name: "Pressure pump", exact: true });
  const fields = page.locator('[data-pointer^="/line/"][data-pointer*="_"]');
  await page
    .getByRole("button", { name: /^Pressure pump/ })
    .first()
    .click();
  await expect(pump.getByLabel("Height", { exact: true })).not.toHaveValue("");
  const at = (await pump.getByLabel("Height", { exact: true }).getAttribute("data-pointer"))!;
  await type(page, at, "2 ft");
  await expect(field(page, at)).toHaveValue("609.6");
  await expect.poll(async () => (await stored(page, id)).line.parts[Number(at.split("/")[3])].z_m).toBe(0.6096);

  await page.route("**/api/assess?*", (route) => route.abort());
  await page
    .getByRole("button", { name: /^Accumulator/ })
    .first()
    .click();
  const vessel = page.getByRole("region", { name: "Accumulator", exact: true });
  await expect(vessel.getByRole("status").first()).toHaveText("Its figures appear when the server answers again.");
  await expect(fields).toHaveCount(0);
  await page.unroute("**/api/assess?*");
  await expect(vessel.getByLabel("Precharge", { exact: true })).not.toHaveValue("");

  // Elsewhere and back: the part is still opened, with what was changed.
  await page.keyboard.press("3");
  await expect(page).toHaveURL(/\/tanks$/);
  await page.goBack();
  await expect(vessel.getByLabel("Precharge", { exact: true })).not.toHaveValue("");
});

test("what each outlet gives at its worst and at its best follows what is typed", async ({ page }) => {
  await openFellside(page, "line");
  const outlets = page.getByRole("region", { name: "What is open" });
  const said = outlets
    .getByText(/with a low battery, old filters and the tank nearly empty; .* while the battery is charging/)
    .first();
  const before = await said.textContent();
  await page
    .getByRole("button", { name: /^Pressure pump/ })
    .first()
    .click();
  await page
    .getByRole("region", { name: "Pressure pump", exact: true })
    .getByRole("button", { name: "Turn round" })
    .click();
  await expect(said).toHaveText(/^0\s/);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(said).toHaveText(before ?? "");
});

test("what an outlet gives on mains comes with its extremes, and its sum says what is assumed", async ({ page }) => {
  const file = new URL("../../catalogue/plans/prompt-side.json", import.meta.url);
  const reply = await page.request.post("/api/plans/import", { data: JSON.parse(readFileSync(file, "utf8")) });
  await page.goto(`/plans/${(await reply.json()).id}/line`);
  const outlets = page.getByRole("region", { name: "What is open" });
  await expect(outlets).toContainText(/On mains at \d+\skPa: \d+(\.\d)?\sL\/min/);
  await outlets
    .getByTitle(/, on mains: open the sum/)
    .first()
    .click();
  const sum = page.getByRole("dialog");
  await expect(sum.getByRole("row", { name: /mains at their highest pressure/ })).toContainText("change");
  await expect(sum.getByRole("row", { name: /the site’s tap and ten metres of hose/ })).toContainText("assumed");
});
