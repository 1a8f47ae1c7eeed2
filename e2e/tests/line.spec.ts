import { readFileSync } from "node:fs";
import { expect, type Locator, type Page, test } from "@playwright/test";
import { answer, FELLSIDE, field, glass, openPlan, saved, snag, stored } from "./bench";

/** Fellside without a line, as a plan of the test's own. */
async function openWithoutLine(page: Page): Promise<string> {
  const plan = JSON.parse(readFileSync(FELLSIDE, "utf8"));
  plan.line = { parts: [], pipes: [] };
  const { id } = await (await page.request.post("/api/plans/import", { data: plan })).json();
  await page.goto(`/plans/${id}/line`);
  await expect(answer(page)).toBeVisible();
  return id;
}

const part = (page: Page, name: string): Locator =>
  page.locator(".line-part").filter({ hasText: new RegExp(`^${name}$`) });
const lay = (page: Page, title: string): Promise<void> =>
  page.getByRole("article").filter({ hasText: title }).getByRole("button", { name: "Use this system" }).click();

/** Puts a part of the catalogue behind the outlet or the free end that is looked at. */
async function putBehind(page: Page, label: RegExp, name: string): Promise<void> {
  const box = page.getByLabel(label);
  await box.selectOption({ label: name });
  await box.locator("xpath=ancestor::div[1]").getByRole("button", { name: "Fit it there" }).click();
}

async function choose(page: Page, name: string): Promise<void> {
  await part(page, name).click();
  await expect(page.getByRole("region", { name, exact: true })).toBeVisible();
}

async function typeInto(page: Page, label: string, text: string): Promise<void> {
  await page.getByLabel(label, { exact: true }).fill(text);
  await page.getByLabel(label, { exact: true }).press("Enter");
}

/** Each way to break a line, by hand, and the snag whose fix mends it. */
async function breakAndMend(page: Page): Promise<void> {
  const mend = async (title: string | RegExp, fix: string | RegExp) => {
    const trouble = snag(page, title);
    await trouble.getByRole("button", { name: fix }).first().click();
    await expect(trouble).toHaveCount(0);
  };
  await choose(page, "Pressure pump");
  await page.getByRole("button", { name: "Turn round" }).click();
  // The two outlets without water are not snags of their own.
  await expect(snag(page, "is the wrong way round").getByRole("heading", { name: /gets no water/ })).toHaveCount(2);
  await mend("The pressure pump is the wrong way round", "Turn the pressure pump round");

  await choose(page, "Bowl strainer");
  await page.getByRole("button", { name: "Remove" }).click();
  await mend("The pressure pump has no strainer", /^Fit a strainer upstream of/);

  await choose(page, "Accumulator");
  await typeInto(page, "Precharge", "150");
  await mend("The accumulator is empty before the pump starts", /^Charge it to 86/);

  await page.getByLabel("Move it into another pipe").selectOption({ label: "Ball valve → Bowl strainer" });
  await mend("The accumulator is upstream of the pump", "Move the accumulator downstream of the pressure pump");

  await choose(page, "Drain valve");
  await page.getByRole("button", { name: "Remove" }).click();
  await mend("mL stays in the line when it is drained", /^Fit (a drain valve|\d+ drain valves) in/);

  await choose(page, "Pressure pump");
  await typeInto(page, "Height", "3.9 m");
  await mend("The pressure pump cannot lift the first water", "Move the pressure pump down beside Tail tank");
}

