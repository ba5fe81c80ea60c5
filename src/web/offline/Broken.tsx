export type Trouble = 'newer' | 'offline' | 'broken';

const words: Record<Trouble, { title: string; text: string; button: string }> = {
  newer: {
    title: 'There is a newer version of the program.',
    text: 'This page is of the version before. What you wrote is kept: entries and plans on this device until the server has them.',
    button: 'Load the new version',
  },
  offline: {
    title: 'This page is not kept on this device, and there is no network.',
    text: 'The page of a station that was open here opens without the network; plans, results and reports need it. What you wrote is kept on this device and is sent when the network is back.',
    button: 'Try again',
  },
  broken: {
    title: 'Something went wrong on this page.',
    text: 'What you wrote is kept: entries and plans on this device until the server has them.',
    button: 'Load the page again',
  },
};

/** What is said where a page broke. Plain styles, for it may be that nothing else came through. */
export function Broken({ trouble }: { trouble: Trouble }) {
  const { title, text, button } = words[trouble];
  const dark = document.documentElement.classList.contains('dark');
  return (
    <main
      role="alert"
      style={{
        position: 'fixed',
        inset: 0,
        overflow: 'auto',
        padding: '4rem max(1.5rem, calc(50vw - 17rem))',
        background: dark ? '#1E1612' : '#F6EFE2',
        color: dark ? '#F3E9DA' : '#2B1E15',
        fontFamily: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif",
        lineHeight: 1.45,
      }}
    >
      <h1 style={{ margin: '0 0 0.75rem', font: "600 1.4rem/1.25 'Bitter Variable', Georgia, serif" }}>
        {title}
      </h1>
      <p style={{ margin: '0 0 1.25rem' }}>{text}</p>
      <button
        type="button"
        onClick={() => window.location.reload()}
        style={{
          background: '#A9551F',
          color: '#FFFCF5',
          border: 0,
          borderRadius: 6,
          padding: '0.7rem 1.1rem',
          font: 'inherit',
          fontWeight: 600,
          cursor: 'pointer',
        }}
      >
        {button}
      </button>{' '}
      <a href="/" style={{ marginLeft: '1rem', color: 'inherit', textDecoration: 'underline' }}>
        To the first page
      </a>
    </main>
  );
}
