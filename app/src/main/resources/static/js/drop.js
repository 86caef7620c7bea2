// A list dropped or chosen as a file: plain text lands in the field, where it can be read before anything happens; a table is sent, so
// that its columns can be looked at.
document.addEventListener('alpine:init', () => {
  const MOST_BYTES = 200_000;

  Alpine.data('drop', () => ({
    over() {
      this.$root.classList.add('over-drop');
    },

    away() {
      this.$root.classList.remove('over-drop');
    },

    dropped(event) {
      this.away();
      const file = event.dataTransfer.files[0];
      if (file) {
        this.$root.querySelector('#file').files = event.dataTransfer.files;
        this.take(file);
      } else this.put(event.dataTransfer.getData('text/plain'));
    },

    chosen(event) {
      if (event.target.files[0]) this.take(event.target.files[0]);
    },

    take(file) {
      if (/\.txt$/i.test(file.name)) this.read(file);
      else this.$root.requestSubmit(this.$root.querySelector('#read-file'));
    },

    async read(file) {
      if (file.size > MOST_BYTES) {
        this.say(hodeonSays('drop.aListHasAtMost', file.name, Math.round(file.size / 1000), MOST_BYTES / 1000));
        return;
      }
      this.put(await file.text());
      this.say('');
    },

    put(text) {
      this.$root.querySelector('textarea').value = text;
    },

    say(words) {
      this.$root.querySelector('#file-said').textContent = words;
    },

    // A number changed in the sorted list is weighed at once.
    changed(event) {
      if (event.target.matches('[name="take"], [name="second"]')) {
        event.target.form.requestSubmit(event.target.form.querySelector('#weigh'));
      }
    },
  }));
});