test("a line is built from nothing, part by part, and gives water", async ({ page }) => {
  const id = await openWithoutLine(page);
  await expect(answer(page)).toContainText("No tap yet");
  await page.getByRole("button", { name: "Start from Tail tank" }).click();
  await putBehind(page, /^Fit downstream of its outlet/, "Ball valve, 12 mm");
  for (const [behind, next] of [
    ["Ball valve", "Bowl strainer, 12 mm"],
    ["Bowl strainer", "Pressure pump, 7 L/min"],
    ["Pressure pump", "Galley tap"],
  ] as const) {
    await choose(page, behind);
    await putBehind(page, /^Fit to its outlet/, next);
  }
  await expect(answer(page)).toContainText(/^The galley tap gets (only )?\d/);
  await expect(glass(page, "Worst outlet")).toContainText("Galley tap");
  // Into the pipe behind the pump, and branched off it.
  await page.getByRole("button", { name: /^Pipe \d+, from Pressure pump to Galley tap/ }).click();
  await page.getByLabel("Fit into it").selectOption({ label: "Accumulator, 0.75 L" });
  await page.getByRole("button", { name: "Fit it" }).click();
  await expect(part(page, "Accumulator")).toBeVisible();
  await page.getByRole("button", { name: /^Pipe \d+, from Accumulator to Galley tap/ }).click();
  await page.getByLabel("Branch off from it").selectOption({ label: "Basin tap" });
  await page.getByRole("button", { name: "Branch it off" }).click();
  await expect(part(page, "Basin tap")).toBeVisible();
  await saved(page);
  const { line } = await stored(page, id);
  expect([line.parts.length, line.pipes.length]).toEqual([7, 7]);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(part(page, "Basin tap")).toHaveCount(0);
});

test("a system is laid, broken in six ways, and mended each time by its fix", async ({ page }) => {
  await openWithoutLine(page);
  await lay(page, "Pressure pump and accumulator");
  await expect(answer(page)).toContainText("every outlet gets enough on its own");
  await breakAndMend(page);
});

test("at 390 px a line is broken and mended just so, and nothing is wider than the screen", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openWithoutLine(page);
  await lay(page, "Pressure pump and accumulator");
  await expect(answer(page)).toContainText("every outlet gets enough on its own");
  await page.getByRole("button", { name: "What size would do?" }).click();
  await expect(page.getByRole("columnheader", { name: "starts an hour" }).first()).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await breakAndMend(page);
});

test("another system keeps the taps by their names, says what it drops, and is one step of undo", async ({ page }) => {
  await openWithoutLine(page);
  await lay(page, "Pressure pump with mains hook-up");
  await choose(page, "Galley tap");
  await page.getByLabel("Name of the part").fill("Blue tap");
  await page.getByRole("button", { name: "Another system" }).click();
  const plain = page
    .getByRole("article")
    .filter({ has: page.getByRole("heading", { name: "Pressure pump", exact: true }) });
  await expect(plain).toContainText("Accumulator and Mains inlet with a cap have no place in it.");
  await plain.getByRole("button", { name: "Use this system" }).click();
  await expect(part(page, "Blue tap")).toBeVisible();
  await expect(part(page, "Mains inlet with a cap")).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(part(page, "Mains inlet with a cap")).toBeVisible();
});

test("what runs together is said at the outlets, the stair follows the outlet that is looked at, and a mode draws its way", async ({
  page,
}) => {
  await openWithoutLine(page);
  await lay(page, "One pump for use and filling");
  const open = page.getByRole("region", { name: "What is open" });
  await open.getByRole("button", { name: "Basin tap" }).click();
  await expect(page.getByRole("img", { name: /^Pressure along the way to the basin tap/ })).toBeVisible();
  for (const box of await open.getByRole("checkbox").all()) await box.check();
  await expect(open.getByRole("button", { name: "Together" })).toBeVisible();
  const fill = page.getByRole("region", { name: "Modes" }).getByRole("button", { name: "Fill with the pump" });
  await fill.click();
  await expect(fill).toHaveAttribute("aria-pressed", "true");
  await expect(page.getByRole("region", { name: "Modes" }).getByRole("list").nth(1)).toContainText(
    /three-way valve: to the right/i,
  );
});

