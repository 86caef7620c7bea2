// Keeps the pages of a started trip, and what they look like, for when the server is out of reach.
const KEPT = 'hodeon-trail-1';
const PATIENCE = 4000;

self.addEventListener('install', () => self.skipWaiting());

self.addEventListener('activate', (event) => {
  event.waitUntil((async () => {
    for (const name of await caches.keys()) {
      if (name.startsWith('hodeon-') && name !== KEPT) await caches.delete(name);
    }
    await self.clients.claim();
  })());
});

// A page names the addresses that are to be kept with it.
self.addEventListener('message', (event) => {
  if (event.data.keep) event.waitUntil(keep(event.data.keep));
});

async function keep(addresses) {
  const kept = await caches.open(KEPT);
  for (const address of addresses) {
    try {
      await put(kept, address, await fetch(address, { credentials: 'same-origin' }));
    } catch {
      // Out of reach just now: what was kept before stays.
    }
  }
}

async function put(kept, request, response) {
  if (response.ok && !response.redirected) await kept.put(request, response.clone());
  return response;
}

self.addEventListener('fetch', (event) => {
  const request = event.request;
  const address = new URL(request.url);
  if (request.method !== 'GET' || address.origin !== self.location.origin) return;
  if (/^\/(assets|webjars)\//.test(address.pathname)) event.respondWith(asset(request));
  else if (request.mode === 'navigate') event.respondWith(page(request));
});

// What carries its own version in its name never changes.
async function asset(request) {
  const kept = await caches.open(KEPT);
  return (await kept.match(request)) || put(kept, request, await fetch(request));
}

async function page(request) {
  const kept = await caches.open(KEPT);
  try {
    const response = await Promise.race([
      fetch(request),
      new Promise((_, late) => setTimeout(() => late(new Error('late')), PATIENCE)),
    ]);
    if (await kept.match(request)) await put(kept, request, response);
    return response;
  } catch {
    const before = await kept.match(request, { ignoreSearch: true });
    return before || new Response(
      '<!DOCTYPE html><meta name="viewport" content="width=device-width"><title>Out of reach</title>'
      + '<h1>The server is out of reach</h1><p>This page was not kept. Go back: the trail page and its notes work.</p>',
      { status: 503, headers: { 'Content-Type': 'text/html; charset=utf-8' } });
  }
}
