// The brief: legs on a strip of days that can be dragged and typed, a draft kept while typing, figures taken from a route.
document.addEventListener('alpine:init', () => {
  const SVG = 'http://www.w3.org/2000/svg';
  const WIDTH = 600;
  const PAUSE_MS = 1200;

  const draw = (parent, name, attributes, text) => {
    const element = document.createElementNS(SVG, name);
    Object.entries(attributes).forEach(([key, value]) => element.setAttribute(key, value));
    if (text) element.textContent = text;
    parent.append(element);
    return element;
  };

  Alpine.data('brief', () => ({
    timer: null,
    held: null,
    chosen: false,
    south: false,

    init() {
      const season = document.getElementById('season');
      this.south = season.dataset.south === 'true';
      this.chosen = Boolean(document.getElementById('start')?.value || document.querySelector('.presets [aria-current]'));
      this.strip();
      for (const other of document.querySelectorAll('.presets a')) other.addEventListener('click', (event) => this.start(event));
    },

    typed(event) {
      const name = event.target.name || '';
      if (['start', 'end'].includes(name)) this.follow(name);
      if (name === 'season') this.chosen = true;
      if (name.endsWith('].name')) this.know(event.target);
      if (event.target.closest('#legs')) this.strip();
      if (event.target.name?.endsWith('.kilograms')) this.weighedNow(event.target);
      clearTimeout(this.timer);
      this.timer = setTimeout(() => this.keep(), PAUSE_MS);
    },

    // One leg alone lasts from the first day to the last; the season is that of the first day until somebody chooses another.
    follow(name) {
      const legs = this.legs();
      if (legs.length === 1 && this.days()) legs[0].days.value = this.days();
      if (legs.length === 1) this.strip();
      if (name === 'start') this.seasonOfTheDay();
    },

    seasonOfTheDay() {
      const season = document.getElementById('season');
      const month = Number(document.getElementById('start')?.value.slice(5, 7));
      if (this.chosen || !month) return;
      season.value = season.dataset.months.split(' ')[(month - 1 + (this.south ? 6 : 0)) % 12];
    },

    otherSide() {
      this.south = !this.south;
      this.chosen = false;
      this.seasonOfTheDay();
    },

    get side() {
      return this.south ? 'north of the equator?' : 'south of the equator?';
    },

    // A name of the household's people that was chosen, with nothing else typed, brings what is written down of them.
    know(field) {
      const known = [...document.querySelectorAll('#known-names option')].some((o) => o.value === field.value);
      const years = document.getElementsByName(field.name.replace('.name', '.years'))[0];
      if (!known || years.value) return;
      this.leaving();
      document.getElementById('brief').requestSubmit(document.getElementById('know'));
    },

    // A mass typed anew was taken anew, unless somebody says otherwise after it.
    weighedNow(mass) {
      const on = document.getElementsByName(mass.name.replace('.kilograms', '.weighedOn'))[0];
      const now = new Date();
      if (on) on.value = new Date(now - now.getTimezoneOffset() * 60000).toISOString().slice(0, 10);
    },

    leaving() {
      clearTimeout(this.timer);
      this.timer = null;
    },

    // Whoever follows a link in mid-word finds the word again.
    gone() {
      if (this.timer === null) return;
      this.leaving();
      navigator.sendBeacon(document.getElementById('brief').action, this.draft());
    },

    draft() {
      const data = new URLSearchParams(new FormData(document.getElementById('brief')));
      data.set('do', 'draft');
      return data;
    },

    // What was typed is kept before another start takes its place.
    async start(event) {
      if (this.timer === null) return;
      event.preventDefault();
      this.leaving();
      await this.keep();
      location.assign(event.target.href);
    },

    async keep() {
      this.timer = null;
      const answer = await fetch(document.getElementById('brief').action, { method: 'POST', body: this.draft() });
      const said = document.getElementById('draft-kept');
      if (said) said.textContent = hodeonSays(answer.ok ? 'brief.keptAsADraft' : 'brief.theDraftCouldNotBeKept');
    },

    legs() {
      return [...document.querySelectorAll('#legs .leg')].map((row) => {
        const days = row.querySelector('[name$=".days"]');
        const activity = row.querySelector('[name$=".activity"]');
        return { days, halfDays: Math.max(0, Math.round(2 * Number(days.value.replace(',', '.')) || 0)), name: activity.selectedOptions[0].text };
      });
    },

    days() {
      const [start, end] = ['start', 'end'].map((id) => Date.parse(document.getElementById(id).value));
      return Number.isNaN(start) || Number.isNaN(end) || end < start ? 0 : Math.round((end - start) / 86400000) + 1;
    },

    strip() {
      const svg = document.getElementById('day-strip');
      if (!svg) return; // A kit that stays has a usual week and no days.
      const legs = this.legs();
      const sum = legs.reduce((all, leg) => all + leg.halfDays, 0);
      const whole = Math.max(sum, 2 * this.days(), 1);
      const step = WIDTH / whole;
      const focused = document.activeElement?.dataset?.edge;
      svg.replaceChildren();
      let at = 0;
      const ends = [];
      legs.forEach((leg, i) => {
        const width = leg.halfDays * step;
        draw(svg, 'rect', { class: i % 2 ? 'strip-leg odd' : 'strip-leg', x: at * step, y: 4, width, height: 34 });
        const room = Math.floor(width / 7.2);
        draw(svg, 'text', { class: 'strip-name', x: at * step + 6, y: 26 }, leg.name.length > room ? `${leg.name.slice(0, Math.max(0, room - 1))}…` : leg.name);
        at += leg.halfDays;
        ends.push(at);
      });
      // On top of every leg, so that both halves of an edge can be taken hold of.
      ends.slice(0, -1).forEach((end, i) => this.edge(svg, i, end, step, legs));
      if (at < 2 * this.days() - 1) draw(svg, 'rect', { class: 'strip-gap', x: at * step, y: 4, width: (2 * this.days() - at) * step, height: 34 });
      for (let day = 0; 2 * day < whole; day += Math.ceil(whole / 28)) draw(svg, 'text', { class: 'strip-day', x: 2 * day * step + 2, y: 52 }, hodeonSays('brief.day', day + 1));
      if (focused) svg.querySelector(`[data-edge="${focused}"]`)?.focus();
    },

    // An edge between two legs: what one loses the next one gains.
    edge(svg, i, at, step, legs) {
      const edge = draw(svg, 'g', {
        class: 'strip-edge', 'data-edge': i, role: 'slider', tabindex: 0, transform: `translate(${at * step} 0)`,
        'aria-label': hodeonSays('brief.endOf', legs[i].name), 'aria-valuemin': 0.5, 'aria-valuemax': (legs[i].halfDays + legs[i + 1].halfDays - 1) / 2,
        'aria-valuenow': legs[i].halfDays / 2, 'aria-valuetext': hodeonSays('brief.daysThenDaysOf', legs[i].halfDays / 2, legs[i + 1].halfDays / 2, legs[i + 1].name),
      });
      draw(edge, 'rect', { class: 'strip-reach', x: -12, y: 0, width: 24, height: 42 });
      draw(edge, 'rect', { class: 'strip-grip', x: -4, y: 0, width: 8, height: 42, rx: 3 });
      edge.addEventListener('keydown', (event) => {
        const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
        if (!by) return;
        event.preventDefault();
        this.shift(i, by);
      });
      edge.addEventListener('pointerdown', (event) => {
        event.preventDefault();
        this.held = i;
        svg.setPointerCapture(event.pointerId);
        svg.onpointermove = (move) => {
          const box = svg.getBoundingClientRect();
          const now = this.legs();
          const before = now.slice(0, this.held + 1).reduce((all, leg) => all + leg.halfDays, 0);
          const whole = Math.max(now.reduce((all, leg) => all + leg.halfDays, 0), 2 * this.days(), 1);
          this.shift(this.held, Math.round(((move.clientX - box.left) / box.width) * whole) - before);
        };
        svg.onpointerup = svg.onpointercancel = () => {
          svg.onpointermove = null;
        };
      });
    },

    shift(i, by) {
      const legs = this.legs();
      const least = 1 - legs[i].halfDays;
      const most = legs[i + 1].halfDays - 1;
      const moved = Math.min(most, Math.max(least, by));
      if (!moved) return;
      legs[i].days.value = (legs[i].halfDays + moved) / 2;
      legs[i + 1].days.value = (legs[i + 1].halfDays - moved) / 2;
      legs[i].days.dispatchEvent(new Event('input', { bubbles: true }));
    },
  }));

  Alpine.data('route', () => ({
    get scripted() {
      return document.getElementById('brief') !== null;
    },

    use() {
      const put = (field, value) => {
        field.value = value;
        field.dispatchEvent(new Event('input', { bubbles: true }));
      };
      put(document.getElementById('hoursToCare'), document.getElementById('route-help').textContent);
      const days = parseFloat(document.getElementById('route-days').textContent);
      const legs = document.querySelectorAll('#legs [name$=".days"]');
      if (legs.length === 1) {
        put(legs[0], days);
        const start = document.getElementById('start').value;
        if (start) {
          const end = new Date(`${start}T00:00Z`);
          end.setUTCDate(end.getUTCDate() + Math.ceil(days) - 1);
          put(document.getElementById('end'), end.toISOString().slice(0, 10));
        }
      }
    },
  }));
});