test("every size is tried, the smallest that does it is put in, and gravity says what height or bore would give", async ({
  page,
}) => {
  await openWithoutLine(page);
  await lay(page, "Pressure pump and accumulator");
  await page.getByRole("button", { name: "What size would do?" }).click();
  const smallest = page.getByRole("row").filter({ hasText: "the smallest that does it" }).first();
  await expect(smallest).toBeVisible();
  const vessel = page.getByRole("button", { name: "Fit Accumulator, 2 L downstream of the pressure pump" });
  await vessel.click();
  await expect(page.getByRole("row").filter({ hasText: "Accumulator, 2 L" })).toContainText("in the line now");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(vessel).toBeVisible();
});

test("by keyboard alone a filter goes into the line and comes out again", async ({ page }) => {
  await openWithoutLine(page);
  await lay(page, "Pressure pump and accumulator");
  await page.getByRole("button", { name: /^Pipe \d+, from Accumulator to Tee/ }).focus();
  await page.keyboard.press("Enter");
  await page.getByLabel("Fit into it").focus();
  await page.keyboard.type("Sediment filter, 50");
  await page.keyboard.press("Tab");
  await page.keyboard.press("Enter");
  await expect(part(page, "Sediment filter")).toBeVisible();
  await part(page, "Sediment filter").focus();
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Remove" }).focus();
  await page.keyboard.press("Enter");
  await expect(part(page, "Sediment filter")).toHaveCount(0);
});

test("a part of one’s own is kept, imported from a table with mistakes named, put into the line, and removed", async ({
  page,
}) => {
  await openWithoutLine(page);
  await lay(page, "Pressure pump and accumulator");
  await page.getByText(/^Your own parts/).click();
  const table = page.getByLabel(/^Import parts from a table/);
  await table.fill("Moss tap,tap,600,60,yes,0.4,seventeen,open_lpm=5 least_lpm=2 most_lpm=4 least_kpa=0");
  await page.getByRole("button", { name: "Import them" }).click();
  await expect(page.getByText(/^Line 1, price/)).toBeVisible();
  await table.fill("Moss tap,tap,600,60,yes,0.4,17,open_lpm=5 least_lpm=2 most_lpm=4 least_kpa=0");
  await page.getByRole("button", { name: "Import them" }).click();
  await expect(page.getByText("Imported.")).toBeVisible();
  await choose(page, "Basin tap");
  await page.getByLabel("Replace it with").selectOption({ label: "Moss tap" });
  await page.getByRole("region", { name: "Basin tap" }).getByRole("button", { name: "Fit it there" }).first().click();
  await page.getByRole("button", { name: "Save as your own part" }).click();
  await expect(page.getByText("Saved: it is now offered")).toBeVisible();
  await page.getByRole("button", { name: "Update your own Basin tap to this" }).click();
  await expect(page.getByText("Your own Basin tap now has these figures.")).toBeVisible();
  for (const name of ["Moss tap: remove", "Basin tap: remove"]) {
    await page.getByRole("button", { name }).click();
    await expect(page.getByRole("button", { name })).toHaveCount(0);
  }
});

test("a line in a file that joins nothing is said at its place, and the rest is answered", async ({ page }) => {
  const plan = JSON.parse(readFileSync(FELLSIDE, "utf8"));
  plan.line.pipes[3].to = "nobody.in";
  plan.line.parts.find((one: { kind: string }) => one.kind === "pressure_pump").figures.curve.reverse();
  const { id } = await (await page.request.post("/api/plans/import", { data: plan })).json();
  await page.goto(`/plans/${id}/line`);
  await expect(snag(page, "leads nowhere")).toContainText("no longer in the plan");
  await expect(snag(page, "does not fall")).toContainText("starts at no flow");
  await snag(page, "leads nowhere")
    .getByRole("button", { name: /^Remove Pipe/ })
    .click();
  await expect(snag(page, "leads nowhere")).toHaveCount(0);
  await expect(field(page, "/line/parts/0/name")).toHaveCount(0);
  await page.keyboard.press("2");
  await expect(answer(page)).toHaveText("Travel with 45 L at most.");
});

