import { expect, test } from "@playwright/test";
import { nothingSerious } from "./axe";
import { answer, field, openFellside, openItem, type } from "./bench";

const STAGES = ["use", "load", "tanks", "line"] as const;

test("nothing serious for axe on any page", async ({ page }) => {
  const id = await openFellside(page);
  for (const path of ["/", "/new", ...STAGES.map((stage) => `/plans/${id}/${stage}`)]) {
    await page.goto(path);
    await expect(page.getByRole("heading", { level: 1 }).first()).toBeVisible();
    await nothingSerious(page, path);
  }
});

test("nothing serious for axe in what opens", async ({ page }) => {
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
  await page
    .getByRole("region", { name: "Weigh ticket" })
    .getByRole("button", { name: /^Boots, hose, flags/ })
    .click();
  await nothingSerious(page, "the rig's figures and an open load");
  await page.getByRole("link", { name: /^Tanks/ }).click();
  await page.getByRole("button", { name: "Find a tank that fits" }).click();
  await expect(page.getByRole("button", { name: "Fit it: Eel 113, Right arch bay" })).toBeVisible();
  await page.getByRole("button", { name: "Tail locker", exact: true }).click();
  await expect(page.getByLabel("Name of the bay")).toHaveValue("Tail locker");
  await nothingSerious(page, "a bay and the catalogue");
});

test("an answer that is older than what is typed can still be read", async ({ page }) => {
  await openFellside(page);
  await page.route("**/api/assess?*", () => {});
  await type(page, "/use/crew", "3");
  await expect(page.getByText("Still working it out. This is the answer from before")).toBeVisible();
  await nothingSerious(page, "an older answer");
});

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
  const skip = page.getByRole("button", { name: "Skip to Use" });
  await expect(skip).toBeFocused();
  await expect(skip).toBeInViewport();
  await page.keyboard.press("Enter");
  await expect(answer(page)).toBeFocused();
  await page.keyboard.press("Shift+Tab");
  await page.getByRole("link", { name: "Use: something to fix" }).focus();
  await page.keyboard.press("Tab");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/load$/);
  // The keyboard goes on from the page's heading; from the snags a fix is two steps away.
  await expect(answer(page)).toBeFocused();
  await page.locator(".glass").getByRole("link", { name: "Snags" }).press("Enter");
  await expect(page.locator("#snags")).toBeFocused();
  const fix = page.locator("#snags").getByRole("article").first().getByRole("button").first();
  await expect(fix).toBeEnabled();
  await page.locator("#snags").focus();
  await page.keyboard.press("Tab");
  await page.keyboard.press("Tab");
  await expect(fix).toBeFocused();
  await answer(page).focus();
  await page.keyboard.press("?");
  const keys = page.getByRole("dialog", { name: "Keys" });
  await expect(keys).toContainText("the stage before, the stage after");
  await expect(keys.getByRole("button", { name: "Close" })).toBeFocused();
  await page.keyboard.press("Escape");
  await expect(keys).toHaveCount(0);
  const slider = page.getByRole("slider", { name: "How full to travel" });
  await slider.focus();
  for (let press = 0; press < 40; press++) await page.keyboard.press("ArrowLeft");
  await expect(page.getByRole("article").filter({ hasText: /kg over its limit/ })).toHaveCount(0);
  const open = page.getByRole("button", { name: /^Payload left/ });
  await open.focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("dialog").getByRole("button", { name: "Close" })).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await expect(open).toBeFocused();
});

