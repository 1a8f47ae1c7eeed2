/// <reference lib="webworker" />
import { ExpirationPlugin } from "workbox-expiration";
import { matchPrecache, precacheAndRoute } from "workbox-precaching";
import { NavigationRoute, registerRoute } from "workbox-routing";
import { CacheFirst, NetworkFirst } from "workbox-strategies";
import { KEEP, KEPT } from "./headers";

declare const self: ServiceWorkerGlobalScope;

/** Some fifteen plans with all of their stages. */
const MOST_REPLIES = 250;
const MOST_PHOTOS = 200;
const PAGES = [/^\/$/, /^\/(new|joints)\/?$/, /^\/plans\//];
const READ = /^\/api\/(plans|catalogue|parts|own-parts|own-tanks|plans\/[0-9a-f]{12}(\/records)?)$/;
const WORKED_OUT = /^\/api\/(assess|drawing)$/;
const PHOTO = /^\/api\/plans\/[0-9a-f]{12}\/photos\//;

precacheAndRoute(self.__WB_MANIFEST);

// The page as the server has it now, so that a new version is there with the next start; as it was kept while the server is away.
registerRoute(
  new NavigationRoute(
    async ({ request }) => {
      try {
        const page = await fetch(request);
        if (page.ok) return page;
      } catch {
        // Kept below.
      }
      return (await matchPrecache("/index.html")) ?? Response.error();
    },
    { allowlist: PAGES },
  ),
);

const digest = async (text: string) => {
  const bytes = await crypto.subtle.digest("SHA-256", new TextEncoder().encode(text));
  return Array.from(new Uint8Array(bytes), (byte) => byte.toString(16).padStart(2, "0")).join("");
};

/** A reply is kept under its address; what was worked out of a plan, under that plan too. */
const keptUnder = async (request: Request) => {
  if (request.method === "GET") return request;
  const address = new URL(request.url);
  // What is opened on the line only adds its fields.
  address.searchParams.delete("opened");
  address.searchParams.set("of", await digest(await request.clone().text()));
  return address.href;
};

const whileAway = new NetworkFirst({
  cacheName: "yardcask-replies",
  plugins: [
    {
      // A copy is sent: under what the plan is kept can be read of it afterwards.
      requestWillFetch: async ({ request }) => request,
      cacheKeyWillBeUsed: ({ request }) => keptUnder(request),
      // What people type on the way is worked out too, and kept only where the page asks for it.
      cacheWillUpdate: async ({ request, response }) =>
        response.ok && (request.method === "GET" || request.headers.has(KEEP)) ? response : null,
      fetchDidSucceed: async ({ response }) => {
        if (response.status >= 502 && response.status <= 504) throw new Error("The server is starting or has stopped.");
        return response;
      },
      cachedResponseWillBeUsed: async ({ cachedResponse }) => {
        if (!cachedResponse) return null;
        const headers = new Headers(cachedResponse.headers);
        headers.set(KEPT, "yes");
        return new Response(cachedResponse.body, { status: cachedResponse.status, headers });
      },
    },
    new ExpirationPlugin({ maxEntries: MOST_REPLIES, purgeOnQuotaError: true }),
  ],
});
registerRoute(({ url }) => READ.test(url.pathname), whileAway);
registerRoute(({ url }) => WORKED_OUT.test(url.pathname), whileAway, "POST");
registerRoute(
  ({ url }) => PHOTO.test(url.pathname),
  new CacheFirst({
    cacheName: "yardcask-photos",
    plugins: [new ExpirationPlugin({ maxEntries: MOST_PHOTOS, purgeOnQuotaError: true })],
  }),
);
