import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import { answer, FELLSIDE, openItem, saved, stored } from "./bench";

test.slow();

for (const stage of ["use", "load", "tanks", "line"]) {
  test(`every field of ${stage} can be emptied and filled again, and the plan is as it was`, async ({ page }) => {
    const errors: string[] = [];
    page.on("pageerror", (error) => errors.push(error.message));
    const plan = { ...JSON.parse(readFileSync(FELLSIDE, "utf8")), name: `Emptied, ${stage}` };
    const { id } = await (await page.request.post("/api/plans/import", { data: plan })).json();
    await page.goto(`/plans/${id}/${stage}`);
    const fields = page.locator('input[type="text"][data-pointer]');
    // The stage's own fields, not only the plan's name at the edge.
    await expect(page.locator("#bench input[data-pointer], #bench button[aria-expanded]").first()).toBeVisible();
    if (stage === "tanks") await openItem(page, "Tail tank");
    await expect.poll(() => fields.count()).toBeGreaterThan(stage === "line" ? 0 : 3);
    if (stage === "line") {
      await page
        .getByRole("button", { name: /^Storage heater/ })
        .last()
        .click();
      await expect(page.locator('[data-pointer$="/rating_kpa"]').first()).toBeVisible();
    }
    const pointers = await fields.evaluateAll((all) => all.map((one) => one.getAttribute("data-pointer")!));
    expect(pointers.length).toBeGreaterThan(3);
    for (const pointer of pointers) {
      const field = page.locator(`input[type="text"][data-pointer="${pointer}"]`).first();
      const before = await field.inputValue();
      await field.focus();
      await page.keyboard.press("Control+A");
      await page.keyboard.press("Delete");
      await expect(field, pointer).toHaveValue("");
      await expect(field, pointer).toBeFocused();
      await page.keyboard.insertText(before);
      await page.keyboard.press("Enter");
      await expect(field, pointer).toHaveValue(before);
    }
    await saved(page);
    expect(await stored(page, id)).toEqual(plan);
    await page.reload();
    await expect(answer(page)).toBeVisible();
    expect(errors).toEqual([]);
  });
}

test("an edit kept in this browser that the server does not take is shown with the reason, and can be undone", async ({
  page,
}) => {
  const plan = { ...JSON.parse(readFileSync(FELLSIDE, "utf8")), name: "Broken in the browser" };
  const { id } = await (await page.request.post("/api/plans/import", { data: plan })).json();
  const broken = structuredClone(plan);
  delete broken.use.uses[1].litres;
  const kept = [{ base: { revision: 1, plan }, plan: broken, sent: [], typed: {} }];
  await page.goto("/");
  await page.evaluate(
    ([at, text]) => localStorage.setItem(at!, text!),
    [`yardcask.kept.${id}.another`, JSON.stringify(kept)],
  );
  await page.goto(`/plans/${id}/use`);
  const said = page.getByRole("alert");
  await expect(said).toContainText("The edits kept in this browser cannot be used");
  await expect(said).toContainText("This is missing.");
  await said.getByRole("button", { name: "Undo these edits" }).click();
  await expect(page.locator('input[data-pointer="/use/uses/1/litres"]')).toHaveValue("3");
  await page.reload();
  await expect(page.locator('input[data-pointer="/use/uses/1/litres"]')).toHaveValue("3");
});