test("every two outlets are opened at once, and how a pipe is joined is chosen and judged", async ({ page }) => {
  const plan = JSON.parse(readFileSync(FELLSIDE, "utf8"));
  const { id } = await (await page.request.post("/api/plans/import", { data: plan })).json();
  await page.goto(`/plans/${id}/line`);
  await page.getByRole("button", { name: "Two taps at the same time?" }).click();
  const shower = page.getByRole("region", { name: "Two taps at the same time" }).getByRole("row", { name: /^Shower/ });
  await expect(shower.getByRole("cell").first()).toContainText("alone");
  await expect(shower.getByRole("cell").nth(1)).toContainText("too little");

  await page.getByRole("button", { name: /^Pipe \d+, from Storage heater to / }).click();
  await page.getByRole("radio", { name: "screwed hose clamps" }).click();
  await choose(page, "Pressure pump");
  await typeInto(page, "Cut-out", "500 kPa");
  const weak = snag(page, "Pressure at hose clamps can reach");
  await expect(weak).toContainText("such joints usually hold");
  await weak.getByRole("button", { name: /^Use crimped rings/ }).click();
  await expect(weak).toHaveCount(0);
  await saved(page);
  const behind = (await stored(page, id)).line.pipes.find(
    (pipe: { from: string }) => pipe.from === "storage-heater-1.out",
  );
  expect(behind.joint).toBe("crimp");
});

test("what is changed while a part is put in stays changed", async ({ page }) => {
  const plan = JSON.parse(readFileSync(FELLSIDE, "utf8"));
  const { id } = await (await page.request.post("/api/plans/import", { data: plan })).json();
  await page.goto(`/plans/${id}/line`);
  await choose(page, "Pressure pump");
  let arrived = () => {};
  const late = new Promise<void>((go) => {
    arrived = go;
  });
  await page.route("**/api/line-edits", async (route) => {
    await late;
    await route.continue();
  });
  await page.getByRole("button", { name: "Turn round" }).click();
  await page.getByLabel("Name of the part").fill("Other pump");
  arrived();
  await expect(snag(page, "The other pump is the wrong way round")).toBeVisible();
  await saved(page);
  expect((await stored(page, id)).line.parts.some((one: { name: string }) => one.name === "Other pump")).toBe(true);
});

test("a pipe that runs through the spare wheel is led round it, and what has no place yet is not judged", async ({
  page,
}) => {
  const plan = JSON.parse(readFileSync(FELLSIDE, "utf8"));
  const spare = { id: "spare", name: "Spare wheel", need: "clear", length_mm: 650, width_mm: 650, height_mm: 220 };
  plan.load.things = [{ ...spare, x_m: 3.3, y_m: -0.6, z_m: 0.65 }];
  const places: Record<string, number[]> = { "strainer-1": [2.7, -0.55, 0.75], "shut-off-1": [3.85, -0.7, 0.7] };
  for (const part of plan.line.parts) {
    const [x, y, z] = places[part.id] ?? [];
    if (x !== undefined) Object.assign(part, { x_m: x, y_m: y, z_m: z });
  }
  const { id } = await (await page.request.post("/api/plans/import", { data: { ...plan, name: "Spare" } })).json();
  await page.goto(`/plans/${id}/line`);
  await expect(page.getByRole("region", { name: "Still to measure" })).toContainText("20 parts have no place");
  const through = snag(page, "The pipe from the ball valve to the bowl strainer goes through Spare wheel");
  await through.getByRole("button", { name: /^Lead the pipe .* over Spare wheel/ }).click();
  await expect(through).toHaveCount(0);
  await saved(page);
  const pipe = (await stored(page, id)).line.pipes.find((one: { to: string }) => one.to === "strainer-1.in");
  expect(pipe.points.map((point: { name: string }) => point.name)).toEqual(["Past Spare wheel", "Past Spare wheel 2"]);
  await page.getByRole("button", { name: "Undo" }).click();
  // Its fixes come a moment later, above the button.
  await expect(through.getByRole("button", { name: /^Lead the pipe .* over Spare wheel/ })).toBeEnabled();
  await through.getByRole("button", { name: "Move Spare wheel" }).click();
  await expect(field(page, "/load/things/0/x_m")).toBeFocused();
});

