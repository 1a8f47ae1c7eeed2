/** Asks the service worker to keep what the server answers. */
export const KEEP = "X-Keep";
/** Says that the service worker answered with what it had kept, because the server is away. */
export const KEPT = "X-Kept";
