// What to do now: for whom, the time of every press, and the clocks that matter. All of it stays on this device until a note takes it.
document.addEventListener('alpine:init', () => {
  const SECOND = 1000;
  const DAY = 24 * 60 * 60 * SECOND;

  Alpine.data('aid', () => ({
    // Named here, or they would belong to the page and be shared by every block.
    store: '',
    seconds: null,
    ticking: null,
    audio: null,

    init() {
      const where = this.$root.dataset.aidTrip === 'here' ? location.pathname : this.$root.dataset.aidTrip;
      this.store = `hodeon-aid-${where}-${this.$root.dataset.aid}`;
      if (this.old()) localStorage.removeItem(this.store);
      this.$root.addEventListener('aid-for', (event) => this.chosen(event.detail));
      this.$root.addEventListener('aid-taken', () => this.clear());
      this.show();
      this.run();
    },

    // A clock that nobody started costs a phone nothing.
    run() {
      clearInterval(this.seconds);
      if (Object.keys(this.kept().clocks).length > 0) this.seconds = setInterval(() => this.tick(), SECOND);
      this.tick();
    },

    destroy() {
      clearInterval(this.seconds);
      this.silence();
    },

    // What was pressed for somebody a day ago is not done for whoever needs it now.
    old() {
      const { moments, clocks } = this.kept();
      const last = Math.max(0, ...moments.map((m) => Date.parse(m.at)), ...Object.values(clocks));
      return Date.now() - last > DAY;
    },

    kept() {
      return { moments: [], clocks: {}, ...JSON.parse(localStorage.getItem(this.store) ?? '{}') };
    },

    keep(kept) {
      localStorage.setItem(this.store, JSON.stringify(kept));
      this.show();
    },

    choose(event) {
      const button = event.target.closest('[data-for]');
      if (button) this.chosen(button.dataset.for);
    },

    chosen(casualty) {
      const buttons = this.all('[data-for]');
      if (!buttons.some((b) => b.dataset.for === casualty)) casualty = 'ADULT';
      for (const button of buttons) button.setAttribute('aria-pressed', button.dataset.for === casualty);
      for (const line of this.all('[data-whom]')) line.hidden = !line.dataset.whom.split(' ').includes(casualty);
    },

    // Each press is a time; pressed again it was a slip, or is done once more after the line was let go.
    press(event) {
      const line = event.target.closest('.aid-line');
      if (!line) return;
      const words = this.words(line);
      const kept = this.kept();
      const last = kept.moments.findLastIndex((m) => m.what === words);
      if (last >= 0 && line.getAttribute('aria-pressed') === 'true') kept.moments.splice(last, 1);
      else kept.moments.push({ at: this.now(), what: words });
      this.keep(kept);
    },

    clock(event) {
      const button = event.target.closest('.aid-clock');
      if (!button) return;
      const { kind, figure } = button.dataset;
      const words = this.words(button);
      const kept = this.kept();
      if (kept.clocks[words]) {
        delete kept.clocks[words];
        if (kind === 'beat') this.silence();
      } else {
        kept.clocks[words] = Date.now();
        kept.moments.push({ at: this.now(), what: words });
        if (kind === 'beat') this.sound(Number(figure));
      }
      this.keep(kept);
      this.run();
    },

    clear() {
      this.silence();
      localStorage.removeItem(this.store);
      this.show();
      this.run();
    },

    show() {
      const { moments } = this.kept();
      for (const line of this.all('.aid-line')) {
        line.setAttribute('aria-pressed', moments.some((m) => m.what === this.words(line)));
      }
      const times = this.$root.querySelector('.aid-times');
      times.hidden = moments.length === 0;
      times.querySelector('ol').replaceChildren(...moments.map((m) => {
        const item = document.createElement('li');
        item.textContent = `${m.at.slice(11)} ${m.what}`;
        return item;
      }));
    },

    tick() {
      const { clocks } = this.kept();
      for (const button of this.all('.aid-clock')) {
        const { kind, figure } = button.dataset;
        const started = clocks[this.words(button)];
        button.setAttribute('aria-pressed', Boolean(started));
        const output = button.querySelector('output');
        if (!started) {
          output.textContent = kind === 'after' ? `${figure} min` : kind === 'beat' ? hodeonSays('aid.aMinute', figure) : hodeonSays('aid.start');
          button.classList.remove('due', 'beat');
          continue;
        }
        const gone = Math.floor((Date.now() - started) / SECOND);
        if (kind === 'beat') {
          button.classList.add('beat');
          button.style.animationDuration = `${60 / figure}s`;
          output.textContent = hodeonSays('aid.aMinute', figure);
        } else if (kind === 'since') {
          output.textContent = this.clockFace(gone);
        } else {
          const left = figure * 60 - gone;
          const due = left <= 0;
          if (due && !button.classList.contains('due')) navigator.vibrate?.([300, 200, 300]);
          button.classList.toggle('due', due);
          output.textContent = due ? hodeonSays('aid.nowOver', this.clockFace(-left)) : this.clockFace(left);
        }
      }
    },

    clockFace(seconds) {
      const two = (n) => String(n).padStart(2, '0');
      const hours = Math.floor(seconds / 3600);
      return (hours > 0 ? `${hours}:${two(Math.floor(seconds / 60) % 60)}` : `${Math.floor(seconds / 60)}`) + `:${two(seconds % 60)}`;
    },

    // A tick that can be pushed to without looking.
    sound(perMinute) {
      if (!window.AudioContext) return;
      this.audio = new AudioContext();
      this.ticking = setInterval(() => {
        const tone = this.audio.createOscillator();
        const loud = this.audio.createGain();
        tone.frequency.value = 880;
        loud.gain.value = 0.2;
        tone.connect(loud).connect(this.audio.destination);
        tone.start();
        tone.stop(this.audio.currentTime + 0.05);
      }, (60 * SECOND) / perMinute);
    },

    silence() {
      clearInterval(this.ticking);
      this.audio?.close();
      this.audio = null;
    },

    now() {
      return new Date(Date.now() - new Date().getTimezoneOffset() * 60_000).toISOString().slice(0, 19);
    },

    // What a line or a clock says, without what the kit has for it.
    words(button) {
      return button.querySelector('span').textContent;
    },

    all(selector) {
      return [...this.$root.querySelectorAll(selector)];
    },
  }));

  // The list of what can happen, narrowed by what is typed.
  Alpine.data('aidList', () => ({
    sift(event) {
      const typed = event.target.value.trim().toLowerCase();
      for (const use of this.$root.querySelectorAll('.use')) use.hidden = !use.querySelector('h2').textContent.toLowerCase().includes(typed);
    },

    narrow(event) {
      const typed = event.target.value.trim().toLowerCase();
      for (const shelf of this.$root.querySelectorAll('.aid-choice details')) {
        let found = 0;
        for (const item of shelf.querySelectorAll('li')) {
          item.hidden = typed !== '' && !item.textContent.toLowerCase().includes(typed);
          if (!item.hidden) found += 1;
        }
        shelf.hidden = found === 0;
        if (typed !== '') shelf.open = found > 0;
      }
    },
  }));
});
