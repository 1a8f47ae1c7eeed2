import { readFileSync } from "node:fs";
import AxeBuilder from "@axe-core/playwright";
import { expect, type Locator, type Page, test } from "@playwright/test";
import { answer, FELLSIDE, field, openItem, openPlan, stored, type } from "./bench";

/** What is opened, where its fields are, and how it is closed. */
const opened = (page: Page): Locator => page.locator(".opened");
const fellside = () => JSON.parse(readFileSync(FELLSIDE, "utf8"));
const inRows = (page: Page, name: string) => page.locator("#tanks-list").getByRole("button", { name, exact: true });

for (const [width, height] of [
  [1280, 800],
  [390, 844],
  [844, 390],
] as const)
  test.describe(`at ${width} × ${height}`, () => {
    test.use({ viewport: { width, height }, hasTouch: width < 900 });

    test("a tank, a bay, a part and a pipe open in sight, and Escape, Back and Close close them", async ({ page }) => {
      await openPlan(page, fellside(), "tanks");
      await expect(opened(page)).toHaveCount(0);
      await inRows(page, "Tail tank").click();
      for (const close of ["Escape", "Back", "Close"]) {
        const panel = opened(page);
        await expect(panel).toBeInViewport();
        await expect(panel.getByLabel("Name of the tank")).toBeInViewport({ ratio: 1 });
        await expect(panel.getByRole("heading", { level: 2 })).toBeFocused();
        if (close === "Escape") await page.keyboard.press("Escape");
        else if (close === "Back") await page.goBack();
        else await panel.getByRole("button", { name: "Close" }).click();
        await expect(panel).toHaveCount(0);
        await expect(page).toHaveURL(/\/tanks$/);
        await expect(inRows(page, "Tail tank")).toBeFocused();
        await page.keyboard.press("Enter");
      }
      await openItem(page, "Tail locker");
      await expect(opened(page).getByLabel("Name of the bay")).toBeInViewport({ ratio: 1 });
      await opened(page).getByRole("button", { name: "Close" }).click();
      await page.evaluate(() => window.scrollTo(0, 0));
      await page.getByRole("link", { name: /^Line/ }).click();
      await page.getByRole("button", { name: "Ball valve, shut-off valve" }).click();
      await expect(opened(page).getByLabel("Name of the part")).toBeInViewport({ ratio: 1 });
      // What was pressed stays in sight beside its fields.
      await expect(page.getByRole("button", { name: "Ball valve, shut-off valve" })).toBeInViewport();
      await page.keyboard.press("Escape");
      await page.getByRole("button", { name: /^Pipe 1, / }).press("Enter");
      await expect(opened(page).getByLabel("Name of the pipe")).toBeInViewport({ ratio: 1 });
      expect((await new AxeBuilder({ page }).analyze()).violations.filter((one) => one.impact !== "minor")).toEqual([]);
    });

    test("Back closes a sum, then the panel under it, and only then leaves", async ({ page }) => {
      await openPlan(page, fellside(), "use");
      await page.evaluate(() => window.scrollTo(0, 0));
      await page.getByRole("link", { name: /^Tanks/ }).click();
      await openItem(page, "Tail tank");
      await page
        .locator(".glass")
        .getByRole("button", { name: /^Payload left/ })
        .click();
      await expect(page.getByRole("dialog").getByRole("button", { name: "Close" })).toBeVisible();
      await page.goBack();
      await expect(page.getByRole("dialog")).toHaveCount(0);
      await expect(opened(page)).toBeVisible();
      await page.goBack();
      await expect(opened(page)).toHaveCount(0);
      await expect(page).toHaveURL(/\/tanks$/);
      await page.goBack();
      await expect(page).toHaveURL(/\/use$/);
    });
  });

