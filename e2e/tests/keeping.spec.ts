import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import { answer, FELLSIDE, field, openFellside, openItem, saved, stored, type } from "./bench";

test("a reload and the Back button lose nothing", async ({ page }) => {
  await openFellside(page);
  await type(page, "/use/days", "5");
  await expect(answer(page)).toHaveText("Carry 185 L for 5 days.");
  await page.keyboard.press("2");
  await page.keyboard.press("3");
  await page.goBack();
  await expect(page).toHaveURL(/\/load$/);
  await page.goBack();
  await expect(answer(page)).toHaveText("Carry 185 L for 5 days.");
  await saved(page);
  await page.reload();
  await expect(field(page, "/use/days")).toHaveValue("5");
});

test("two windows cannot overwrite each other: both states are shown and either can go on", async ({
  page,
  context,
}) => {
  const id = await openFellside(page);
  const other = await context.newPage();
  await other.goto(`/plans/${id}/use`);
  await expect(answer(other)).toBeVisible();
  await type(page, "/use/days", "4");
  await saved(page);
  await expect.poll(async () => (await stored(page, id)).use.days).toBe(4);
  await type(other, "/use/crew", "3");
  const conflict = other.getByRole("dialog", { name: "This plan was changed elsewhere." });
  await expect(conflict.getByRole("row", { name: /between fills/ })).toContainText("3 days4 days");
  await expect(conflict.getByRole("row", { name: /people/ })).toContainText("32");
  await conflict.getByRole("button", { name: "Keep mine" }).click();
  await expect.poll(async () => (await stored(page, id)).use).toMatchObject({ crew: 3, days: 3 });

  await type(page, "/use/days", "6");
  const again = page.getByRole("dialog", { name: "This plan was changed elsewhere." });
  await again.getByRole("button", { name: "Use theirs" }).click();
  await expect(field(page, "/use/crew")).toHaveValue("3");
  await expect(field(page, "/use/days")).toHaveValue("3");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(field(page, "/use/days")).toHaveValue("6");
});

test("changes of two windows in different places are put together", async ({ page, context }) => {
  const id = await openFellside(page);
  const other = await context.newPage();
  await other.goto(`/plans/${id}/tanks`);
  await openItem(other, "Tail tank");
  await type(page, "/use/days", "4");
  await expect.poll(async () => (await stored(page, id)).use.days).toBe(4);
  await type(other, "/tanks/0/length_mm", "1 m");
  const conflict = other.getByRole("dialog", { name: "This plan was changed elsewhere." });
  await expect(conflict).toContainText("The changes are to different things and can be combined.");
  await conflict.getByRole("button", { name: "Combine both" }).click();
  await expect(field(other, "/tanks/0/length_mm")).toHaveValue("1000");
  await expect
    .poll(async () => [(await stored(page, id)).use.days, (await stored(page, id)).tanks[0].length_mm])
    .toEqual([4, 1000]);

  await page.getByRole("link", { name: /^Tanks/ }).click();
  await openItem(page, "Tail tank");
  await type(page, "/tanks/0/length_mm", "1.1 m");
  const clash = page.getByRole("dialog", { name: "This plan was changed elsewhere." });
  await expect(clash).toContainText("Both changed the same thing");
  await expect(clash.getByRole("button", { name: "Combine both" })).toHaveCount(0);
  await clash.getByRole("button", { name: "Keep mine" }).click();
  await expect.poll(async () => (await stored(page, id)).tanks[0].length_mm).toBe(1100);
});

test("a save that arrived without its reply is no conflict, and typing goes on", async ({ page }) => {
  const id = await openFellside(page);
  let cut = 2;
  await page.route("**/api/plans/*", async (route) => {
    if (route.request().method() !== "PUT" || cut === 0) return route.continue();
    --cut;
    await route.fetch();
    await route.abort();
  });
  for (const days of ["4", "5", "6"]) {
    await type(page, "/use/days", days);
    await page.waitForTimeout(900);
  }
  await type(page, "/use/crew", "3");
  await saved(page);
  expect(cut).toBe(0);
  await expect(page.getByRole("dialog")).toHaveCount(0);
  expect((await stored(page, id)).use).toMatchObject({ days: 6, crew: 3 });
});

