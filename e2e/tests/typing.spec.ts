import { expect, test } from "@playwright/test";
import { answer, field, glass, openFellside, saved, stored, type } from "./bench";

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
  await page.getByRole("button", { name: "Show it" }).click();
  await expect(length).toBeFocused();
  await expect(length).toHaveValue("long");
  await length.press("Escape");
  await expect(length).toHaveValue("950");

  await type(page, "/tanks/0/overflow_height_mm", "400");
  await expect(alert).toContainText("is above the lid (360 mm)");
  await field(page, "/tanks/0/overflow_height_mm").press("Escape");
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

test("a plan in gallons and inches is read and answered in them", async ({ page }) => {
  await page.goto("/new");
  for (const unit of ["US gal", "inches", "lb"]) await page.getByRole("radio", { name: unit }).click();
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(answer(page)).toHaveText("Carry 25 US gal for 3 days.");
  await page.getByRole("button", { name: "Dishes", exact: true }).click();
  await type(page, "/use/uses/2/litres", "2 gal");
  await expect(field(page, "/use/uses/2/litres")).toHaveValue("2");
  await page.keyboard.press("3");
  await page.locator("#tanks-list button").first().click();
  await type(page, "/tanks/0/length_mm", "3'-2\"");
  await expect(field(page, "/tanks/0/length_mm")).toHaveValue("38");
  await expect(page.getByRole("row", { name: /50 % left/ })).toContainText("US gal");
  await expect(glass(page, "Payload left")).toContainText("lb");
});

test("what is typed into two fields at the same time is read against both", async ({ page }) => {
  await openFellside(page, "load");
  await page.getByRole("button", { name: /plate, ticket and sizes/ }).click();
  // The first answer takes so long that the second comes before it: each alone would be allowed.
  await page.route("**/api/typed", async (route) => {
    const isFirst = route.request().postDataJSON().pointer === "/load/rig/whole_weighed_kg";
    if (isFirst) await new Promise((done) => setTimeout(done, 1500));
    await route.continue();
  });
  await field(page, "/load/rig/whole_weighed_kg").fill("2900");
  await field(page, "/load/rig/axles/0/weighed_kg").fill("1700");
  await expect(page.getByText(/one of the tickets is wrong/)).toBeVisible();
  await expect(field(page, "/load/rig/whole_weighed_kg")).toHaveValue("2900");
  await expect(page.locator(".edge-save")).toHaveText("A field is not in the plan yet.");
  // The plan itself is sound: what comes next is worked out.
  await type(page, "/load/rig/axles/0/limit_kg", "1900");
  await expect(page.getByText(/Still working it out/)).toHaveCount(0);
  await expect(page.getByText("of 1 900 kg")).toBeVisible();
});
