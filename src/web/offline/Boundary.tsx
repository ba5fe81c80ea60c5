import { Component, type ReactNode } from 'react';
import { Broken, type Trouble } from './Broken';
import { notFetched, serverAnswers } from './part-later';

interface State {
  trouble: Trouble | null;
}

/**
 * Stands where a page broke: never a blank one. What it says came with the page: after an upgrade nothing of the version
 * before can be fetched any more.
 */
export class Boundary extends Component<{ children: ReactNode }, State> {
  override state: State = { trouble: null };

  static getDerivedStateFromError(error: unknown): Partial<State> {
    return { trouble: notFetched.test(String(error)) ? 'offline' : 'broken' };
  }

  override componentDidCatch(error: unknown) {
    if (!notFetched.test(String(error))) return;
    void serverAnswers().then((answers) => answers && this.setState({ trouble: 'newer' }));
  }

  override render() {
    const { trouble } = this.state;
    return trouble === null ? this.props.children : <Broken trouble={trouble} />;
  }
}
