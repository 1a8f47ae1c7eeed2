import { expect, test } from "@playwright/test";
import { answer, field, glass, openFellside, saved, snag, stored, type } from "./bench";
import { pause } from "./launched";

test("four questions lead to a plan with an answer", async ({ page }) => {
  await page.goto("/");
  await page.getByRole("link", { name: "Begin a plan" }).click();
  const preview = page.getByRole("region", { name: "What the plan will say" });
  await expect(preview).toContainText("Carry 95 L for 3 days.");
  await page.getByLabel("1 How many people?").fill("some of us");
  await expect(page.getByRole("alert")).toContainText(
    "“some of us” has no number that can be read. Type a plain number",
  );
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page).toHaveURL(/\/new$/);
  await page.getByLabel("1 How many people?").fill("90");
  await expect(page.getByRole("alert")).toContainText("from 1 to 60");
  await expect(preview).toContainText("Carry 95 L for 3 days.");
  await page.getByLabel("1 How many people?").fill("three");
  await expect(page.getByRole("alert")).toHaveCount(0);
  await page.getByRole("radio", { name: "frugal" }).click();
  await page.getByRole("radio", { name: "wild nights" }).click();
  await page.getByLabel("3 How many days between two fills?").fill("4 days");
  await expect(preview).toContainText(/Carry \d+\sL for 4\sdays\./);
  await page.reload();
  await expect(page.getByLabel("3 How many days between two fills?")).toHaveValue("4 days");
  await page.getByRole("radio", { name: "Trailer" }).click();
  await page.getByLabel("Name (optional)").fill("Test hut");
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(answer(page)).toHaveText(/^Carry \d+\sL for 4\sdays\.$/);
  await page.keyboard.press("2");
  await expect(answer(page)).toHaveText(/^Travel (brim full, with \d+\sL|with \d+\sL at most)\.$/);
  await page.getByRole("link", { name: "Plans" }).click();
  await expect(page.getByRole("link", { name: /Test hut/ }).first()).toBeVisible();
});

test("every figure opens its sum, and the sum leads to the field behind it", async ({ page }) => {
  await openFellside(page);
  await page.getByRole("button", { name: /^Payload left/ }).click();
  const sum = page.getByRole("dialog");
  await expect(sum).toContainText("limit − the most it carries between setting off and used up");
  await sum
    .getByRole("row", { name: /Rear axle, on the road/ })
    .getByRole("button", { name: "its sum" })
    .click();
  await expect(sum).toContainText("weighed + Σ weight × place ÷ wheelbase");
  await expect(sum).toContainText("moments of every weight about the axle");
  await sum
    .getByRole("row", { name: /Boots, hose, flags/ })
    .getByRole("button", { name: "change" })
    .click();
  await expect(page).toHaveURL(/\/load$/);
  await expect(field(page, "/load/loads/2/x_m")).toBeFocused();
  await page.keyboard.press("Control+A");
  await page.keyboard.type("2500");
  await expect(glass(page, "Payload left")).toContainText("was −38 kg");
});

test("wrong input is explained in place, and nothing typed is lost", async ({ page }) => {
  const id = await openFellside(page, "tanks");
  const length = field(page, "/tanks/0/length_mm");
  const alert = page.getByRole("alert");
  for (const [text, why] of [
    ["25 kg", "is a mass, but this field takes a length"],
    ["3/8", "can be read in two ways"],
    ["1 m 20", "not clear what the 20"],
    ["9 m", "a tank’s length can be from 20 mm to 4 000 mm"],
    ["long", "no number that can be read"],
  ] as const) {
    await length.fill(text);
    await expect(alert).toContainText(why);
    await expect(length).toHaveValue(text);
  }
  await length.press("Enter");
  await expect(length).toHaveValue("long");
  await page.reload();
  await expect(length).toHaveValue("long");
  await length.press("Escape");
  await expect(length).toHaveValue("950");

  await type(page, "/tanks/0/outlet_height_mm", "400");
  await expect(alert).toContainText("must be below the overflow (345 mm)");
  await field(page, "/tanks/0/outlet_height_mm").press("Escape");
  await type(page, "/tanks/0/length_mm", "3 ft 1");
  await expect(length).toHaveValue("939.8");
  await type(page, "/tanks/0/y_m", "2 ft left");
  await expect(field(page, "/tanks/0/y_m")).toHaveValue("609.6 left");
  await type(page, "/tanks/0/empty_kg", "1 st 4");
  await expect(field(page, "/tanks/0/empty_kg")).toHaveValue("8.16");
  await page.keyboard.press("1");
  await field(page, "/use/uses/1/litres").fill("1 gal");
  await page.getByRole("button", { name: "1 imp gal" }).click();
  await field(page, "/use/uses/1/litres").press("Enter");
  await expect(field(page, "/use/uses/1/litres")).toHaveValue("4.55");
  await saved(page);
  const plan = await stored(page, id);
  expect([plan.tanks[0].length_mm, plan.tanks[0].y_m, plan.use.uses[1].litres]).toEqual([939.8, -0.6096, 4.54609]);
});

