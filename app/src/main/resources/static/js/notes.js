// Notes that wait on this device. They are sealed to whoever writes them (AES-256-GCM): the house gives the key to the page of whoever is
// signed in, the browser keeps it where no script can read it, and it leaves with sign-out; the notes stay and open for their writer alone.
// Without https a browser seals nothing; then they stand as they are, as what goes over the line does.
(() => {
  const SEALED = 'sealed:';
  const NUMBER = 12;
  const member = () => document.body.dataset.member ?? '';
  const prefix = () => `hodeon-trail-${member()}.`;

  // Whatever was read or written, as it is now; null where it is sealed and the key is not here.
  const known = new Map();
  let key = null;

  const cabinet = async (mode, work) => {
    const opened = await new Promise((yes, no) => {
      const asked = indexedDB.open('hodeon-keys', 1);
      asked.onupgradeneeded = () => asked.result.createObjectStore('keys');
      asked.onsuccess = () => yes(asked.result);
      asked.onerror = () => no(asked.error);
    });
    try {
      return await new Promise((yes, no) => {
        const asked = work(opened.transaction('keys', mode).objectStore('keys'));
        asked.onsuccess = () => yes(asked.result);
        asked.onerror = () => no(asked.error);
      });
    } finally {
      opened.close();
    }
  };

  const bytes = (text) => Uint8Array.from(atob(text), (c) => c.charCodeAt(0));
  const text = (of) => btoa(String.fromCharCode(...of));

  const findKey = async () => {
    if (!globalThis.crypto?.subtle || member() === '') return null;
    const kept = await cabinet('readonly', (keys) => keys.get(member())).catch(() => null);
    if (kept) return kept;
    try {
      const answer = await fetch('/device/key', { cache: 'no-store' });
      if (!answer.ok || answer.redirected) return null;
      const given = await crypto.subtle.importKey('raw', bytes((await answer.json()).key), 'AES-GCM', false, ['encrypt', 'decrypt']);
      await cabinet('readwrite', (keys) => keys.put(given, member())).catch(() => {});
      return given;
    } catch {
      return null;
    }
  };

  // The place it is kept at goes into the seal: moved elsewhere it does not open.
  const sealing = (store, number) => ({ name: 'AES-GCM', iv: number, additionalData: new TextEncoder().encode(store) });

  const seal = async (store, entries) => {
    const number = crypto.getRandomValues(new Uint8Array(NUMBER));
    const closed = await crypto.subtle.encrypt(sealing(store, number), key, new TextEncoder().encode(JSON.stringify(entries)));
    return SEALED + text(new Uint8Array([...number, ...new Uint8Array(closed)]));
  };

  const read = async (store) => {
    const kept = localStorage.getItem(store);
    if (kept === null) return [];
    if (!kept.startsWith(SEALED)) return JSON.parse(kept);
    if (!key) return null;
    const all = bytes(kept.slice(SEALED.length));
    try {
      const open = await crypto.subtle.decrypt(sealing(store, all.slice(0, NUMBER)), key, all.slice(NUMBER));
      return JSON.parse(new TextDecoder().decode(open));
    } catch {
      return null;
    }
  };

  // What came while the seal could not be opened waits beside it, and joins it when it can.
  const beside = (store) => `${store}+`;

  const load = async (store) => {
    const sealed = await read(store);
    const added = JSON.parse(localStorage.getItem(beside(store)) ?? '[]');
    known.set(store, sealed && [...sealed, ...added]);
    if (sealed && added.length > 0) {
      await window.hodeonNotes.set(store, known.get(store));
      localStorage.removeItem(beside(store));
    }
  };

  // Another page of this house wrote something.
  window.addEventListener('storage', (event) => event.key?.startsWith(prefix()) && load(event.key.replace(/\+$/, '')));

  window.hodeonNotes = {
    store: (trip) => prefix() + trip,

    // Opens everything of whoever is signed in; what is read and written from then on is at hand at once.
    async open() {
      key ??= await findKey();
      const stores = Object.keys(localStorage).filter((name) => name.startsWith(prefix())).map((name) => name.replace(/\+$/, ''));
      for (const store of new Set(stores)) await load(store);
    },

    get(store) {
      const at = known.get(store);
      return at === undefined || at === null ? JSON.parse(localStorage.getItem(at === null ? beside(store) : store) ?? '[]') : at;
    },

    // Answers when it is kept for good.
    async set(store, entries) {
      if (known.get(store) === null) {
        localStorage.setItem(beside(store), JSON.stringify(entries));
        return;
      }
      known.set(store, entries);
      const closed = key ? await seal(store, entries) : JSON.stringify(entries);
      // Whoever wrote again meanwhile has written this too.
      if (known.get(store) === entries) localStorage.setItem(store, closed);
    },

    // All that wait, of whichever outing.
    all() {
      const stores = Object.keys(localStorage).filter((name) => name.startsWith(prefix())).map((name) => name.replace(/\+$/, ''));
      return [...new Set(stores)].flatMap((store) => this.get(store));
    },

    // Nobody is signed in any more.
    forget() {
      key = null;
      globalThis.indexedDB?.deleteDatabase('hodeon-keys');
    },
  };
})();
