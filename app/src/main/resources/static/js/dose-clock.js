// When somebody may have something again, reckoned on the device: what the page was given goes on being right out of reach, with what
// was noted on the device since. The rules are those of the server's gate (DoseGate.next); a test holds the two against each other.
document.addEventListener('alpine:init', () => {
  const DAY = 86_400_000;
  const STANDS_FOR = 6 * 3_600_000;
  const AGAIN = 20_000;
  const BEHIND = 600_000;

  // The stricter of two, each at most so much a day, so far apart, so many times.
  const both = (one, other) => ({
    inADay: one.inADay === null || (other.inADay !== null && other.inADay < one.inADay) ? other.inADay : one.inADay,
    apart: Math.max(one.apart, other.apart),
    times: one.times === null || (other.times !== null && other.times < one.times) ? other.times : one.times,
  });

  // Noted in the two days around a moment, and what is taken every day and stands for itself; a dose asked about stands for one too.
  const around = (book, at, asked) => {
    const near = (d) => Math.abs(d.at - at) <= 2 * DAY;
    const noted = book.noted.filter(near);
    const expected = book.regular.flatMap((medicine) => {
      const due = [...medicine.due];
      [...noted, { at, product: asked }].filter((d) => d.product === medicine.product).sort((a, b) => a.at - b.at).forEach((d) => {
        let nearest = -1;
        due.forEach((t, i) => {
          const far = Math.abs(t - d.at);
          if (far <= STANDS_FOR && (nearest < 0 || far < Math.abs(due[nearest] - d.at))) nearest = i;
        });
        if (nearest >= 0) due.splice(nearest, 1);
      });
      return due.map((t) => ({ at: t, product: medicine.product, units: medicine.units, holds: medicine.holds })).filter(near);
    });
    return [...noted, ...expected].sort((a, b) => a.at - b.at);
  };

  // Every clock a product has to keep at a moment: one for each ingredient over all products, and its own.
  const clocks = (book, product, at) => {
    const doses = around(book, at, product.id);
    const inUse = doses.filter((d) => Math.abs(d.at - at) < DAY).map((d) => d.product);
    const ofIngredients = Object.entries(product.limits).map(([ingredient, limits]) => ({
      ingredient,
      limit: inUse.reduce((limit, other) => (limits.beside[other] ? both(limit, limits.beside[other]) : limit), limits.always),
      taken: doses.filter((d) => d.holds[ingredient]?.micrograms > 0)
        .map((d) => ({ at: d.at, amount: d.holds[ingredient].micrograms, clear: d.holds[ingredient].clear })),
    }));
    const own = doses.filter((d) => d.product === product.id && d.units > 0).map((d) => ({ at: d.at, amount: d.units, clear: 0 }));
    return [...ofIngredients, { ingredient: null, limit: product.itself, taken: own }];
  };

  const asks = (clock, amount) => (clock.ingredient === null ? { amount: amount.units, clear: 0 }
    : { amount: amount.holds[clock.ingredient]?.micrograms ?? 0, clear: amount.holds[clock.ingredient]?.clear ?? 0 });

  const fits = (clock, amount, at) => {
    const asked = { at, ...asks(clock, amount) };
    if (clock.taken.some((t) => Math.abs(t.at - at) < Math.max(clock.limit.apart, t.clear, asked.clear))) return false;
    const all = [...clock.taken, asked];
    // A window is fullest at the moment of a dose.
    return all.filter((end) => end.at >= at && end.at < at + DAY).every((end) => {
      const counted = all.filter((t) => t.at <= end.at && t.at + DAY > end.at);
      const sum = counted.reduce((s, t) => s + t.amount, 0);
      return (clock.limit.times === null || counted.length <= clock.limit.times)
        && (clock.limit.inADay === null || sum <= clock.limit.inADay);
    });
  };

  const isFirst = (book, product, at) => !around(book, at, product.id).some((d) => d.at > at - DAY && d.at <= at
    && (d.product === product.id || product.shares.some((i) => d.holds[i]?.micrograms > 0)));

  const mostThatFits = (book, product, at) => {
    const running = clocks(book, product, at);
    const amounts = isFirst(book, product, at) ? product.first : product.later;
    return amounts.find((amount) => running.every((clock) => fits(clock, amount, at))) ?? null;
  };

  // Now so much, or some from when, and the most at once from when; nulls where there is none.
  const next = (book, product, now) => {
    const most = product.first[0];
    const moments = new Set([now]);
    for (const clock of clocks(book, product, now)) {
      const clear = asks(clock, most).clear;
      for (const t of clock.taken) {
        for (const at of [t.at + Math.max(clock.limit.apart, t.clear, clear), t.at + DAY]) if (at >= now) moments.add(at);
      }
    }
    const sorted = [...moments].sort((a, b) => a - b);
    const some = mostThatFits(book, product, now);
    const fitting = (wanted) => {
      for (const at of sorted) {
        const amount = mostThatFits(book, product, at);
        if (amount && wanted(amount)) return { at, amount };
      }
      return null;
    };
    return { now: some, soonest: some ? null : fitting(() => true), full: fitting((a) => a.units === most.units)?.at ?? null };
  };

  const wall = (at, zone, options) => new Intl.DateTimeFormat('en-GB', { timeZone: zone, ...options }).format(at);

  // “Thu 14:05, Europe/Oslo”; in the hour that comes twice also by how much the clock is ahead.
  const said = (at, zone) => {
    const day = (t) => wall(t, zone, { year: 'numeric', month: '2-digit', day: '2-digit', hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });
    const twice = day(at) === day(at + 3_600_000) || day(at) === day(at - 3_600_000);
    const offset = wall(at, zone, { timeZoneName: 'longOffset' }).split('GMT')[1] || 'Z';
    return new Intl.DateTimeFormat(document.documentElement.lang || 'en', { timeZone: zone, weekday: 'short' }).format(at).replace('.', '') + ' ' + wall(at, zone, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' })
      + (twice ? ' at UTC' + offset : '') + ', ' + zone;
  };

  const from = (at, now, zone) => {
    const minutes = Math.floor((at - now + 59_000) / 60_000);
    return hodeonSays('doseNow.inHMin', said(at + 59_000, zone), Math.floor(minutes / 60), minutes % 60);
  };

  // The same sentences as the server's.
  const sentence = (product, found, now, zone) => {
    const most = product.first[0];
    const full = found.full === null ? hodeonSays('doseNow.notWithinADayThatIsMore') : hodeonSays('doseNow.from', from(found.full, now, zone));
    if (found.now?.units === most.units) return hodeonSays('doseNow.yesNowUpTo', most.says);
    if (found.now) return hodeonSays('doseNow.nowNoMoreThan', found.now.says, most.says, full);
    if (found.soonest && found.soonest.amount.units < most.units) {
      return hodeonSays('doseNow.notYetFrom', found.soonest.amount.says, said(found.soonest.at + 59_000, zone), most.says, full);
    }
    return hodeonSays(found.full === null ? 'doseNow.no' : 'doseNow.notYet', full);
  };

  Alpine.data('doseClock', () => ({
    book: null,

    async init() {
      this.book = JSON.parse(this.$root.dataset.book);
      await window.hodeonNotes.open();
      this.reckon();
      setInterval(() => this.reckon(), AGAIN);
    },

    // Doses that wait on this device to be sent, of whichever outing, by whoever is signed in: they count here already.
    waiting() {
      return window.hodeonNotes.all().filter((n) => n.person === this.$root.dataset.person);
    },

    // The book with what waits; null where what waits cannot be counted here.
    whole(waiting) {
      const noted = [...this.book.noted];
      for (const note of waiting) {
        for (const [supply, pieces] of Object.entries(note.used ?? {})) {
          const packs = this.book.packs.filter((p) => p.supply === supply);
          if (pieces > 0 && packs.length > 0) {
            const amount = packs[0].amounts[pieces - 1];
            if (!amount) return null;
            noted.push({ at: this.moment(note.at, note.zone), product: packs[0].product, units: amount.units, holds: amount.holds });
          }
        }
      }
      return { ...this.book, noted: noted.sort((a, b) => a.at - b.at) };
    },

    // A time on the clock on the wall of a zone.
    moment(local, zone) {
      const guess = Date.parse(local + 'Z');
      const shown = (at) => Date.parse(wall(at, zone, { year: 'numeric', month: '2-digit', day: '2-digit', hour: '2-digit', minute: '2-digit',
        second: '2-digit', hourCycle: 'h23' }).replace(/(\d+)\/(\d+)\/(\d+), /, '$3-$2-$1T') + 'Z');
      const first = guess - (shown(guess) - guess);
      return first - (shown(first) - guess);
    },

    reckon(now = Date.now()) {
      const waiting = this.waiting();
      const whole = this.whole(waiting);
      const zone = this.$root.dataset.zone;
      for (const line of this.$root.querySelectorAll('[data-product]')) {
        const product = this.book.products.find((p) => p.id === line.dataset.product);
        if (product) this.tell(line, ...this.answer(whole, product, now, zone, waiting.length > 0));
      }
    },

    // Whether all is well, and in words.
    answer(book, product, clock, zone, noted) {
      // A device whose clock runs a little behind is no earlier than the page that it shows.
      const now = Math.max(clock, this.book.from);
      if (!book || now >= this.book.until || clock < this.book.from - BEHIND) {
        return [false, hodeonSays('doseClock.notKnownOutOfReach')];
      }
      const found = next(book, product, now);
      const ask = product.asks || noted;
      const why = hodeonSays(product.asks ? 'doseClock.itHasCautionsForThem' : 'doseClock.notWhatGoesTogether');
      const too = found.now ? hodeonSays('doseClock.butAskFirst', why) : hodeonSays('doseNow.askFirstToo');
      return [found.now !== null && !ask, [sentence(product, found, now, zone), ...(ask ? [too] : [])].join(' ')];
    },

    tell(line, fine, says) {
      line.classList.toggle('fine', fine);
      line.classList.toggle('wait', !fine);
      line.querySelector('[data-part="mark"]').textContent = fine ? '●' : '◷';
      line.querySelector('[data-part="says"]').textContent = says;
    },

    next(book, product, now) {
      return next(book, product, now);
    },
  }));
});