test("an edit taken back while it is on its way to the server is taken back there too", async ({ page }) => {
  const id = await openFellside(page);
  let arrive = () => {};
  const held = new Promise<void>((resolve) => {
    arrive = resolve;
  });
  const sent = page.waitForRequest((request) => request.method() === "PUT");
  await page.route("**/api/plans/*", async (route) => {
    if (route.request().method() === "PUT") await held;
    return route.continue();
  });
  await type(page, "/use/days", "5");
  await sent;
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(answer(page)).toHaveText("Carry 127 L for 3 days.");
  await expect(page.locator(".edge-save")).toHaveText("Saving …");
  arrive();
  await saved(page);
  expect((await stored(page, id)).use.days).toBe(3);
});

test("two tabs offline on one plan each keep their own edits, and neither is lost when both come back", async ({
  page,
  context,
}) => {
  // What is sent while a page goes away passes by the routes of a test.
  await context.addInitScript(() => {
    const online = window.fetch;
    window.fetch = (input, init) => (init?.keepalive ? Promise.reject(new TypeError("offline")) : online(input, init));
  });
  const id = await openFellside(page);
  const other = await context.newPage();
  await other.goto(`/plans/${id}/tanks`);
  await expect(answer(other)).toBeVisible();
  await context.route("**/api/plans/*", (route) =>
    route.request().method() === "PUT" ? route.abort() : route.continue(),
  );
  await openItem(other, "Tail tank");
  await type(page, "/use/days", "5");
  await type(other, "/tanks/0/length_mm", "1 m");
  for (const tab of [page, other])
    await expect(tab.locator(".edge-save")).toContainText("Your edits are in this browser");
  // A reload keeps them apart; a tab that is closed leaves its edits to the next that opens the plan.
  await page.reload();
  await expect(answer(page)).toHaveText("Carry 185 L for 5 days.");
  await other.reload();
  await openItem(other, "Tail tank");
  await expect(field(other, "/tanks/0/length_mm")).toHaveValue("1000");
  await other.close();
  await page.close();
  const last = await context.newPage();
  await last.goto(`/plans/${id}/use`);
  // A page that closes may let one of the two through after all; then they meet at once.
  await expect(last.locator(".edge-save")).toContainText(/in this browser|changed elsewhere too/);
  await context.unrouteAll();
  // Each of the two meets what has been saved meanwhile.
  await expect
    .poll(async () => {
      const combine = last.getByRole("button", { name: "Combine both" });
      if (await combine.isVisible()) await combine.click();
      return last.locator(".edge-save").textContent();
    })
    .toContain("Saved, revision");
  const plan = await stored(last, id);
  expect([plan.use.days, plan.tanks[0].length_mm]).toEqual([5, 1000]);
  await last.reload();
  await expect(last.getByRole("dialog")).toHaveCount(0);
  await saved(last);
});

