// Sets light or dark before the first paint, so that a dim room is not lit up for a moment.
(() => {
  let kept = null;
  try {
    kept = localStorage.getItem('tawny-light');
  } catch {
    // A browser that keeps nothing.
  }
  const dark = kept ? kept === 'dark' : matchMedia('(prefers-color-scheme: dark)').matches;
  document.documentElement.classList.add(dark ? 'dark' : 'light');
})();
