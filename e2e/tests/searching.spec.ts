import { readFileSync } from "node:fs";
import { expect, type Page, test } from "@playwright/test";
import { answer, FELLSIDE, field, openFellside, openPlan, saved, type } from "./bench";

/** As many bays as a plan holds, each with as much in the way as it holds: a search in it takes seconds. */
function crowded(): unknown {
  const plan = JSON.parse(readFileSync(FELLSIDE, "utf8"));
  for (let bay = plan.bays.length; bay < 12; bay++)
    plan.bays.push({
      ...plan.bays[0],
      id: `bay-${bay}`,
      name: `Bay ${bay}`,
      length_mm: 2500,
      width_mm: 1200,
      height_mm: 900,
    });
  plan.bays = plan.bays.map((bay: { id: string }, of: number) => ({
    ...bay,
    obstructions: Array.from({ length: 20 }, (_, at) => ({
      id: `${bay.id}-${at}`,
      name: `Strut ${at}`,
      x_mm: (at * 397 + of * 83) % 2400,
      y_mm: (at * 151 + of * 47) % 1150,
      z_mm: (at * 211 + of * 29) % 850,
      length_mm: 120,
      width_mm: 90,
      height_mm: 80,
    })),
  }));
  return plan;
}

const search = (page: Page) => page.getByRole("button", { name: "Find a tank that fits" }).click();
const status = (page: Page) => page.getByRole("region", { name: "Tanks you can buy" }).getByRole("status");

test("a search says how far it is, ends with what it has found when it is stopped, and holds nobody else up", async ({
  page,
  context,
}) => {
  await openPlan(page, crowded(), "tanks");
  const other = await context.newPage();
  await openFellside(other, "use");
  await search(page);
  await page.getByRole("radio", { name: "pairs", exact: true }).click();
  await expect(status(page)).toContainText(/Trying pairs: \d+ of \d+ …/);
  // Meanwhile somebody else's plan answers.
  await type(other, "/use/crew", "3");
  await expect(answer(other)).not.toContainText("Working");
  await saved(other);
  await status(page).getByRole("button", { name: "Stop" }).click();
  await expect(status(page)).toContainText(/Stopped: \d+ of \d+ tried\./);
  await status(page).getByRole("button", { name: "Search again" }).click();
  await expect(status(page)).not.toContainText("Stopped");
});

test("a search that was cut off says so and is not asked again by itself", async ({ page }) => {
  let asked = 0;
  await page.route("**/api/stock?*", async (route) => {
    asked++;
    if (asked > 1) return route.continue();
    return route.fulfill({ contentType: "application/x-ndjson", body: '{"done":1,"of":40}\n' });
  });
  await openFellside(page, "tanks");
  await search(page);
  await expect(status(page)).toContainText("This search was cut off before its end.");
  await type(page, "/tanks/0/name", "Tail");
  await saved(page);
  await expect(field(page, "/tanks/0/name")).toHaveValue("Tail");
  await expect(status(page)).toContainText("positions tried");
  expect(asked).toBe(2);
});

test("fixes that were not all tried are there, and it is said that others are missing", async ({ page }) => {
  await page.route("**/api/fixes?*", async (route) => {
    const reply = await route.fetch();
    const lines = (await reply.text()).trim().split("\n");
    const last = JSON.parse(lines.at(-1)!);
    const body = JSON.stringify({
      found: last.found.slice(0, 1),
      stopped: "This search was stopped after 6 s of computing: 1 of 4 tried.",
    });
    await route.fulfill({ response: reply, body: `${body}\n` });
  });
  await openFellside(page, "tanks");
  await expect(page.getByRole("complementary", { name: "Snags" })).toContainText(
    "Not every snag has its fixes. This search was stopped after 6 s of computing: 1 of 4 tried.",
  );
});