test("the fields are grouped, the item's own snags come first, and a size on the drawing is typed", async ({
  page,
}) => {
  const id = await openPlan(page, fellside(), "tanks");
  const onDrawing = page.locator(".size-field input");
  await page.getByRole("button", { name: "Overflow at: 345 mm. Type it" }).click();
  await expect(onDrawing).toBeFocused();
  // What is not understood stays where it was typed, with the reason.
  await page.keyboard.type("3 sacks");
  await page.keyboard.press("Enter");
  await expect(page.locator(".size-field").getByRole("alert")).toBeVisible();
  await expect(onDrawing).toHaveValue("3 sacks");
  await onDrawing.fill("340");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: "Overflow at: 340 mm. Type it" })).toBeFocused();
  await expect(onDrawing).toHaveCount(0);
  await expect.poll(async () => (await stored(page, id)).tanks[0].overflow_height_mm).toBe(340);
  // By the keyboard alone, and taken back.
  await page.keyboard.press("Enter");
  await page.keyboard.type("330");
  await page.keyboard.press("Escape");
  await expect(onDrawing).toHaveCount(0);
  await expect.poll(async () => (await stored(page, id)).tanks[0].overflow_height_mm).toBe(340);
  await inRows(page, "Tail tank").click();
  await expect(opened(page).getByRole("group")).toHaveText([
    /^Size/,
    /^Outlet, overflow and level/,
    /^Place/,
    /^Restraint/,
    /^Baffles/,
  ]);
  await expect(opened(page).getByRole("group", { name: "Restraint" }).getByLabel("Strap angle")).toBeVisible();
  await expect(page.getByRole("button", { name: "Its snags, 1" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Other snags on this stage, 1" })).toBeVisible();
  // The drawing shows what is being typed.
  await field(page, "/tanks/0/length_mm").focus();
  await expect(page.locator("#bench svg .size-text[data-focused]").first()).toHaveText("950 mm");
});

test("a tank that is pressed opens, and one that is dragged does not", async ({ page }) => {
  await openPlan(page, fellside(), "tanks");
  const tank = page.getByRole("button", { name: /^Tail tank.*move along the rig$/ });
  const box = (await tank.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 30, box.y + box.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect(answer(page)).toBeVisible();
  await expect(opened(page)).toHaveCount(0);
  await tank.click({ force: true });
  await expect(opened(page)).toHaveAttribute("aria-label", "Tail tank");
});

test("undo survives a reload, back and forth", async ({ page }) => {
  const id = await openPlan(page, fellside(), "use");
  await type(page, "/use/crew", "3");
  await type(page, "/use/days", "5");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect.poll(async () => (await stored(page, id)).use).toMatchObject({ crew: 3, days: 3 });
  await page.reload();
  await page.getByRole("button", { name: "Redo" }).click();
  await expect(field(page, "/use/days")).toHaveValue("5");
  await page.getByRole("button", { name: "Undo" }).click();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(field(page, "/use/crew")).toHaveValue(String(fellside().use.crew));
  await expect(field(page, "/use/days")).toHaveValue("3");
});

test("an old answer is marked as one, and Begin says that it has begun", async ({ page }) => {
  let hold = true;
  await page.route("**/api/plans/preview", async (route) => {
    const held = hold && route.request().postDataJSON().crew === "6";
    if (held) await new Promise((over) => setTimeout(over, 1500));
    await route.continue().catch(() => undefined);
  });
  await page.goto("/new");
  const preview = page.getByRole("region", { name: "What the plan will say" });
  await expect(preview).toContainText("Carry");
  await page.getByLabel("1 How many people?").fill("6");
  await expect(preview).toContainText("This is for your earlier answers. Working it out …");
  await expect(preview).not.toContainText("earlier answers");
  hold = false;
  await page.route("**/api/plans", async (route) => {
    await new Promise((over) => setTimeout(over, 1000));
    await route.continue();
  });
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByRole("button", { name: "Beginning …" })).toBeVisible();
  await expect(page).toHaveURL(/\/plans\/\w+\/use$/);
});

test("an answer that takes long says that it is the one from before, and after which change", async ({ page }) => {
  await openPlan(page, fellside(), "use");
  let slow = false;
  await page.route("**/api/assess?*", async (route) => {
    if (slow) await new Promise((over) => setTimeout(over, 4500));
    await route.continue().catch(() => undefined);
  });
  slow = true;
  await type(page, "/use/crew", "5");
  await expect(page.locator(".answer-note")).toHaveText(
    "Still working it out. This is the answer from before (people).",
  );
  await expect(page.locator(".answer-note")).toHaveCount(0);
});