test("units are a switch, and typing follows them", async ({ page }) => {
  await openFellside(page, "tanks");
  await page.getByRole("button", { name: "Units" }).click();
  await page.getByRole("radio", { name: "inches" }).click();
  await page.getByRole("radio", { name: "imp gal" }).click();
  await page.getByRole("radio", { name: "lb" }).click();
  await page.keyboard.press("Escape");
  await expect(answer(page)).toHaveText("You can use 24 imp gal of 28 imp gal.");
  await expect(field(page, "/tanks/0/length_mm")).toHaveValue("37 3/8");
  await expect(field(page, "/tanks/0/x_m")).toHaveValue("14 ft 6");
  await type(page, "/tanks/0/length_mm", "15 15/16");
  await expect(field(page, "/tanks/0/length_mm")).toHaveValue("15 15/16");
  await expect(glass(page, "Payload left")).toContainText("lb");
});

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

test("while one types quickly the last text wins, and undo goes back to the beginning", async ({ page }) => {
  const id = await openFellside(page);
  const stay = page.getByRole("radio", { name: "serviced sites" });
  const heights = await stay.evaluateHandle((one) => {
    const seen: number[] = [];
    const look = () => {
      seen.push(one.getBoundingClientRect().y);
      requestAnimationFrame(look);
    };
    look();
    return seen;
  });
  await field(page, "/use/days").click();
  for (const text of ["4", "12", "1", "10", "5"]) await field(page, "/use/days").fill(text);
  await expect(answer(page)).toHaveText("Carry 185 L for 5 days.");
  // What one is about to press stays where it is while the text is read.
  const seen = await heights.jsonValue();
  expect(Math.max(...seen) - Math.min(...seen)).toBeLessThan(4);
  await field(page, "/use/days").press("Enter");
  await type(page, "/use/crew", "4");
  await stay.click();
  await saved(page);
  await expect.poll(async () => (await stored(page, id)).use).toMatchObject({ crew: 4, days: 5, stay: "sites" });
  for (let step = 0; step < 3; step++) await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("button", { name: "Undo" })).toHaveAttribute("aria-disabled", "true");
  await expect(page.getByRole("button", { name: "Undo" })).toBeFocused();
  await expect(answer(page)).toHaveText("Carry 127 L for 3 days.");
  await page.getByRole("heading", { level: 1 }).first().click();
  for (let step = 0; step < 3; step++) await page.keyboard.press("Control+Shift+Z");
  await expect(field(page, "/use/crew")).toHaveValue("4");
  await expect.poll(async () => (await stored(page, id)).use).toMatchObject({ crew: 4, days: 5, stay: "sites" });
});

test("a system that the rig has no tank for is refused where it is chosen, and another begins", async ({ page }) => {
  await page.goto("/new");
  const system = page.getByLabel("5 Which type of water system?");
  await system.selectOption("gravity");
  await expect(page.getByRole("alert")).toContainText("needs a tank above the taps");
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByRole("alert")).toContainText("needs a tank above the taps");
  await system.selectOption("pressure");
  await expect(page.getByRole("alert")).toHaveCount(0);
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page).toHaveURL(/\/plans\/.*\/use$/);
  await page.getByRole("link", { name: /^Line/ }).click();
  // The shower of its uses has one to stand under.
  await expect(page.locator(".line-part").filter({ hasText: "Outside shower" })).toBeVisible();
});

