/** Has the browser keep the application itself. A new version is fetched in the background, and used from the next start on. */
export function register(): void {
  if (!import.meta.env.PROD || !("serviceWorker" in navigator)) return;
  window.addEventListener("load", () => {
    void navigator.serviceWorker.register("/worker.js").catch(() => {
      // Without it everything works while the server is there.
    });
  });
}
