// Buttons of forms that whoever looks may not send are not offered. The server refuses them all the same.
(() => {
  const body = document.body ?? document.documentElement;
  const said = document.querySelector('body')?.dataset.forms;
  if (!said) {
    return;
  }
  const doors = said.trim().split(/\s+/).map(door => {
    const [pattern, open] = door.split('=');
    const words = pattern.split('/').filter(w => w !== '');
    const path = words.map(w => (w === '**' ? '(?:/.*)?' : '/' + w.replace(/[.+]/g, '\\$&').replace('*', '[^/]+'))).join('');
    return { path: new RegExp('^' + path + '$'), open: open === '1' };
  });
  const opens = address => doors.find(door => door.path.test(new URL(address, location).pathname))?.open ?? false;
  const close = () => {
    for (const form of document.querySelectorAll('form[method=post]:not([data-closed])')) {
      if (!opens(form.getAttribute('action') ?? location.pathname)) {
        form.dataset.closed = '';
        for (const button of form.querySelectorAll('button')) {
          button.disabled = true;
          button.title = hodeonSays('doors.youMayLookHere');
        }
      }
    }
  };
  close();
  new MutationObserver(close).observe(body, { childList: true, subtree: true });
})();
