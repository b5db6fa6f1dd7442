import { Component, type ReactNode } from 'react';
import { FAILED_WORDS as SAY } from '@/core/words/screen/failed';

type Props = {
  /** What could not be shown, as its reader calls it: a room, a card. */
  readonly what: string;
  /** A whole room, or one card in it; the rest of the room goes on beside a card. */
  readonly size: 'room' | 'card';
  /** When this changes, what failed is tried again by itself. */
  readonly about?: unknown;
  readonly children: ReactNode;
};

type State = { readonly failed: string | null; readonly about: unknown };

/**
 * Keeps a failing view from taking the work with it: the sentence stays in the address, all that is kept stays kept, and the
 * view can be tried again.
 */
export class ErrorBoundary extends Component<Props, State> {
  override state: State = { failed: null, about: this.props.about };

  static getDerivedStateFromError(error: unknown): Partial<State> {
    return { failed: error instanceof Error ? error.message : String(error) };
  }

  static getDerivedStateFromProps({ about }: Props, state: State): Partial<State> | null {
    return about === state.about ? null : { failed: null, about };
  }

  override render(): ReactNode {
    const { what, size, children } = this.props;
    const { failed } = this.state;
    if (failed === null) return children;
    const Title = size === 'room' ? 'h1' : 'h2';
    return (
      <section role="alert" className={`card ${size === 'room' ? 'm-6 p-6' : 'p-4'}`}>
        <Title className="font-serif text-large font-bold">{SAY.title(what)}</Title>
        <p className="my-2">{size === 'room' ? SAY.room(failed) : SAY.card(failed)}</p>
        <div className="flex flex-wrap gap-2">
          <button type="button" className="control" onClick={() => this.setState({ failed: null })}>
            {SAY.again}
          </button>
          <a href="/class?part=safe" className="control">
            {SAY.backup}
          </a>
        </div>
      </section>
    );
  }
}
