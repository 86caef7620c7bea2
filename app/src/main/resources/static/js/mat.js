// The mat by keyboard: one tab stop for all tiles, arrows between them, + − p x on the one in focus.
document.addEventListener('alpine:init', () => {
  Alpine.data('mat', () => ({
    // While a better kit is looked for, look again now and then; what is on the page changes in place.
    init() {
      const again = setInterval(() => {
        if (this.$root.dataset.searching !== 'true') clearInterval(again);
        // Not while a change is under way: its answer would be thrown away for the one asked for later.
        else if (!this.$root.ariaBusy) this.$ajax(location.pathname + location.search, { target: 'mat', focus: false, sync: true });
      }, 1500);
      this.scriptless = false;
    },

    scriptless: true,

    // A choice of how to look is shown at once.
    looked(event) {
      event.target.form.requestSubmit();
    },

    // Undo and redo from anywhere on the page but where text is typed.
    turn(event) {
      if (!(event.ctrlKey || event.metaKey) || event.target.closest('input, textarea, select')) return;
      const key = event.key.toLowerCase();
      const id = key === 'y' || (key === 'z' && event.shiftKey) ? 'redo' : key === 'z' ? 'undo' : null;
      const button = id && document.getElementById(id);
      if (!button) return;
      event.preventDefault();
      button.click();
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

  const actions = { '+': 'plus', '=': 'plus', '-': 'minus', p: 'pin', x: 'ban', e: 'elsewhere' };
  const ways = {
    ArrowRight: (open) => beside(open, 1),
    ArrowLeft: (open) => beside(open, -1),
    ArrowDown: (open) => above(open, 1),
    ArrowUp: (open) => above(open, -1),
  };

  // Goes the way of the tile's own buttons, so that a key does exactly what they do.
  function press(tile, act) {
    const plus = tile.querySelector('.plus');
    if (!plus) return;
    const back = { pin: tile.classList.contains('pinned') && 'unpin', ban: tile.classList.contains('is-out') && 'unban' };
    const address = plus.getAttribute('formaction').replace(/[^/?]+(?=$|\?)/, back[act] || act);
    const button = document.createElement('button');
    button.type = 'submit';
    button.hidden = true;
    button.setAttribute('formaction', address);
    button.setAttribute('form', 'change');
    button.name = 'supply';
    button.value = tile.dataset.supply;
    tile.append(button);
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
