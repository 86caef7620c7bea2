// The mat by keyboard: one tab stop for all tiles, arrows between them, + − p x on the one in focus.
document.addEventListener('alpine:init', () => {
  Alpine.data('mat', () => ({
    // While a better kit is looked for, look again now and then; what is on the page changes in place.
    init() {
      const again = setInterval(() => {
        if (this.$root.dataset.searching !== 'true') clearInterval(again);
        else this.$ajax(location.pathname + location.search, { target: 'mat', focus: false });
      }, 1500);
    },

    key(event) {
      if (event.ctrlKey || event.altKey || event.metaKey) return;
      const open = event.target.closest('.tile-open');
      if (!open) return;
      const act = actions[event.key];
      const way = ways[event.key];
      if (act) {
        event.preventDefault();
        press(open.closest('.tile'), act);
      } else if (way) {
        event.preventDefault();
        way(open)?.focus();
      }
    },
  }));

  const actions = { '+': 'plus', '=': 'plus', '-': 'minus', p: 'pin', x: 'ban' };
  const ways = {
    ArrowRight: (open) => beside(open, 1),
    ArrowLeft: (open) => beside(open, -1),
    ArrowDown: (open) => above(open, 1),
    ArrowUp: (open) => above(open, -1),
  };

  // Uses the tile's own small form, so that a key does exactly what the button does.
  function press(tile, act) {
    const form = tile.querySelector('.stepper');
    const change = act === 'pin' && tile.classList.contains('pinned') ? 'unpin' : act;
    const address = form.getAttribute('action').replace(/[^/]+$/, change);
    const button = document.createElement('button');
    button.type = 'submit';
    button.hidden = true;
    button.setAttribute('formaction', address);
    form.append(button);
    button.click();
    button.remove();
  }

  // The tile before or after in reading order.
  function beside(open, step) {
    const all = [...document.querySelectorAll('.tile-open')];
    return all[all.indexOf(open) + step];
  }

  // The nearest tile in a row above or below, measured between centres; distance sideways counts double.
  function above(open, direction) {
    const middle = (element) => {
      const box = element.getBoundingClientRect();
      return [box.left + box.width / 2, box.top + box.height / 2];
    };
    const [x, y] = middle(open);
    let best = null;
    let least = Infinity;
    for (const tile of document.querySelectorAll('.tile-open')) {
      const [tx, ty] = middle(tile);
      const along = (ty - y) * direction;
      const distance = along + 2 * Math.abs(tx - x);
      if (along > 4 && distance < least) {
        least = distance;
        best = tile;
      }
    }
    return best;
  }
});