for (const [width, height, most] of [
  [390, 844, 120],
  [844, 390, 84],
] as const)
  test(`at ${width} × ${height} the frame takes ${most} px, no focused field lies under it, and what is pressed is tall enough`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    const id = await openFellside(page);
    for (const stage of STAGES) {
      await page.goto(`/plans/${id}/${stage}`);
      await expect(answer(page)).toBeVisible();
      if (stage === "tanks") await openItem(page, "Tail tank");
      const bars = () =>
        page.locator(".riser, .glass, .edge").evaluateAll((all) => {
          window.scrollTo(0, 400);
          return all.map((one) => one.getBoundingClientRect().toJSON());
        });
      // A page that is still being drawn has nothing to scroll.
      await expect
        .poll(async () =>
          (await bars())
            .map((bar) => Math.max(0, Math.min(bar.bottom, height) - Math.max(bar.top, 0)))
            .reduce((sum, one) => sum + one),
        )
        .toBeLessThanOrEqual(most);
      const [, glass, edge] = await bars();
      const [top, bottom] = [glass.bottom, edge.top];
      const fields = await page.locator(".bench input[type=text]:visible").evaluateAll((all) =>
        all.map((one) => {
          (one as HTMLElement).focus();
          const size = Number.parseFloat(getComputedStyle(one).fontSize);
          return { pointer: one.getAttribute("data-pointer"), size, ...one.getBoundingClientRect().toJSON() };
        }),
      );
      for (const box of fields)
        expect([box.y >= top - 1, box.bottom <= bottom + 1, box.size], `${stage} ${box.pointer}`).toEqual([
          true,
          true,
          16,
        ]);
      for (const figure of ["Carried", "Lasts", "Payload left", "Worst outlet"])
        await expect(page.locator(".glass").getByRole("link", { name: figure })).toBeInViewport({ ratio: 1 });
      const pressed = await page
        .locator("button:visible, a:visible, [role=slider]:visible")
        .evaluateAll((all) =>
          all
            .filter((one) => !one.matches(".figure, .glass-link, .skip, svg *"))
            .map((one) => ({ text: one.textContent, height: one.getBoundingClientRect().height })),
        );
      for (const { text, height } of pressed) expect(height, `${stage}: ${text}`).toBeGreaterThanOrEqual(40);
      // The snags are those of the stage that is looked at.
      await page.locator(".glass").getByRole("link", { name: "Snags" }).click();
      await expect(page.locator("#snags")).toBeFocused();
      await expect(page).toHaveURL(new RegExp(`/${stage}#snags$`));
    }
  });

test("in the hand no label of the drawing lies on another, and marks stand apart", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const id = await openFellside(page, "load");
  for (const stage of ["load", "tanks"]) {
    await page.goto(`/plans/${id}/${stage}`);
    await expect(answer(page)).toBeVisible();
    const boxes = await page
      .locator(".bench svg text")
      .evaluateAll((all) => all.map((one) => ({ text: one.textContent, ...one.getBoundingClientRect().toJSON() })));
    for (const a of boxes)
      for (const b of boxes)
        if (a !== b) {
          const apart =
            a.right <= b.left + 1 || b.right <= a.left + 1 || a.bottom <= b.top + 4 || b.bottom <= a.top + 4;
          expect(apart, `${stage}: “${a.text}” on “${b.text}”`).toBe(true);
        }
  }
});

test("the right button does not drag, and a touch that is cancelled ends the drag", async ({ page }) => {
  await openFellside(page, "tanks");
  await page.getByRole("radio", { name: "anywhere in the rig" }).click();
  const tank = page.getByRole("button", { name: "Tail tank, move along and across the rig" });
  const at = field(page, "/tanks/0/x_m");
  const box = (await tank.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down({ button: "right" });
  await page.mouse.move(box.x - 80, box.y + 5, { steps: 4 });
  await page.mouse.up({ button: "right" });
  await expect(at).toHaveValue("4420");
  const touch = (kind: string, x: number) =>
    tank.dispatchEvent(kind, {
      pointerId: 1,
      isPrimary: true,
      button: 0,
      clientX: x,
      clientY: box.y + 5,
      bubbles: true,
    });
  await tank.evaluate((one) => {
    (one as HTMLElement).setPointerCapture = () => {};
  });
  await touch("pointerdown", box.x + 10);
  await touch("pointermove", box.x - 30);
  await expect(at).not.toHaveValue("4420");
  const moved = await at.inputValue();
  await touch("pointercancel", box.x - 30);
  await touch("pointermove", box.x - 120);
  await expect(at).toHaveValue(moved);
});