test("a valve is opened and shut in its panel, what flows is seen at once, and the plan keeps its valves", async ({
  page,
}) => {
  const id = await openPlan(page, JSON.parse(readFileSync(FELLSIDE, "utf8")), "line");
  const before = await stored(page, id);
  const flow = page.getByRole("button", { name: /^Pipe 1, / });
  await expect(flow).toHaveAccessibleName(/L\/min/);
  await page.getByRole("button", { name: "Ball valve, shut-off valve" }).click();
  const panel = page.locator(".opened");
  await expect(panel.getByRole("radio", { name: "open" })).toBeChecked();
  await panel.getByRole("radio", { name: "shut" }).click();
  const tried = panel.getByRole("status").filter({ hasText: "This is only a trial: the plan does not change." });
  await expect(tried).toContainText(/: 0\sL\/min/);
  await expect(flow).toHaveAccessibleName(/nothing flows/);
  await page.getByRole("button", { name: "Turn all back" }).click();
  await expect(flow).toHaveAccessibleName(/L\/min/);
  await expect(panel.getByRole("radio", { name: "open" })).toBeChecked();
  expect(await stored(page, id)).toEqual(before);
});

test("a mode's card turns the valves for it and shows what the taps give then, or its way", async ({ page }) => {
  const coach = new URL("../../catalogue/plans/prompt-side.json", import.meta.url);
  const id = await openPlan(page, JSON.parse(readFileSync(coach, "utf8")), "line");
  const before = await stored(page, id);
  const modes = page.getByRole("region", { name: "Modes" });
  const gives = modes.getByRole("listitem").filter({ hasText: /^Shower: / });
  const flow = page.getByRole("button", { name: /^Pipe 1, / });
  await expect(gives).toHaveCount(0);
  await modes.getByRole("button", { name: "Use on mains" }).click();
  await expect(gives).toHaveText(/Shower: 12\sL\/min/);
  // The mains does not draw on the tank.
  await expect(flow).toHaveAccessibleName(/nothing flows/);
  await modes.getByRole("button", { name: "Use", exact: true }).click();
  await expect(gives).toHaveText(/Shower: 8\.4\sL\/min/);
  await expect(flow).toHaveAccessibleName(/L\/min/);
  await modes.getByRole("button", { name: "Drain", exact: true }).click();
  await expect(gives).toHaveCount(0);
  await expect(page.getByRole("button", { name: "Drain valve, drain valve, open" })).toBeAttached();
  await page.getByRole("button", { name: "Ball valve, shut-off valve, open" }).click();
  await page.locator(".opened").getByRole("radio", { name: "shut" }).click();
  await expect(page.getByText("Drawn now: Drain, valves turned by hand.")).toBeVisible();
  await expect(page.getByRole("button", { name: "Ball valve, shut-off valve, shut" })).toBeAttached();
  await page.getByRole("button", { name: "Turn all back" }).click();
  await expect(page.getByRole("button", { name: "Ball valve, shut-off valve", exact: true })).toBeAttached();
  expect(await stored(page, id)).toEqual(before);
});

test("on a phone the line is as high as what is in sight of it", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openPlan(page, JSON.parse(readFileSync(FELLSIDE, "utf8")), "line");
  const rows = page.locator(".line-rows");
  const high = async () => (await rows.boundingBox())!.height;
  // One row: the tank, the pump and what is between them.
  await expect.poll(high).toBeLessThan(150);
  const tank = page.getByRole("button", { name: "Tail tank, tank" });
  await expect(tank).toBeInViewport();
  await page.getByRole("button", { name: "Storage heater, storage heater" }).focus();
  await expect.poll(high).toBeGreaterThan(220);
  await expect(page.getByRole("button", { name: "Boot hose, outside point" })).toBeInViewport();
  await page.getByRole("region", { name: "The line, from the tank" }).evaluate((line) => line.scrollTo({ left: 0 }));
  await expect.poll(high).toBeLessThan(150);
});
