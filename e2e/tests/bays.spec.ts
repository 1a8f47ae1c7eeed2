import { expect, test } from "@playwright/test";
import { answer, field, openFellside, saved, snag, stored, type } from "./bench";
import { pause } from "./launched";

test("by keyboard alone a bay is added, taped from another datum, given an obstruction, and a tank put into it", async ({
  page,
}) => {
  const id = await openFellside(page, "tanks");
  const press = async (name: string | RegExp, key = "Enter") => {
    await page.getByRole("button", { name, exact: true }).focus();
    await page.keyboard.press(key);
  };
  const enter = async (pointer: string, text: string) => {
    await field(page, pointer).focus();
    // On a busy machine Chromium sometimes drops a selection made as the field was drawn: whoever sees that selects it again.
    const isAllSelected = (input: HTMLInputElement) =>
      input.selectionStart === 0 && input.selectionEnd === input.value.length;
    await expect(async () => {
      await page.keyboard.press("ControlOrMeta+a");
      expect(await field(page, pointer).evaluate(isAllSelected)).toBe(true);
    }).toPass();
    await page.keyboard.type(text);
    await page.keyboard.press("Enter");
  };
  await press("Add a bay");
  await expect(page.getByLabel("Name of the bay")).toBeFocused();
  await page.keyboard.press("ControlOrMeta+a");
  await page.keyboard.type("Bench box");
  const bay = "/bays/3";
  await enter(`${bay}/length_mm`, "1.2 m");
  await enter(`${bay}/width_mm`, "20 in");
  await enter(`${bay}/height_mm`, "450");
  await expect(field(page, `${bay}/width_mm`)).toHaveValue("508");
  // It begins at the rear sill, along the left wall; the same place taped from the front axle.
  await page.getByRole("radio", { name: "rear sill" }).focus();
  await page.keyboard.press("ArrowLeft");
  await page.keyboard.press("ArrowLeft");
  await expect(page.getByRole("radio", { name: "front axle" })).toBeChecked();
  await expect(field(page, `${bay}/along_m`)).toHaveValue("3750");
  await enter(`${bay}/along_m`, "900");
  await press("Add an obstruction");
  await expect(page.getByLabel("What is in the way", { exact: true })).toBeFocused();
  await press("Tail tank");
  await page.getByRole("radio", { name: "Tail locker" }).focus();
  for (let step = 0; step < 3; step++) await page.keyboard.press("ArrowRight");
  await expect(page.getByRole("radio", { name: "Bench box" })).toBeChecked();
  await saved(page);
  const plan = await stored(page, id);
  expect(plan.bays[3]).toMatchObject({
    name: "Bench box",
    length_mm: 1200,
    width_mm: 508,
    along_from: "origin",
    along_m: 0.9,
  });
  const tank = plan.tanks[0];
  expect(tank.bay).toBe(plan.bays[3].id);
  // 950 mm long, at the left wall: beside the obstruction in the rear corner, which is 300 mm long and 127 mm wide.
  expect(tank.x_m - 0.475).toBeGreaterThanOrEqual(0.9);
  expect(tank.x_m + 0.475).toBeLessThanOrEqual(2.1);
  await expect(page.getByRole("article").filter({ hasText: /Tail tank (sticks out of|hits)/ })).toHaveCount(0);
});

test("a tank dragged in its bay stays there and out of what stands in it; anywhere else it is free", async ({
  page,
}) => {
  const id = await openFellside(page, "tanks");
  const tank = page.getByRole("button", { name: "Tail tank, move along and across the rig" });
  const drag = async (byX: number, byY: number) => {
    await tank.scrollIntoViewIfNeeded();
    const box = (await tank.boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + byX, box.y + box.height / 2 + byY, { steps: 10 });
    await page.mouse.up();
  };
  await drag(-300, 200);
  await expect.poll(async () => (await stored(page, id)).tanks[0].y_m).toBeCloseTo(-0.745, 3);
  expect((await stored(page, id)).tanks[0].x_m).toBeGreaterThanOrEqual(4.165);
  await page.keyboard.press("ControlOrMeta+z");
  await page.getByRole("radio", { name: "anywhere in the rig" }).click();
  await drag(-150, 0);
  await expect.poll(async () => (await stored(page, id)).tanks[0].x_m).toBeLessThan(3);
  expect((await stored(page, id)).tanks[0].bay).toBeUndefined();
});

test("what does not fit says by how much, and its fix puts it where it does", async ({ page }) => {
  await openFellside(page, "tanks");
  await page.getByRole("button", { name: "Tail locker", exact: true }).click();
  await type(page, "/bays/0/opening_height_mm", "300");
  await expect(snag(page, "Tail tank does not go into Tail locker")).toContainText("60 mm too big");
  await type(page, "/bays/0/opening_height_mm", "");
  await expect(snag(page, "Tail tank does not go into Tail locker")).toHaveCount(0);
  await type(page, "/bays/0/length_mm", "as long as it is");
  await expect(page.getByRole("alert")).toContainText("as long as it is");
  await type(page, "/bays/0/length_mm", "900");
  const tooLong = snag(page, "Tail tank sticks out of Tail locker");
  await expect(tooLong).toContainText("It fits nowhere in the bay, but would with one wall");
  await page.getByRole("button", { name: "Remove", exact: true }).click();
  await expect(page.getByRole("group", { name: "Remove it?" })).toContainText(
    "Stays where it is, in no bay: Tail tank.",
  );
  await page.getByRole("button", { name: "Remove it" }).click();
  await expect(tooLong).toHaveCount(0);
  await expect(answer(page)).toHaveText("You can use 109 L of 127 L.");
});

