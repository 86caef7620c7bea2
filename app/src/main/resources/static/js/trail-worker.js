// Keeps the pages that somebody takes along, and what they look like, for when the server is out of reach.
const KEPT = 'hodeon-trail-2';
const START = '/kept';
const PATIENCE = 4000;

// Pages hold names and conditions: what was not seen anew for so long leaves the device.
const DAYS = 14;
const LOOK = /^\/(assets|webjars)\//;

self.addEventListener('install', (event) => {
  self.skipWaiting();
  event.waitUntil(start());
});

self.addEventListener('activate', (event) => {
  event.waitUntil((async () => {
    for (const name of await caches.keys()) {
      if (name.startsWith('hodeon-') && name !== KEPT) await caches.delete(name);
    }
    await expire();
    await self.clients.claim();
  })());
});

// The page that opens when nothing else can, with all it needs.
async function start() {
  const kept = await caches.open(KEPT);
  const page = await fetch(START);
  if (!page.ok) return;
  const looks = [...(await page.clone().text()).matchAll(/(?:href|src)="(\/(?:assets|webjars)\/[^"]+)"/g)].map((m) => m[1]);
  await kept.put(START, page);
  for (const look of looks) await put(kept, look, await fetch(look));
}

async function expire() {
  const kept = await caches.open(KEPT);
  for (const request of await kept.keys()) {
    const path = new URL(request.url).pathname;
    const date = Date.parse((await kept.match(request)).headers.get('date'));
    if (!LOOK.test(path) && path !== START && Date.now() - date > DAYS * 86_400_000) await kept.delete(request);
  }
}

// A page names the addresses that are to be kept with it.
self.addEventListener('message', (event) => {
  if (event.data.keep) event.waitUntil(keep(event.data.keep, event.source));
});

async function keep(addresses, asked) {
  const kept = await caches.open(KEPT);
  let pages = 0;
  let missed = 0;
  if (!await kept.match(START)) await start().catch(() => {});
  for (const address of addresses) {
    const look = LOOK.test(new URL(address, self.location).pathname);
    if (look && await kept.match(address)) continue;
    try {
      const response = await put(kept, address, await fetch(address, { credentials: 'same-origin' }));
      if (!look && response.ok && !response.redirected) pages += 1;
      else if (!look) missed += 1;
    } catch {
      // Out of reach just now: what was kept before stays.
      if (!look) missed += 1;
    }
  }
  if (pages + missed > 0) asked?.postMessage({ kept: pages, missed, days: DAYS });
}

async function put(kept, request, response) {
  if (response.ok && !response.redirected) await kept.put(request, response.clone());
  return response;
}

self.addEventListener('fetch', (event) => {
  const request = event.request;
  const address = new URL(request.url);
  if (request.method !== 'GET' || address.origin !== self.location.origin) return;
  if (LOOK.test(address.pathname)) event.respondWith(asset(event));
  else if (request.mode === 'navigate') event.respondWith(page(request));
});

// What carries its own version in its name never changes.
async function asset(event) {
  const before = await caches.match(event.request, { cacheName: KEPT }).catch(() => undefined);
  if (before) return before;
  const response = await fetch(event.request);
  // A device with no room left still shows the page.
  const copy = response.clone();
  event.waitUntil(caches.open(KEPT).then((kept) => put(kept, event.request, copy)).catch(() => {}));
  return response;
}

// As it was asked for, or the page without what was asked of it: never the answer to another question.
async function of(kept, request) {
  const address = new URL(request.url);
  return (await kept.match(request)) || kept.match(address.origin + address.pathname);
}

// A page that is kept opens after a few seconds at the latest; any other is waited for as long as it takes.
async function page(request) {
  const kept = await caches.open(KEPT);
  const before = await of(kept, request);
  try {
    const late = new Promise((_, no) => setTimeout(() => no(new Error('late')), PATIENCE));
    const response = await (before ? Promise.race([fetch(request), late]) : fetch(request));
    if (await kept.match(request)) await put(kept, request, response).catch(() => {});
    return response;
  } catch {
    await expire();
    return (await of(kept, request)) || (await kept.match(START)) || Response.error();
  }
}
