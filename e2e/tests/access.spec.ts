import AxeBuilder from "@axe-core/playwright";
import { expect, type Page, test } from "@playwright/test";
import { answer, field, openFellside } from "./bench";

const STAGES = ["use", "load", "tanks"] as const;

/** Without the sentinels with which the component library turns the focus round at the ends of a popover. */
async function nothingSerious(page: Page, where: string): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).exclude("[id^='headlessui-focus-sentinel']").analyze();
  const serious = violations.filter((one) => one.impact === "serious" || one.impact === "critical");
  expect(serious.map((one) => `${where} ${one.id}: ${one.nodes.map((node) => node.html.slice(0, 120)).join(" | ")}`)).toEqual([]);
}

for (const ground of ["light", "dark"] as const) {
  test(`nothing serious for axe on the ${ground} ground`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: ground });
    const id = await openFellside(page);
    for (const path of ["/", "/new", ...STAGES.map((stage) => `/plans/${id}/${stage}`)]) {
      await page.goto(path);
      await expect(page.getByRole("heading", { level: 1 }).first()).toBeVisible();
      await nothingSerious(page, path);
    }
  });

  test(`nothing serious for axe in what opens on the ${ground} ground`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: ground });
    await openFellside(page);
    await page.getByRole("button", { name: "Shower", exact: true }).click();
    await field(page, "/use/uses/4/spread").fill("25 kg");
    await expect(page.getByRole("alert")).toBeVisible();
    await nothingSerious(page, "an open use with a refusal");
    await field(page, "/use/uses/4/spread").press("Escape");
    await answer(page).getByRole("button").click();
    await expect(page.getByRole("dialog").getByRole("button", { name: "Close" })).toBeVisible();
    await nothingSerious(page, "a sum");
    await page.keyboard.press("Escape");
    await page.getByRole("button", { name: "Units" }).click();
    await expect(page.getByRole("radio", { name: "imp gal" })).toBeVisible();
    await nothingSerious(page, "units");
    await page.keyboard.press("Escape");
    await page.getByRole("button", { name: "File" }).click();
    await page.getByRole("button", { name: "Earlier revisions" }).click();
    await expect(page.getByRole("dialog").getByRole("listitem").first()).toBeVisible();
    await nothingSerious(page, "revisions");
    await page.keyboard.press("Escape");
    await page.getByRole("link", { name: /^Load/ }).click();
    await page.getByRole("button", { name: /plate, ticket and sizes/ }).click();
    await page.getByRole("region", { name: "Weigh ticket" }).getByRole("button", { name: /^Boots, hose, flags/ }).click();
    await nothingSerious(page, "the rig's figures and an open load");
  });
}

test("at 390 px nothing is wider than the screen", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const id = await openFellside(page);
  for (const path of ["/", "/new", ...STAGES.map((stage) => `/plans/${id}/${stage}`)]) {
    await page.goto(path);
    await expect(answer(page)).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390);
  }
});

test("everything can be reached and worked with the keyboard", async ({ page }) => {
  await openFellside(page);
  await page.keyboard.press("Tab");
  await expect(page.getByRole("link", { name: "Use: something to fix" })).toBeFocused();
  await page.keyboard.press("Tab");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/load$/);
  const slider = page.getByRole("slider", { name: "How full to travel" });
  await slider.focus();
  for (let press = 0; press < 22; press++) await page.keyboard.press("ArrowLeft");
  await expect(page.getByRole("article").filter({ hasText: "over its limit" })).toHaveCount(0);
  const open = page.getByRole("button", { name: /^Payload left, on the road/ });
  await open.focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("dialog").getByRole("button", { name: "Close" })).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await expect(open).toBeFocused();
});
