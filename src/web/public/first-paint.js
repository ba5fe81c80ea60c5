// Sets light or dark before the first paint, so that a dim room is not lit up for a moment.
(() => {
  const kept = localStorage.getItem('tawny-light');
  const dark = kept ? kept === 'dark' : matchMedia('(prefers-color-scheme: dark)').matches;
  document.documentElement.classList.add(dark ? 'dark' : 'light');
})();
