// A sentence of the wording, with what is put into its places.
window.hodeonSays = (key, ...given) => (window.hodeonWords[key] ?? key).replace(/\{(\d)\}/g, (_, place) => given[place]);
