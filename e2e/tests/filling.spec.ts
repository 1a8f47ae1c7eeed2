import { expect, test } from "@playwright/test";
import { answer, field, glass, openFellside, saved, snag, stored, type } from "./bench";

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
  await page.getByRole("button", { name: "Travel with 45 L", exact: true }).first().click();
  await expect(slip.getByRole("row")).toHaveText("Tail tank33 L");
  await type(page, "/load/bucket_l", "10");
  await expect(slip.getByRole("row")).toContainText("3 buckets and 3.0 L");
  await type(page, "/load/hose_lpm", "12 l/min");
  await type(page, "/load/meter_l", "10.4 L");
  await expect(slip.getByRole("row")).toContainText("2.8 minstop the meter at 34 L");
  await slip.getByRole("button", { name: /34/ }).click();
  await expect(page.getByRole("dialog")).toContainText(
    "“Tail tank, to fill for the road” × meter reading for one bucket ÷ bucket",
  );
});

test("a tank that no tap draws on is no supply until it is joined, and a line that is not begun is not clear", async ({
  page,
}) => {
  const id = await openFellside(page, "tanks");
  await expect(answer(page)).toHaveText("You can use 109 L of 127 L.");
  await page.getByRole("button", { name: "Add a tank" }).click();
  await expect(answer(page)).toHaveText("You can use 109 L of 174 L.");
  const snagged = snag(page, "Nothing draws on Tank");
  await snagged.getByRole("button", { name: "Join Tank to the line at Tail tank" }).click();
  await expect(answer(page)).toHaveText("You can use 152 L of 174 L.");
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

test("a use that names its outlet runs at the outlet’s flow, unless it has its own", async ({ page }) => {
  await openFellside(page);
  const shower = page.getByRole("article", { name: "Shower" });
  await shower.getByRole("button", { name: "Shower", exact: true }).click();
  await shower.getByRole("radio", { name: "Shower", exact: true }).click();
  await expect(shower).toContainText("from Shower, for");
  await expect(snag(page, "You are 38 L short for 3 days")).toBeVisible();
  await shower.getByRole("button", { name: "6.6 L/min" }).click();
  await expect(page.getByRole("dialog")).toContainText("Shower, on its own");
  await page.keyboard.press("Escape");
  await shower.getByRole("radiogroup", { name: "Its own flow" }).getByRole("radio", { name: "yes" }).click();
  await expect(field(page, "/use/uses/4/flow_lpm")).toHaveValue("4.5");
  const differs = snag(page, "“Shower” is planned at 4.5 L/min, and the shower gives 6.6 L/min");
  await expect(differs).toBeVisible();
  await differs.getByRole("button", { name: "Use 6.6 L/min, what the shower gives" }).click();
  await expect(differs).toBeHidden();
  await expect(glass(page, "Carried")).toContainText("of 148 L");
});

test("on arrival each tank is filled up by hose or in trips with cans, and waste is emptied when one says so", async ({
  page,
}) => {
  const id = await openFellside(page);
  await page.getByRole("radio", { name: "mixed" }).click();
  await saved(page);
  await page.goto(`/plans/${id}/load`);
  await page.getByRole("button", { name: "Travel with 79 L" }).click();
  const slip = page.getByRole("region", { name: "Fill instructions" });
  await expect(slip.getByRole("table", { name: "Filling up on arrival" })).toContainText(
    /42\sL more2\.8\smin by a hose at 15\sL\/min, assumedor 3 cans of 20\sL, assumed: 2 trips with 2 at a time/,
  );
  const states = page.getByRole("table", { name: "What is left to each limit, in every state" });
  await expect(states).toContainText("Filled again, waste aboard");
  await slip
    .getByRole("radiogroup", { name: "Waste emptied before you move on" })
    .getByRole("radio", { name: "yes" })
    .click();
  await expect(states).not.toContainText("Filled again");
  await expect(states).toContainText("Used up, waste emptied");
});
