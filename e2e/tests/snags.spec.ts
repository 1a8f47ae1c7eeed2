import { expect, type Page, test } from "@playwright/test";
import { answer, field, glass, openFellside, openItem, saved, snag, stored, type } from "./bench";

/** The middle of the tail tank's outlet, which is 15 mm wide. */
const OUTLET = "/tanks/0/ports/3/up_mm";
const openOutlet = (page: Page) => page.getByRole("button", { name: /^Outlet/ }).click();

test("a snag appears, says why, and its fix clears it in one undo step", async ({ page }) => {
  await openFellside(page, "load");
  await expect(answer(page)).toHaveText("Travel with 45 L at most.");
  const over = snag(page, "The rear axle is 42 kg over its limit");
  await expect(over).toContainText("its limit is 1 850 kg");
  await expect(over).toContainText(/you are \d+\sL short for 3\sdays/);
  await over.getByRole("button", { name: "Move Boots, hose, flags 1 500 mm forward" }).click();
  await expect(over).toHaveCount(0);
  await expect(page.locator("#snags")).toBeFocused();
  await expect(glass(page, "Payload left")).toContainText("was −42 kg");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(over).toBeVisible();
  await expect(glass(page, "Payload left")).toContainText("(undone: Move Boots, hose, flags 1 500 mm forward)");
  await page.getByRole("button", { name: "Redo" }).click();
  await expect(over).toHaveCount(0);

  await page.keyboard.press("]");
  await snag(page, "below the outlet").getByRole("button", { name: "Move the outlet to 14 mm" }).click();
  await openItem(page, "Tail tank");
  await openOutlet(page);
  await expect(field(page, OUTLET)).toHaveValue("21.5");
  await expect(page.getByRole("link", { name: "Tanks: clear" })).toBeVisible();
  await type(page, OUTLET, "60 mm");
  await expect(snag(page, "below the outlet can never be used")).toBeVisible();
});

test("a snag is said before its fixes are tried, and only what is proven of the plan as it is now can be pressed", async ({
  page,
}) => {
  let hold: Promise<void> | undefined;
  let away = false;
  await page.route("**/api/fixes?*", async (route) => {
    await hold;
    await (away ? route.abort() : route.continue()).catch(() => undefined);
    away = false;
  });
  const id = await openFellside(page, "tanks");
  await openOutlet(page);
  const low = snag(page, "below the outlet");
  const fix = low.getByRole("button", { name: "Move the outlet to 14 mm" });
  await expect(fix).toBeEnabled();

  let release = () => {};
  hold = new Promise((resolve) => {
    release = resolve;
  });
  await type(page, OUTLET, "77.5 mm");
  // The new figure is there; the button from before stays, and does nothing.
  await expect(low).toContainText(/25\sL below the outlet/);
  await expect(fix).toBeDisabled();
  await fix.click({ force: true });
  await saved(page);
  expect((await stored(page, id)).tanks[0].ports[3].up_mm).toBe(77.5);
  // The server is away when it comes to that, and back when it is asked again.
  away = true;
  release();
  await expect(fix).toBeEnabled();
  await fix.click();
  await expect(low).toHaveCount(0);
  await expect(field(page, OUTLET)).toHaveValue("21.5");
});
