import { expect, test } from "@playwright/test";
import { field, openFellside, saved, stored, type } from "./bench";
import { pause } from "./launched";

test("tanks and loads are dragged, stay inside the rig and out of each other", async ({ page }) => {
  const id = await openFellside(page, "tanks");
  const drawing = page.getByRole("group", { name: /tanks in the rig/ });
  await page.getByRole("radio", { name: "anywhere in the rig" }).click();
  const fromAbove = drawing.getByRole("button", { name: "Tail tank, move along and across the rig" });
  await fromAbove.scrollIntoViewIfNeeded();
  const box = (await fromAbove.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 40, y + 300, { steps: 8 });
  await page.mouse.up();
  await saved(page);
  const tank = (await stored(page, id)).tanks[0];
  expect(tank.x_m).toBeLessThan(4.2);
  expect(tank.y_m).toBeCloseTo(1 - 0.185, 3);
  await fromAbove.focus();
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("Shift+ArrowLeft");
  await expect(page.locator(".edge-save")).toContainText("revision");
  await expect.poll(async () => (await stored(page, id)).tanks[0].y_m).toBeCloseTo(0.8, 3);
  await page.getByRole("button", { name: "Undo" }).click({ clickCount: 3 });
  await expect.poll(async () => (await stored(page, id)).tanks[0].y_m).toBe(-0.78);
});

test("uses, loads and tanks come and go", async ({ page }) => {
  const id = await openFellside(page);
  await page.getByRole("button", { name: "Add a use" }).click();
  await page.getByRole("menuitem", { name: "Laundry" }).click();
  await expect(page.getByRole("article", { name: "Laundry" })).toContainText("8.3 L a day");
  await expect(page.getByLabel("What it is for")).toBeFocused();
  await page.getByLabel("What it is for").fill("Sunday wash");
  await expect(page.getByRole("article", { name: "Sunday wash" })).toBeVisible();
  await page.getByRole("button", { name: "Remove Sunday wash" }).click();
  await expect(page.getByRole("button", { name: "Add a use" })).toBeFocused();
  await page.getByRole("radio", { name: "generous" }).click();
  // The amounts of the demonstration are its crew's own.
  await expect(field(page, "/use/uses/4/minutes")).toHaveValue("3");
  await page.getByRole("button", { name: "Replace them too" }).click();
  await expect(field(page, "/use/uses/4/minutes")).toHaveValue("4");
  await page.keyboard.press("Escape");
  await page.getByRole("link", { name: /^Load/ }).click();
  await page.getByRole("button", { name: "Add a load" }).click();
  await page.getByLabel("What it is").fill("Spare wheel");
  await type(page, "/load/loads/3/kg", "28 kg");
  await page.getByRole("link", { name: /^Tanks/ }).click();
  await page.getByRole("button", { name: "Add a can" }).click();
  await expect(page.getByLabel("Name of the tank")).toBeFocused();
  await page.getByRole("button", { name: "Remove" }).click();
  await expect(page.getByRole("button", { name: "Tail tank", exact: true })).toBeFocused();
  await page.getByRole("button", { name: "Add a tank" }).click();
  const [along, across] = [field(page, "/tanks/3/length_mm"), field(page, "/tanks/3/width_mm")];
  await expect(along).not.toHaveValue("");
  const [length, width] = [await along.inputValue(), await across.inputValue()];
  await page.getByRole("button", { name: "Turn" }).click();
  await expect(along).toHaveValue(width);
  await expect(across).toHaveValue(length);
  await expect.poll(async () => (await stored(page, id)).tanks.length).toBe(4);
  const plan = await stored(page, id);
  expect(plan.load.loads[3]).toMatchObject({ name: "Spare wheel", kg: 28 });
  expect(plan.tanks.map((tank: { id: string }) => tank.id).join(" ")).toMatch(
    /^tail drink-cans waste tank-[a-z2-9]{4}$/,
  );
  expect(plan.use.uses).toHaveLength(7);
});

test("what is added and removed before the answer comes leaves nothing waiting", async ({ page }) => {
  await openFellside(page);
  await page.getByRole("link", { name: /^Tanks/ }).click();
  const add = page.getByRole("button", { name: "Add a tank" });
  await expect(add).toBeVisible();
  await page.route("**/api/assess?*", async (route) => {
    await pause(1000);
    await route.continue();
  });
  await page.getByRole("button", { name: "Add a can" }).click();
  await page.getByRole("button", { name: "Remove" }).click();
  await add.click();
  await expect(field(page, "/tanks/3/length_mm")).not.toHaveValue("");
  await expect(add).toHaveAttribute("aria-busy", "false");
});
