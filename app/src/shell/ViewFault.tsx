import type { ReactNode } from 'react';
import { Component } from 'react';
import { Button } from '../ui/Button';
import { FaultReport } from '../features/fault/FaultReport';
import { wordError } from '../features/notices/wording';

/** Keeps a view that broke from taking the rest along; nothing that was kept is touched. */
export class ViewFault extends Component<{ readonly children: ReactNode }, { readonly error: unknown }> {
  override state: { readonly error: unknown } = { error: null };

  static getDerivedStateFromError(error: unknown): { readonly error: unknown } {
    return { error };
  }

  override render() {
    if (this.state.error === null) return this.props.children;
    const words = wordError(this.state.error);
    return (
      <div role="alert" className="bg-sheet border-oxide max-w-xl border border-t-[6px] p-6">
        <h2 className="font-label text-2xl font-semibold">This view could not be shown</h2>
        <p className="my-3">{words.detail}</p>
        <Button isLarge look="primary" onClick={() => location.reload()}>
          Reload
        </Button>
        <FaultReport error={this.state.error} />
      </div>
    );
  }
}