test("a drain with its hose is added, a fill that dips is led straight, and a port goes with its hose", async ({
  page,
}) => {
  const id = await openFellside(page, "tanks");
  await page.getByRole("button", { name: "Waste tank", exact: true }).click();
  await page.locator("[aria-label='Waste tank']").getByRole("button", { name: "Add a drain" }).click();
  await expect(page.getByLabel("Name of the port")).toBeFocused();
  await saved(page);
  let plan = await stored(page, id);
  expect(plan.runs.at(-1).from).toBe(plan.tanks[2].ports[0].id);
  await page.getByRole("button", { name: "Tail tank", exact: true }).click();
  await page.getByRole("button", { name: /^Fill/ }).click();
  await page.getByRole("button", { name: "Add a bend" }).click();
  await type(page, "/runs/0/points/0/z_m", "1.2 m");
  await page.getByRole("button", { name: "Add a bend" }).click();
  await type(page, "/runs/0/points/1/z_m", "105 cm");
  await type(page, "/runs/0/points/1/x_m", "4.9 m");
  const dip = snag(page, /stays in Fill of Tail tank/);
  await dip.getByRole("button", { name: "Straighten Fill of Tail tank" }).click();
  await expect(dip).toHaveCount(0);
  await expect(page.getByText("it drains empty").first()).toBeVisible();
  await page.getByRole("button", { name: "Remove Fill", exact: true }).click();
  await expect(page.getByRole("button", { name: /^Fill/ })).toHaveCount(0);
  await saved(page);
  plan = await stored(page, id);
  expect(plan.runs.map((run: { name: string }) => run.name)).not.toContain("Fill of Tail tank");
});

test("what is fixed in the rig is in a tank’s way, must stay dry or keeps its distance", async ({ page }) => {
  const id = await openFellside(page, "tanks");
  await page.getByRole("button", { name: "Add something fixed" }).click();
  await expect(page.getByLabel("What it is")).toBeFocused();
  await page.getByLabel("What it is").fill("Control box");
  await type(page, "/load/things/0/x_m", "4.4 m");
  await type(page, "/load/things/0/y_m", "700 left");
  await type(page, "/load/things/0/z_m", "300");
  await expect(snag(page, "Tail tank is above Control box")).toContainText("A weeping joint would drip onto it.");
  await page.getByRole("radio", { name: "gets hot" }).click();
  await expect(snag(page, "Tail tank is too close to Control box")).toContainText("120 mm apart");
  await page.getByRole("radio", { name: "must stay clear" }).click();
  await expect(snag(page, /Control box/)).toHaveCount(0);
  await type(page, "/load/things/0/z_m", "500");
  await expect(snag(page, "Tail tank hits Control box")).toContainText("overlap by 80 mm");
  await saved(page);
  expect((await stored(page, id)).load.things[0]).toMatchObject({ name: "Control box", need: "clear", z_m: 0.5 });
});

test("the catalogue is tried in every bay, sorted by any column, and what is put in can be undone", async ({
  page,
}) => {
  const id = await openFellside(page, "tanks");
  await page.getByRole("button", { name: "Find a tank that fits" }).click();
  const rows = page.getByRole("row").filter({ has: page.getByRole("button", { name: /^Fit it/ }) });
  const tried = page.getByRole("status").filter({ hasText: "positions tried" });
  await expect(tried).toBeVisible();
  await expect(rows.first()).toContainText("Heron 120");
  await page.getByRole("button", { name: "Worst limit" }).click();
  await expect(rows.first()).not.toContainText("Heron 120");
  await page.getByRole("button", { name: "Usable", exact: true }).click();
  await expect(rows.first()).toContainText("Heron 120");
  await page.getByRole("button", { name: "Fit it: Eel 113, Right arch bay" }).click();
  await expect(answer(page)).toHaveText("You can use 102 L of 113 L.");
  await expect(page.getByLabel("Name of the tank")).toHaveValue("Eel 113");
  await saved(page);
  expect((await stored(page, id)).tanks[0]).toMatchObject({ id: "tail", bay: "right-arch", length_mm: 900 });
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(answer(page)).toHaveText("You can use 109 L of 127 L.");
  await page.getByRole("radio", { name: "pairs", exact: true }).click();
  const pair = page.getByRole("button", { name: /^Fit it: Heron 120 and Flounder 118/ });
  await expect(tried).toBeVisible();
  await pair.click();
  await expect(answer(page)).toContainText("215 L of");
  await saved(page);
  expect((await stored(page, id)).tanks).toHaveLength(4);
});

test("a tank of the catalogue that is pressed before the answer has come is put in when it has", async ({ page }) => {
  const id = await openFellside(page, "tanks");
  await page.getByRole("button", { name: "Find a tank that fits" }).click();
  const eel = page.getByRole("button", { name: "Fit it: Eel 113, Right arch bay" });
  await expect(eel).toBeVisible();
  await page.route("**/api/assess?*", async (route) => {
    await pause(1000);
    await route.continue();
  });
  await type(page, "/tanks/0/name", "Old tank");
  await eel.click();
  await expect(page.getByLabel("Name of the tank")).toHaveValue("Eel 113");
  await expect(answer(page)).toHaveText("You can use 102 L of 113 L.");
  await saved(page);
  expect((await stored(page, id)).tanks[0]).toMatchObject({ id: "tail", bay: "right-arch", length_mm: 900 });
});

test("bays and the catalogue in the hand: nothing is cut off", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 800 });
  await openFellside(page, "tanks");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "Find a tank that fits" }).click();
  await expect(page.getByRole("button", { name: "Fit it: Eel 113, Right arch bay" })).toBeVisible();
  await page.getByRole("button", { name: "Tail locker", exact: true }).click();
  await expect(page.getByLabel("Name of the bay")).toHaveValue("Tail locker");
  expect(await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)).toBe(
    0,
  );
});
