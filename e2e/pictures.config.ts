import { defineConfig } from "@playwright/test";
import config from "./playwright.config";

/** Takes the pictures of docs/screenshots again, of the running application. */
export default defineConfig({ ...config, testDir: "pictures", reporter: "list" });
