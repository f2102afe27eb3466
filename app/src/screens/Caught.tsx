import { Component, type ReactNode } from 'react';
import { unpaint } from '../data/first';
import { Empty } from '../ui/Standing';
import { Words } from '../ui/Words';
import { words } from '../words/words';

interface Props {
  /** Where the reader is; going elsewhere leaves the failure behind. */
  at: string;
  children: ReactNode;
}

/** A page that fails, or whose code cannot be fetched, says so; the way to the other places stays open. */
export class Caught extends Component<Props, { error: Error | null; at: string }> {
  override state = { error: null as Error | null, at: this.props.at };

  static getDerivedStateFromError(error: Error) {
    return { error };
  }

  static getDerivedStateFromProps({ at }: Props, state: { at: string }) {
    return at === state.at ? null : { at, error: null };
  }

  override componentDidCatch() {
    unpaint();
  }

  override render() {
    const { error } = this.state;
    if (!error) return this.props.children;
    return (
      <Empty
        title={words.caught.thisPageFailed}
        says={words.caught.whatWasRecordedIsKept}
        action={{ says: words.caught.tryAgain, onPress: () => this.setState({ error: null }) }}
      >
        <Words kind="small" role="alert">
          {error.message}
        </Words>
      </Empty>
    );
  }
}
