// The mat by keyboard: one tab stop for all tiles, arrows between them, + − p x on the one in focus.
document.addEventListener('alpine:init', () => {
  Alpine.data('mat', () => ({
    key(event) {
      if (event.ctrlKey || event.altKey || event.metaKey) return;
      const open = event.target.closest('.tile-open');
      if (!open) return;
      const act = actions[event.key];
      const way = arrows[event.key];
      if (act) {
        event.preventDefault();
        press(open.closest('.tile'), act);
      } else if (way) {
        event.preventDefault();
        neighbour(open, way)?.focus();
      }
    },
  }));

  const actions = { '+': 'plus', '=': 'plus', '-': 'minus', p: 'pin', x: 'ban' };
  const arrows = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] };

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

  // The nearest tile in a direction, measured between centres; sideways distance counts double.
  function neighbour(from, [dx, dy]) {
    const middle = (element) => {
      const box = element.getBoundingClientRect();
      return [box.left + box.width / 2, box.top + box.height / 2];
    };
    const [x, y] = middle(from);
    let best = null;
    let least = Infinity;
    for (const tile of document.querySelectorAll('.tile-open')) {
      const [tx, ty] = middle(tile);
      const along = (tx - x) * dx + (ty - y) * dy;
      const aside = Math.abs((tx - x) * dy) + Math.abs((ty - y) * dx);
      if (tile !== from && along > 4 && along + 2 * aside < least) {
        least = along + 2 * aside;
        best = tile;
      }
    }
    return best;
  }
});
