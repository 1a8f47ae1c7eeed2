import { expect, test } from "@playwright/test";
import { answer, field, glass, snag, type } from "./bench";

/** A rig of each kind, through every stage, wide and narrow. */
const RIGS = [
  ["bus", "Left against right", "Front overhang"],
  ["trailer", "Nose share", "Coupling to body"],
  ["boat", "Heel", "Metacentric height"],
] as const;

for (const [rig, balance, size] of RIGS) {
  test(`a ${rig} is drawn and weighed without an error`, async ({ page }) => {
    const errors: string[] = [];
    page.on("pageerror", (error) => errors.push(error.message));
    page.on("console", (message) => {
      if (message.type() === "error") errors.push(message.text());
    });
    const reply = await page.request.post("/api/plans", {
      data: { crew: 2, stay: "wild", habit: "ordinary", days: 2, rig },
    });
    const { id } = await reply.json();
    for (const width of [1280, 390]) {
      await page.setViewportSize({ width, height: 844 });
      for (const stage of ["use", "load", "tanks"]) {
        await page.goto(`/plans/${id}/${stage}`);
        await expect(answer(page)).toBeVisible();
        // In the hand only the five figures of every stage have room.
        if (stage === "load") await expect(glass(page, balance)).toBeVisible({ visible: width === 1280 });
        expect(
          await page.evaluate(() => document.documentElement.scrollWidth),
          `${stage} at ${width}`,
        ).toBeLessThanOrEqual(width);
        const broken = await page
          .locator("svg *")
          .evaluateAll((all) =>
            all.flatMap((one) =>
              [...one.attributes]
                .map((attribute) => attribute.value)
                .filter((value) => /NaN|undefined|Infinity/.test(value)),
            ),
          );
        expect(broken, `${stage} at ${width}`).toEqual([]);
      }
    }
    await page.goto(`/plans/${id}/load`);
    await page.getByRole("button", { name: /sizes$/ }).click();
    await expect(page.getByLabel(size)).not.toHaveValue("");
    expect(errors).toEqual([]);
  });
}

test("a trailer whose nose is too light says so, and a move cures it", async ({ page }) => {
  const { id } = await (
    await page.request.post("/api/plans", {
      data: { crew: 2, stay: "mixed", habit: "ordinary", days: 3, rig: "trailer" },
    })
  ).json();
  await page.goto(`/plans/${id}/tanks`);
  await page.locator("#tanks-list button").first().click();
  await type(page, "/tanks/0/x_m", "4.7 m");
  await page.keyboard.press("2");
  const light = snag(page, /The nose is .* too light/);
  await expect(light).toContainText("tends to sway");
  await expect(page.getByRole("link", { name: "Load: stopped" })).toBeVisible();
  await light.getByRole("button", { name: /^Move Tank/ }).click();
  await expect(light).toHaveCount(0);
});

test("a boat with a tank to one side lies over, and says how to right her", async ({ page }) => {
  const { id } = await (
    await page.request.post("/api/plans", { data: { crew: 2, stay: "mixed", habit: "ordinary", days: 2, rig: "boat" } })
  ).json();
  await page.goto(`/plans/${id}/tanks`);
  await page.locator("#tanks-list button").first().click();
  await type(page, "/tanks/0/y_m", "port 1 m");
  await expect(field(page, "/tanks/0/y_m")).toHaveValue("1000 left");
  await page.keyboard.press("[");
  await expect(glass(page, "Heel")).toContainText("to port");
  await snag(page, /She heels .*° to port/)
    .getByRole("button")
    .first()
    .click();
  await expect(snag(page, /She heels/)).toHaveCount(0);
  await expect(page.getByText("naval architect")).toBeVisible();
});
