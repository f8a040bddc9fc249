import { say } from '@idle-kettle/words';
import { Component, type ReactNode } from 'react';

type Props = {
  /** What stands there, for the notice: `the curve`. */
  readonly what: string;
  /** What it is drawn from: where that is another, it is tried again by itself. */
  readonly on?: unknown;
  /** What the notice is, where it stands in a list; a paragraph elsewhere. */
  readonly as?: 'p' | 'li';
  readonly children: ReactNode;
};

/** A boundary round one part of a screen: where it fails, the rest of the screen goes on. */
export class ErrorBoundary extends Component<Props, { readonly failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError(): { readonly failed: boolean } {
    return { failed: true };
  }

  override componentDidUpdate(before: Props): void {
    if (this.state.failed && before.on !== this.props.on) this.setState({ failed: false });
  }

  override render(): ReactNode {
    if (!this.state.failed) return this.props.children;
    const { as: Notice = 'p' } = this.props;
    return (
      <Notice className="border-l-4 border-error pl-3 text-base">
        <span role="alert">
          {say('ui.stoppedWorkingEverythingElseStill', {
            text: `${this.props.what.charAt(0).toUpperCase()}${this.props.what.slice(1)}`,
          })}
        </span>{' '}
        <button type="button" className="link" onClick={() => this.setState({ failed: false })}>
          {say('ui.tryAgain')}
        </button>
      </Notice>
    );
  }
}