test("a plan in gallons and inches is read and answered in them", async ({ page }) => {
  await page.goto("/new");
  for (const unit of ["US gal", "inches", "lb"]) await page.getByRole("radio", { name: unit }).click();
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(answer(page)).toHaveText("Carry 24 US gal for 3 days.");
  await page.getByRole("button", { name: "Dishes", exact: true }).click();
  await type(page, "/use/uses/2/litres", "2 gal");
  await expect(field(page, "/use/uses/2/litres")).toHaveValue("2");
  await page.keyboard.press("3");
  await type(page, "/tanks/0/length_mm", "3'-2\"");
  await expect(field(page, "/tanks/0/length_mm")).toHaveValue("38");
  await expect(page.getByRole("row", { name: /50 % left/ })).toContainText("US gal");
  await expect(glass(page, "Payload left")).toContainText("lb");
});

test("the ground follows the system until it is chosen, and is kept then", async ({ page }) => {
  await page.emulateMedia({ colorScheme: "dark" });
  await openFellside(page);
  await expect(page.locator("html")).toHaveAttribute("data-ground", "dark");
  await page.emulateMedia({ colorScheme: "light" });
  await expect(page.locator("html")).toHaveAttribute("data-ground", "light");
  await page.getByRole("button", { name: "File" }).click();
  await page.getByRole("button", { name: "Switch to dark" }).click();
  await page.reload();
  await expect(page.locator("html")).toHaveAttribute("data-ground", "dark");
});

test("marks to cut, answers and parts of a day open their sums too", async ({ page }) => {
  await openFellside(page);
  const sum = page.getByRole("dialog");
  await page.getByRole("button", { name: /^Shower 14 L/ }).click();
  await expect(sum).toContainText("Shower, a day14 L= stay ÷ days");
  await sum.getByRole("button", { name: "its sum" }).click();
  await expect(sum).toContainText("flow × minutes × times × people × days");
  await sum
    .getByRole("row", { name: /minutes/ })
    .getByRole("button", { name: "change" })
    .click();
  await expect(field(page, "/use/uses/4/minutes")).toBeFocused();
  await page.getByRole("link", { name: /^Load/ }).click();
  await answer(page).getByRole("button").click();
  await expect(sum).toContainText("brim full × (limit − held back − with empty tanks) ÷ what full tanks add");
  await expect(sum.getByRole("row", { name: /limit: gross limit/ })).toContainText("3 500 kg");
  await page.keyboard.press("Escape");
  await page.getByRole("link", { name: /^Tanks/ }).click();
  await page
    .getByRole("row", { name: /25 % left/ })
    .getByRole("button")
    .last()
    .click();
  await expect(sum).toContainText("Tail tank, mark for 25 %");
  await page.keyboard.press("1");
  await expect(page).toHaveURL(/\/tanks$/);
});

test("with two tanks each travels as full as serves the limits best", async ({ page }) => {
  const id = await openFellside(page, "tanks");
  await page.getByRole("button", { name: "Add a tank" }).click();
  await type(page, "/tanks/3/length_mm", "700");
  await type(page, "/tanks/3/x_m", "1.4 m");
  await page.keyboard.press("2");
  await page.getByRole("button", { name: /plate, ticket and sizes/ }).click();
  await type(page, "/load/rig/gross_limit_kg", "3.7 t");
  await type(page, "/load/rig/axles/0/weighed_kg", "1455");
  await type(page, "/load/rig/axles/1/weighed_kg", "1460");
  await page.keyboard.press("Escape");
  await page.getByRole("link", { name: /^Use/ }).click();
  await page.getByRole("radio", { name: "mixed" }).click();
  await page.getByRole("link", { name: /^Load/ }).click();
  await expect(page.getByRole("region", { name: "Weigh ticket" })).toContainText("Empty, weighed");
  const over = snag(page, /The rear axle is \d+\skg over its limit/);
  await over.getByRole("button", { name: /^Travel with \d+\sL: Tail tank/ }).click();
  await expect(over).toHaveCount(0);
  const slider = page.getByRole("slider", { name: "Tail tank" });
  await expect(slider).toHaveAttribute("aria-valuetext", /^\d+\sL of 121\sL$/);
  await expect.poll(async () => (await stored(page, id)).tanks[0].travel_fill).toBeLessThan(0.8);
  await expect.poll(async () => (await stored(page, id)).tanks[3].travel_fill).toBe(1);
  await slider.focus();
  await slider.press("End");
  await expect(over).toBeVisible();
  const all = page.getByRole("slider", { name: "How full to travel" });
  await all.focus();
  await all.press("Home");
  await expect
    .poll(async () => (await stored(page, id)).tanks.map((tank: { travel_fill?: number }) => tank.travel_fill))
    .toEqual([undefined, undefined, undefined, undefined]);
  expect((await stored(page, id)).load.travel_fill).toBe(0);
});

