import { Component, type ReactNode } from 'react';
import { ENGLISH } from '@/core/words/class-words';
import { deriveWords } from '@/core/words/screen/derive';

type Props = { readonly room: string; readonly children: ReactNode };

/** Keeps a failing view from taking the work with it: the sentence stays in the address, and the view can be tried again. */
export class ErrorBoundary extends Component<Props, { readonly failed: string | null }> {
  override state = { failed: null };

  static getDerivedStateFromError(error: unknown): { failed: string } {
    return { failed: error instanceof Error ? error.message : String(error) };
  }

  override render(): ReactNode {
    if (this.state.failed === null) return this.props.children;
    const { failed } = deriveWords(ENGLISH);
    return (
      <div role="alert" className="card m-6 p-6">
        <h1 className="font-serif text-large font-bold">{failed.title(this.props.room)}</h1>
        <p className="my-2">{failed.text(this.state.failed)}</p>
        <button type="button" className="control" onClick={() => this.setState({ failed: null })}>
          {failed.again}
        </button>
      </div>
    );
  }
}
