// The simulated scale types what it shows where somebody would have typed it.
document.addEventListener('alpine:init', () => {
  Alpine.data('scale', () => ({
    async weigh(event) {
      const row = event.target.closest('[data-supply]');
      const pieces = row.querySelector('[name="pieces"]')?.value || '1';
      const asked = new URLSearchParams({ supply: row.dataset.supply, pieces });
      const shown = await fetch(`/simulated/scale/reading?${asked}`);
      if (shown.ok) row.querySelector('[name="grams"], [name="mass"]').value = `${await shown.text()} g`;
    },
  }));
});
