import { Component, type ReactNode } from 'react';

type Props = {
  /** What stands there, for the notice: `the curve`. */
  readonly what: string;
  readonly children: ReactNode;
};

/** A boundary round one part of a screen: where it fails, the rest of the screen goes on. */
export class Guarded extends Component<Props, { readonly failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError(): { readonly failed: boolean } {
    return { failed: true };
  }

  override render(): ReactNode {
    if (!this.state.failed) return this.props.children;
    return (
      <p role="alert" className="border-l-4 border-error pl-3 text-base">
        {`${this.props.what.charAt(0).toUpperCase()}${this.props.what.slice(1)}`} stopped working;
        everything else goes on.{' '}
        <button type="button" className="link" onClick={() => this.setState({ failed: false })}>
          Try it again
        </button>
      </p>
    );
  }
}
