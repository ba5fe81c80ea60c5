import { Component, type ComponentType, type ReactNode } from 'react';
import type { Trouble } from './Broken';

/** What a browser says of a part of the program that it could not fetch. */
const notFetched = /dynamically imported module|module script|preload CSS|Loading chunk/i;

/** Whether the server answers: then a part that is missing belongs to a version that is no longer there. */
const serverAnswers = () =>
  fetch('/healthz', { cache: 'no-store' }).then(
    ({ ok }) => ok,
    () => false,
  );

interface State {
  trouble: Trouble | null;
  /** Says it at length, once it is there; it may be that it cannot be fetched either. */
  Broken: ComponentType<{ trouble: Trouble }> | null;
}

/** Stands where a page broke: never a blank one. */
export class Boundary extends Component<{ children: ReactNode }, State> {
  override state: State = { trouble: null, Broken: null };

  static getDerivedStateFromError(error: unknown): Partial<State> {
    return { trouble: notFetched.test(String(error)) ? 'offline' : 'broken' };
  }

  override componentDidCatch(error: unknown) {
    import('./Broken').then(
      ({ Broken }) => this.setState({ Broken }),
      () => undefined,
    );
    if (!notFetched.test(String(error))) return;
    void serverAnswers().then((answers) => answers && this.setState({ trouble: 'newer' }));
  }

  override render() {
    const { trouble, Broken } = this.state;
    if (trouble === null) return this.props.children;
    if (Broken) return <Broken trouble={trouble} />;
    return (
      <p role="alert" style={{ padding: '2rem' }}>
        This page cannot be shown just now. What you wrote is kept on this device. <a href="">Try again</a>
      </p>
    );
  }
}
