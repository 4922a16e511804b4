/* Answers for the patient's page while there is no connection: with what was seen last. It keeps nothing else. */
const KEPT = "waypost-home";

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));

self.addEventListener("fetch", (event) => {
  const url = new URL(event.request.url);
  if (event.request.method !== "GET" || url.origin !== location.origin) {
    return;
  }
  if (url.pathname === "/home/plan") {
    event.respondWith(fresh(event.request));
  } else if (url.pathname.startsWith("/assets/") || url.pathname.startsWith("/home/")) {
    event.respondWith(caches.match(event.request, { ignoreVary: true }).then((kept) => kept || fetch(event.request)));
  }
});

/* Only the page itself is kept, never the way to the door: whoever is turned away sees that. */
const fresh = async (request) => {
  try {
    const answer = await fetch(request);
    if (answer.ok && !answer.redirected && answer.headers.get("X-Waypost")) {
      (await caches.open(KEPT)).put("/home/plan", answer.clone());
    }
    return answer;
  } catch (offline) {
    const kept = await caches.match("/home/plan", { ignoreVary: true });
    if (kept) {
      return kept;
    }
    throw offline;
  }
};