test("a plan file goes out and comes back byte for byte", async ({ page }) => {
  await page.goto("/");
  await page
    .getByLabel("Plan file")
    .setInputFiles({ name: "torn.json", mimeType: "application/json", buffer: Buffer.from("{") });
  await expect(page.getByRole("alert")).toContainText("“torn.json” is not JSON");
  const crewless = readFileSync(FELLSIDE, "utf8").replace('"crew": 2', '"crew": 0');
  await page
    .getByLabel("Plan file")
    .setInputFiles({ name: "crewless.json", mimeType: "application/json", buffer: Buffer.from(crewless) });
  await expect(page.getByRole("alert")).toContainText("/use/crew 0 is outside what is allowed here");
  await page.getByLabel("Plan file").setInputFiles(FELLSIDE);
  await expect(answer(page)).toHaveText("Carry 127 L for 3 days.");
  await page.getByRole("button", { name: "File" }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Export the plan file" }).click();
  execFileSync("cmp", [await (await download).path(), FELLSIDE]);
});

test("earlier revisions say what changed, can be named and gone back to; a plan put away is brought back", async ({
  page,
}) => {
  const id = await openFellside(page);
  await page.getByLabel("Name of the plan").fill("Put-away test");
  await saved(page);
  await type(page, "/use/crew", "5");
  await expect.poll(async () => (await stored(page, id)).use.crew).toBe(5);
  await saved(page);
  await page.getByRole("button", { name: "File" }).click();
  await page.getByRole("button", { name: "Earlier revisions" }).click();
  const row = (number: number) =>
    page
      .getByRole("listitem")
      .filter({ has: page.getByRole("button", { name: new RegExp(`ame revision ${number}$`) }) });
  await expect(row(3)).toContainText(/People: 2 → 5.*3, \d+ \w+ \d{4}, \d\d:\d\d:\d\d/);
  await expect(row(2)).toContainText("Fellside is now called Put-away test");
  await row(1).getByRole("button", { name: "Name revision 1" }).click();
  await page.getByLabel("Name of the revision").fill("As it was taken in");
  await page.getByLabel("Name of the revision").press("Enter");
  await expect(row(1)).toContainText("As it was taken in");
  await row(1).getByRole("button", { name: "Go back to this" }).click();
  await expect(field(page, "/use/crew")).toHaveValue("2");
  await expect(page.getByLabel("Name of the plan")).toHaveValue("Fellside");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect.poll(async () => (await stored(page, id)).name).toBe("Put-away test");
  await saved(page);
  const { revisions } = await (await page.request.get(`/api/plans/${id}/revisions`)).json();
  expect(revisions.map((one: { origin: string }) => one.origin)).toEqual(["edit", "restore", "edit", "edit", "import"]);
  await page.getByRole("link", { name: "Plans" }).click();
  await page.getByRole("button", { name: "Archive Put-away test" }).click();
  await expect(page.getByRole("link", { name: /Put-away test/ })).toHaveCount(0);
  await page.getByRole("button", { name: "Restore it" }).click();
  await expect(page.getByRole("link", { name: /Put-away test/ })).toBeVisible();
});

test("what is on screen is given out, saved or not", async ({ page }) => {
  await openFellside(page);
  await page.route("**/api/plans/*", (route) =>
    route.request().method() === "PUT" ? route.abort() : route.continue(),
  );
  await type(page, "/use/days", "6");
  await expect(answer(page)).toHaveText("Carry 215 L for 6 days.");
  await page.getByRole("button", { name: "File" }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Export the plan file" }).click();
  expect(JSON.parse(readFileSync(await (await download).path(), "utf8")).use.days).toBe(6);
});

test("leaving the page saves what was just changed", async ({ page }) => {
  const id = await openFellside(page);
  await type(page, "/use/days", "4");
  await expect(answer(page)).toHaveText("Carry 156 L for 4 days.");
  await page.goto("about:blank");
  await expect.poll(async () => (await stored(page, id)).use.days).toBe(4);
  await page.goto(`/plans/${id}/use`);
  await type(page, "/use/days", "5");
  await expect(answer(page)).toHaveText("Carry 185 L for 5 days.");
  await page.getByRole("link", { name: "Plans" }).click();
  await expect.poll(async () => (await stored(page, id)).use.days).toBe(5);
});

test("pressing Begin twice begins one plan", async ({ page }) => {
  await page.goto("/new");
  const name = `Twice ${Date.now()}`;
  await page.getByLabel("Name (optional)").fill(name);
  await page.getByRole("button", { name: "Begin" }).dblclick();
  await expect(page).toHaveURL(/\/plans\/\w+\/use$/);
  const { plans } = await (await page.request.get("/api/plans")).json();
  expect(plans.filter((plan: { name: string }) => plan.name === name)).toHaveLength(1);
});

test("a refused text stays with its tank when another is removed, undone, and when units are switched", async ({
  page,
}) => {
  await openFellside(page, "tanks");
  await page.getByRole("button", { name: "Waste tank", exact: true }).click();
  await field(page, "/tanks/2/length_mm").fill("rather long");
  await expect(page.getByRole("alert")).toBeVisible();
  await expect(page.locator(".answer-note")).toContainText("One entry does not count here yet.");
  await page.getByRole("button", { name: "Tail tank", exact: true }).click();
  await page.getByRole("button", { name: "Remove", exact: true }).click();
  await expect(page.getByRole("group", { name: "Remove it?" })).toContainText("Loses its tank: Pipe 1.");
  await page.getByRole("button", { name: "Remove it" }).click();
  await page.getByRole("button", { name: "Waste tank", exact: true }).click();
  await expect(field(page, "/tanks/1/length_mm")).toHaveValue("rather long");
  await page.getByRole("button", { name: "Undo" }).click();
  await page.getByRole("button", { name: "Waste tank", exact: true }).click();
  await expect(field(page, "/tanks/2/length_mm")).toHaveValue("rather long");
  await page.getByRole("button", { name: "Units" }).click();
  await page.getByRole("radio", { name: "inches" }).click();
  await page.keyboard.press("2");
  await expect(page).toHaveURL(/\/tanks$/);
  await page.keyboard.press("Escape");
  await expect(field(page, "/tanks/2/length_mm")).toHaveValue("rather long");
  await field(page, "/tanks/2/length_mm").press("Escape");
  await expect(field(page, "/tanks/2/length_mm")).toHaveValue("28 3/8");
  await expect(page.locator(".answer-note")).toHaveCount(0);
});

test("Escape takes back what was typed in this visit, and Enter keeps the keyboard where it is", async ({ page }) => {
  const id = await openFellside(page);
  const days = field(page, "/use/days");
  await days.fill("9");
  await expect(answer(page)).toHaveText("Carry 302 L for 9 days.");
  await days.press("Escape");
  await expect(days).toHaveValue("3");
  await expect(answer(page)).toHaveText("Carry 127 L for 3 days.");
  await days.fill("a week");
  await days.press("Enter");
  await expect(days).toBeFocused();
  await expect(days).toHaveValue("7");
  await days.press("Escape");
  await expect(days).toHaveValue("3");
  await saved(page);
  await expect.poll(async () => (await stored(page, id)).use.days).toBe(3);
});

test("an unlikely weight is asked about, and either reading can be taken", async ({ page }) => {
  const id = await openFellside(page, "load");
  await page.getByRole("button", { name: /plate, ticket and sizes/ }).click();
  const weighed = field(page, "/load/rig/axles/0/weighed_kg");
  await weighed.fill("1.350");
  await expect(page.getByRole("alert")).toContainText("“1.350” is far from the 1 442 kg next to it.");
  await page.getByRole("button", { name: "1 350 kg", exact: true }).click();
  await expect.poll(async () => (await stored(page, id)).load.rig.axles[0].weighed_kg).toBe(1350);
  await expect(weighed).toBeFocused();
  await weighed.fill("135");
  await page.getByRole("button", { name: "135 kg", exact: true }).click();
  await expect.poll(async () => (await stored(page, id)).load.rig.axles[0].weighed_kg).toBe(135);
});

test("two windows that add a can give it different ids, and both cans stay", async ({ page, context }) => {
  const id = await openFellside(page, "tanks");
  const other = await context.newPage();
  await other.goto(`/plans/${id}/tanks`);
  await expect(answer(other)).toBeVisible();
  await page.getByRole("button", { name: "Add a can" }).click();
  await expect.poll(async () => (await stored(page, id)).tanks.length).toBe(4);
  await other.getByRole("button", { name: "Add a can" }).click();
  await other.getByRole("button", { name: "Combine both" }).click();
  await expect.poll(async () => (await stored(page, id)).tanks.length).toBe(5);
  const ids = (await stored(page, id)).tanks.map((tank: { id: string }) => tank.id);
  expect(new Set(ids).size).toBe(5);
});

test("edits that were kept here before the application was brought up to date go on in the form that plans have since", async ({
  page,
}) => {
  const id = await openFellside(page);
  const old = JSON.parse(
    readFileSync(new URL("../../core/tests/plans/fellside-version-3.json", import.meta.url), "utf8"),
  );
  const edited = { ...old, use: { ...old.use, days: 5 } };
  await page.goto("/");
  await page.evaluate(
    ([at, kept]) => localStorage.setItem(at!, kept!),
    [
      `yardcask.kept.${id}.gone`,
      JSON.stringify([{ base: { revision: 1, plan: old }, plan: edited, sent: [], typed: {} }]),
    ],
  );
  await page.goto(`/plans/${id}/load`);
  await expect(answer(page)).toBeVisible();
  await expect.poll(async () => (await stored(page, id)).use.days).toBe(5);
  const plan = await stored(page, id);
  expect([plan.version, plan.load.rig.axles.length]).toEqual([11, 2]);
});

test("a stage that cannot be fetched while the server is away says so, and comes when it is back", async ({ page }) => {
  await openFellside(page);
  await page.route(/\/assets\/|\/api\/health/, (route) => route.abort());
  await page.getByRole("link", { name: /^Line/ }).click();
  await expect(page.getByText("so this page cannot be loaded yet. Trying again …")).toBeVisible();
  await page.unroute(/\/assets\/|\/api\/health/);
  await expect(page.getByRole("region", { name: "Still to measure" })).toBeVisible();
});

test("nothing is called saved while a field is not in the plan", async ({ page }) => {
  await openFellside(page);
  await page.locator('[data-pointer="/use/days"]').fill("a few");
  await page.keyboard.press("Tab");
  await expect(page.locator(".edge-save")).toHaveText("A field is not in the plan yet.");
  await page.locator('[data-pointer="/use/days"]').fill("4");
  await saved(page);
});