test("a tank of another shape holds less, and says how far marks at equal depths would be out", async ({ page }) => {
  await openFellside(page, "tanks");
  await expect(answer(page)).toHaveText("You can use 109 L of 127 L.");
  await expect(page.getByText("Marks at equal depths")).toHaveCount(0);
  await expect(page.getByText(/^Braking at 0.8 g, the water rises/)).toBeVisible();
  await page.getByRole("radio", { name: "lying cylinder" }).click();
  await expect(answer(page)).toHaveText("You can use 93 L of 99 L.");
  await expect(page.getByText("Marks at equal depths would be out by up to 4.4 L")).toBeVisible();
  await expect(page.getByText(/^The restraint holds/)).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(answer(page)).toHaveText("You can use 109 L of 127 L.");
});

test("the fill slip tells a tank's water in buckets, minutes and on the meter", async ({ page }) => {
  await openFellside(page, "load");
  const slip = page.getByRole("region", { name: "Fill instructions" });
  await expect(slip).toContainText("No fill instructions yet: filled like this, the rear axle is over its limit.");
  await expect(slip.getByRole("row")).toHaveCount(0);
  await page.getByRole("button", { name: "Travel with 51 L", exact: true }).first().click();
  await expect(slip.getByRole("row")).toHaveText("Tail tank39 L");
  await type(page, "/load/bucket_l", "10");
  await expect(slip.getByRole("row")).toContainText("3 buckets and 9.0 L");
  await type(page, "/load/hose_lpm", "12 l/min");
  await type(page, "/load/meter_l", "10.4 L");
  await expect(slip.getByRole("row")).toContainText("3.3 minstop the meter at 41 L");
  await slip.getByRole("button", { name: /41/ }).click();
  await expect(page.getByRole("dialog")).toContainText("litres × meter reading for one bucket ÷ bucket");
});

test("a tank that no tap draws on is no supply until it is joined, and a line that is not begun is not clear", async ({
  page,
}) => {
  const id = await openFellside(page, "tanks");
  await expect(answer(page)).toHaveText("You can use 109 L of 127 L.");
  await page.getByRole("button", { name: "Add a tank" }).click();
  await expect(answer(page)).toHaveText("You can use 109 L of 171 L.");
  const snagged = snag(page, "Nothing draws on Tank");
  await snagged.getByRole("button", { name: "Join Tank to the line at Tail tank" }).click();
  await expect(answer(page)).toHaveText("You can use 150 L of 171 L.");
  await expect(snagged).toHaveCount(0);
  await page.getByRole("link", { name: /^Line/ }).click();
  await expect(page.getByText("Draws on Tail tank and Tank").first()).toBeVisible();

  await page.getByRole("link", { name: /^Tanks/ }).click();
  await page.getByRole("button", { name: "Drinking cans", exact: true }).click();
  await page.getByRole("radiogroup", { name: "Poured by hand" }).getByRole("radio", { name: "no" }).click();
  await snag(page, "Nothing draws on Drinking cans")
    .getByRole("button", { name: "Pour Drinking cans by hand" })
    .click();
  await expect(snag(page, "Nothing draws on Drinking cans")).toHaveCount(0);
  await saved(page);
  const { line, ...rest } = await stored(page, id);
  expect(line.parts.some((one: { kind: string }) => one.kind === "three_way_valve")).toBe(true);
  expect(rest.tanks[1].poured).toBe(true);

  const bare = { ...rest, line: { parts: [], pipes: [] } };
  const reply = await page.request.post("/api/plans/import", { data: bare });
  await page.goto(`/plans/${(await reply.json()).id}/line`);
  await expect(page.getByRole("link", { name: "Line: not begun" })).toBeVisible();
});
