import { Component, type ReactNode } from 'react';
import { router } from 'expo-router';
import { unpaint } from '../data/first';
import { Button } from '../ui/Button';
import { Empty } from '../ui/Standing';
import { Words } from '../ui/Words';
import { askAnew } from './notCome';
import { words } from '../words/words';

interface Props {
  /** Where the reader is; going elsewhere leaves the failure behind. */
  at: string;
  children: ReactNode;
}

/** A page that fails, or whose code cannot be fetched, says so; the way to the other places stays open. */
export class Caught extends Component<Props, { error: Error | null }> {
  override state = { error: null as Error | null };

  static getDerivedStateFromError(error: Error) {
    return { error };
  }

  override componentDidCatch() {
    unpaint();
  }

  override componentDidUpdate({ at }: Props, was: { error: Error | null }) {
    // It failed before this, elsewhere: going somewhere may itself be what fails.
    if (was.error && at !== this.props.at) this.#tryAgain();
  }

  #tryAgain() {
    askAnew();
    this.setState({ error: null });
  }

  override render() {
    const { error } = this.state;
    if (!error) return this.props.children;
    return (
      <Empty title={words.caught.thisPageFailed} says={words.caught.whatWasRecordedIsKept}>
        <Words kind="small" role="alert">
          {error.message}
        </Words>
        <Button kind="plain" says={words.caught.tryAgain} onPress={() => this.#tryAgain()} />
        {this.props.at === '/bench' ? null : (
          <Button
            kind="quiet"
            says={words.noSuchPage.toTheBench}
            onPress={() => router.navigate('/bench')}
          />
        )}
      </Empty>
    );
  }
}
