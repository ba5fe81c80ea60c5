import { Component, type ComponentType, type ReactNode } from 'react';
import type { Trouble } from './Broken';
import { notFetched, serverAnswers } from './part-later';

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
