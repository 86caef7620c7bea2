// The log in three taps. A note is first kept on this device, then sent once; whatever cannot be sent waits.
document.addEventListener('alpine:init', () => {
  const AGAIN = 15_000;

  Alpine.data('trail', () => ({
    note: {},

    // What was written before notes had a writer is whoever's who opens the page first.
    async adopt(before) {
      const notes = localStorage.getItem(before);
      if (notes !== null) {
        await this.keep([...JSON.parse(notes), ...this.waiting()]);
        localStorage.removeItem(before);
      }
    },

    async init() {
      // Notes are their writer's: whoever else signs in on this device neither sees nor sends them.
      this.store = window.hodeonNotes.store(this.$root.dataset.trip);
      this.zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
      for (const here of this.all('[data-here]')) here.textContent = this.zone;
      for (const aid of this.all('[data-aid]')) aid.hidden = true;
      this.keepPages();
      await window.hodeonNotes.open();
      await this.adopt(`hodeon-trail-${this.$root.dataset.trip}`);
      window.addEventListener('online', () => this.send());
      setInterval(() => this.send(), AGAIN);
      this.show();
      this.send();
    },

    keepPages() {
      const trip = this.$root.dataset.trip;
      const pages = ['trail', 'log', 'kit', 'odds', 'brief', 'ready'].map((p) => `/trips/${trip}/${p}`);
      return window.hodeonKeep?.([`/doses?trip=${trip}`, ...pages]);
    },

    what(event) {
      const chosen = event.currentTarget.dataset;
      this.note = { problem: chosen.problem, name: chosen.name, used: {}, counted: new Set() };
      for (const pair of (chosen.pieces ?? '').split(' ').filter(Boolean)) {
        const [supply, pieces] = pair.split('=');
        this.note.used[supply] = Number(pieces);
      }
      for (const line of this.all('[data-supply]')) {
        line.hidden = !(line.dataset.supply in this.note.used);
        line.querySelector('output').textContent = this.note.used[line.dataset.supply] ?? 0;
      }
      for (const asked of this.all('[data-asks]')) asked.hidden = asked.dataset.asks !== chosen.about;
      this.press('[data-problem]', event.currentTarget);
      this.$root.querySelector('#step-used').hidden = true;
      this.$root.querySelector('#step-who').hidden = false;
      for (const aid of this.all('[data-aid]')) aid.hidden = aid.dataset.aid !== chosen.problem;
      this.open(`[data-aid="${chosen.problem}"]`);
    },

    who(event) {
      this.note.who = event.currentTarget.dataset.who;
      this.note.person = event.currentTarget.dataset.person ?? '';
      this.dose();
      this.press('[data-who]', event.currentTarget);
      this.aid()?.dispatchEvent(new CustomEvent('aid-for', { detail: event.currentTarget.dataset.casualty ?? 'ADULT' }));
      this.all('[name="at"]')[0].value = this.now();
      this.open('#step-used');
    },

    // A name of the party is that person; another is somebody met on the way.
    typedName(event) {
      const name = event.target.value.trim();
      if (!name) return;
      const known = this.all('[data-who]').find((tap) => tap.dataset.who.toLowerCase() === name.toLowerCase());
      if (known) known.click();
      else this.who({ currentTarget: { dataset: { who: name } } });
    },

    // A dose is so many tablets for this person, not for anybody; what was counted by hand stays.
    dose() {
      for (const line of this.all('[data-doses]')) {
        const pieces = JSON.parse(line.dataset.doses)[this.note.who];
        if (pieces && this.note.used[line.dataset.supply] > 0 && !this.note.counted.has(line.dataset.supply)) {
          this.note.used[line.dataset.supply] = pieces;
          line.querySelector('output').textContent = pieces;
        }
      }
    },

    more(event) {
      this.count(event, 1);
    },

    fewer(event) {
      this.count(event, -1);
    },

    count(event, by) {
      const line = event.currentTarget.closest('[data-supply]');
      const pieces = Math.max(0, (this.note.used[line.dataset.supply] ?? 0) + by);
      this.note.used[line.dataset.supply] = pieces;
      this.note.counted.add(line.dataset.supply);
      line.querySelector('output').textContent = pieces;
    },

    async write(event) {
      event.preventDefault();
      const form = event.target;
      const value = (name) => form.elements[name].value.trim();
      const asks = (name) => (form.elements[name].closest('[data-asks]').hidden ? '' : value(name));
      const kept = this.keep([...this.waiting(), {
        id: crypto.randomUUID(),
        at: value('at'),
        problem: this.note.problem,
        name: this.note.name,
        who: this.note.who,
        person: this.note.person,
        used: this.note.used,
        place: value('place'),
        note: value('note'),
        tourniquetAt: asks('tourniquetAt'),
        bodyPlace: asks('bodyPlace'),
        specimen: asks('bodyPlace') !== '' && form.elements.specimen.checked,
        burnPercent: asks('burnPercent'),
        moments: this.moments(),
        zone: this.zone,
      }]);
      form.reset();
      this.aid()?.dispatchEvent(new CustomEvent('aid-taken'));
      for (const aid of this.all('[data-aid]')) aid.hidden = true;
      this.$root.querySelector('#step-who').hidden = true;
      this.$root.querySelector('#step-used').hidden = true;
      this.press('[data-problem]', null);
      document.getElementById('trail-state').focus();
      await kept;
      this.show();
      this.send();
    },

    // The block of what to do about the problem that is being written down.
    aid() {
      return this.all('[data-aid]').find((b) => b.dataset.aid === this.note.problem);
    },

    // What was pressed there, each with its time.
    moments() {
      return JSON.parse(localStorage.getItem(`hodeon-aid-${this.$root.dataset.trip}-${this.note.problem}`) ?? '{}').moments ?? [];
    },

    async send() {
      if (this.sending) return;
      this.sending = true;
      try {
        for (const entry of this.waiting().filter((e) => !e.faults)) {
          if (!await this.sendOne(entry)) break;
        }
      } finally {
        this.sending = false;
        this.show();
      }
    },

    // True when the next one may go.
    async sendOne(entry) {
      let response;
      try {
        const allowed = await fetch(`${location.pathname}/token`, { cache: 'no-store' });
        if (allowed.redirected) {
          this.signedOut = true;
          return false;
        }
        const { header, token } = await allowed.json();
        const { name, faults, stopped, ...sent } = entry;
        response = await fetch(location.pathname, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json', [header]: token },
          body: JSON.stringify(sent),
        });
      } catch {
        this.reached = false;
        return false;
      }
      this.reached = true;
      this.signedOut = false;
      if (response.status === 200 || response.status === 201) {
        await this.keep(this.waiting().filter((e) => e.id !== entry.id));
        this.sent = (this.sent ?? 0) + 1;
        this.counted = (await response.json()).counted ?? [];
        return true;
      }
      if (response.status === 409) {
        // Another note has this number by chance: it goes under a new one.
        await this.keep(this.waiting().map((e) => (e.id === entry.id ? { ...e, id: crypto.randomUUID() } : e)));
        return true;
      }
      if (response.status === 422 || response.status === 410) {
        const { faults, stopped } = await response.json();
        await this.keep(this.waiting().map((e) => (e.id === entry.id ? { ...e, faults, stopped } : e)));
        return true;
      }
      return false;
    },

    // Back to where it was written, with everything that was said; it waits no longer until it is written down again.
    change(id) {
      const entry = this.waiting().find((e) => e.id === id);
      const tap = this.all('[data-problem]').find((b) => b.dataset.problem === entry.problem);
      if (!entry || !tap) return;
      this.keep(this.waiting().filter((e) => e.id !== id));
      this.what({ currentTarget: tap });
      const who = this.all('[data-who]').find((b) => b.dataset.who === entry.who);
      this.who({ currentTarget: who ?? { dataset: { who: entry.who } } });
      this.note.used = { ...entry.used };
      for (const line of this.all('[data-supply]')) {
        if (line.dataset.supply in entry.used) line.querySelector('output').textContent = entry.used[line.dataset.supply];
      }
      for (const name of ['at', 'place', 'note', 'tourniquetAt', 'bodyPlace', 'burnPercent']) {
        this.all(`#step-used [name="${name}"]`)[0].value = entry[name] ?? '';
      }
      this.show();
    },

    drop(event) {
      const again = event.target.closest('[data-part="change"]')?.dataset.change;
      if (again) this.change(again);
      const id = event.target.closest('[data-part="drop"]')?.dataset.drop;
      if (!id) return;
      this.keep(this.waiting().filter((e) => e.id !== id));
      this.show();
    },

    // A dose that a clock stopped goes only with a reason, which is kept with it.
    allTheSame(event) {
      event.preventDefault();
      const over = event.target.elements.over.value.trim();
      if (over === '') return;
      this.keep(this.waiting().map((e) => {
        const { faults, stopped, ...again } = e;
        return e.id === event.target.dataset.note ? { ...again, over } : e;
      }));
      document.getElementById('trail-state').focus();
      this.show();
      this.send();
    },

    waiting() {
      return window.hodeonNotes.get(this.store);
    },

    keep(entries) {
      return window.hodeonNotes.set(this.store, entries);
    },

    show() {
      const waiting = this.waiting();
      const state = document.getElementById('trail-state');
      const count = waiting.filter((e) => !e.faults).length;
      state.textContent = count === 0
        ? (this.sent ? [hodeonSays('trail.allSent', this.sent), ...(this.counted ?? [])].join(' ') : hodeonSays('trail.nothingWaits'))
        : this.waits(hodeonSays(count === 1 ? 'trail.noteWaits' : 'trail.notesWait', count));
      const refused = waiting.length - count;
      if (refused > 0) state.textContent += ` ${hodeonSays('trail.couldNotBeTaken', refused)}`;
      state.classList.toggle('alarm', refused > 0);
      const list = document.getElementById('trail-waiting');
      // What somebody is writing there stays.
      if (!list.contains(document.activeElement) || document.activeElement.tagName !== 'INPUT') {
        list.replaceChildren(...waiting.map((entry) => this.line(entry)));
      }
    },

    waits(notes) {
      if (this.signedOut) return hodeonSays('trail.signInToSend', notes);
      return this.reached === false ? hodeonSays('trail.outOfReach', notes) : `${notes}.`;
    },

    line(entry) {
      const line = document.getElementById('trail-line').content.firstElementChild.cloneNode(true);
      line.querySelector('[data-part="what"]').textContent = `${entry.name}, ${entry.who || hodeonSays('trail.nobodyNamed')}, ${entry.at.replace('T', ' ')} (${entry.zone})`;
      line.querySelector('[data-part="fault"]').textContent = (entry.faults ?? []).join(' ');
      const drop = line.querySelector('[data-part="drop"]');
      drop.dataset.drop = entry.id;
      drop.setAttribute('aria-label', hodeonSays('trail.withdrawTheNote', entry.name));
      const change = line.querySelector('[data-part="change"]');
      change.dataset.change = entry.id;
      change.setAttribute('aria-label', hodeonSays('trail.changeTheNote', entry.name));
      const over = line.querySelector('form');
      over.hidden = !entry.stopped;
      over.dataset.note = entry.id;
      return line;
    },

    now() {
      const local = new Date(Date.now() - new Date().getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
      const { start, end } = this.$root.dataset;
      const day = local.slice(0, 10);
      return day < start ? `${start}T12:00` : day > end ? `${end}T12:00` : local;
    },

    all(selector) {
      return [...this.$root.querySelectorAll(selector)];
    },

    press(selector, chosen) {
      for (const button of this.all(selector)) button.setAttribute('aria-pressed', button === chosen);
    },

    open(selector) {
      const step = this.$root.querySelector(selector);
      step.hidden = false;
      step.scrollIntoView({ block: 'nearest' });
      step.querySelector('h2').focus();
    },
  }));
});
