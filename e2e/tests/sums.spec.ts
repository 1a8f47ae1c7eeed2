import { expect, test } from "@playwright/test";
import { answer, field, glass, openFellside } from "./bench";

test("every figure opens its sum, and the sum leads to the field behind it", async ({ page }) => {
  await openFellside(page);
  await page.getByRole("button", { name: /^Payload left/ }).click();
  const sum = page.getByRole("dialog");
  await expect(sum).toContainText("limit − “Rear axle, on the road”");
  await sum
    .getByRole("row", { name: /Rear axle, on the road/ })
    .getByRole("button", { name: "its sum" })
    .click();
  await expect(sum).toContainText(
    "“Rear axle, weighed” + full line aboard when weighed + Driver × place of Driver ÷ wheelbase + …",
  );
  await expect(sum).toContainText("moments of every weight about the axle");
  await sum
    .getByRole("row", { name: /place of Boots, hose, flags/ })
    .getByRole("button", { name: "change" })
    .click();
  await expect(page).toHaveURL(/\/load$/);
  await expect(field(page, "/load/loads/2/x_m")).toBeFocused();
  await page.keyboard.press("Control+A");
  await page.keyboard.type("2500");
  await expect(glass(page, "Payload left")).toContainText("was −42 kg");
});

test("all that the rig weighs together is on the weigh ticket, line by line", async ({ page }) => {
  const id = await openFellside(page, "load");
  const { plan } = await (await page.request.get(`/api/plans/${id}`)).json();
  const { sums } = await (await page.request.post("/api/sums", { data: plan })).json();
  const labels: string[] = sums["load.gross.travel"].inputs.map((input: { label: string }) => input.label);
  const ticket = page.getByRole("region", { name: "Weigh ticket" });
  // People and gear are there one by one.
  for (const label of labels.filter((one) => one !== "People and gear"))
    await expect(ticket.getByText(label, { exact: true })).toBeVisible();
  expect(labels).toContain("Fittings and straps");
});

test("marks to cut, answers and parts of a day open their sums too", async ({ page }) => {
  await openFellside(page);
  const sum = page.getByRole("dialog");
  await page.getByRole("button", { name: /^Shower 14 L/ }).click();
  await expect(sum).toContainText("Shower, a day14 L= whole stay ÷ days");
  await sum.getByRole("button", { name: "its sum" }).click();
  await expect(sum).toContainText("flow × minutes × times a day × people × days");
  await sum
    .getByRole("row", { name: /minutes/ })
    .getByRole("button", { name: "change" })
    .click();
  await expect(field(page, "/use/uses/4/minutes")).toBeFocused();
  await page.getByRole("link", { name: /^Load/ }).click();
  await answer(page).getByRole("button").click();
  await expect(sum).toContainText(
    "“Carried, brim full” × (limit: gross limit − held back because weights are estimated",
  );
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
