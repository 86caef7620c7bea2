// A number of things names its unit, also when another supply is chosen beside it.
document.addEventListener('alpine:init', () => {
  Alpine.data('unit', () => ({
    chosen(event) {
      if (event.target.name !== 'supply') return;
      const options = event.target.list?.options ?? event.target.options;
      const option = [...options].find((o) => o.value === event.target.value);
      const unit = option?.dataset.unit ?? '';
      this.$root.dataset.unit = unit;
      for (const word of this.$root.querySelectorAll('.unit')) word.textContent = unit;
    },
  }));
});
