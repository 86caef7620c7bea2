// A number of things names its unit, also when another supply is chosen beside it, or searched for by its name.
document.addEventListener('alpine:init', () => {
  Alpine.data('unit', () => ({
    chosen(event) {
      if (event.target.name === 'other') this.search(event.target);
      else if (event.target.name === 'supply') this.name(event.target, event.target.value);
    },
    name(field, value) {
      const options = field.list?.options ?? field.options;
      const option = [...options].find((o) => o.value === value);
      const unit = option?.dataset.unit ?? '';
      this.$root.dataset.unit = unit;
      for (const word of this.$root.querySelectorAll('.unit')) word.textContent = unit;
    },
    search(field) {
      const typed = field.value.trim().toLowerCase();
      const found = [...field.list.options].find((o) => o.value.toLowerCase() === typed);
      if (!found) return;
      const select = this.$root.querySelector('select[name=supply]');
      let option = [...select.options].find((o) => o.value === found.dataset.id);
      if (!option) {
        option = new Option(found.value, found.dataset.id);
        option.dataset.unit = found.dataset.unit;
        select.add(option);
      }
      select.value = found.dataset.id;
      field.value = '';
      this.name(select, select.value);
    },
  }));
});
