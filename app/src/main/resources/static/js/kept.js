// Out of reach: the pages this device keeps, by their own titles, the latest first.
(async () => {
  const list = document.getElementById('kept');
  document.getElementById('try-again').addEventListener('click', () => location.reload());
  const found = [];
  for (const name of 'caches' in window ? await caches.keys() : []) {
    const kept = await caches.open(name);
    for (const request of await kept.keys()) {
      const address = new URL(request.url);
      if (/^\/(assets|webjars|kept|manifest)/.test(address.pathname)) continue;
      const page = await kept.match(request);
      const title = new DOMParser().parseFromString(await page.text(), 'text/html').title.replace(' · Hodeon', '');
      found.push({ href: address.pathname + address.search, title, of: new Date(page.headers.get('date') ?? 0) });
    }
  }
  found.sort((a, b) => b.of - a.of);
  list.hidden = found.length === 0;
  document.getElementById('none-kept').hidden = found.length > 0;
  for (const { href, title, of } of found) {
    const line = document.createElement('li');
    const link = document.createElement('a');
    link.href = href;
    link.textContent = title;
    const when = document.createElement('span');
    when.className = 'hint';
    when.textContent = hodeonSays('kept.asOf', of.toISOString().slice(0, 16).replace('T', ' '));
    line.append(link, when);
    list.append(line);
  }
})();
