import { Component, type ReactNode } from 'react';
import { Button } from '@/web/kit/Button';
import { t } from '@/web/words/tell';

/** Keeps a broken picture from taking the whole sheet with it. */
export class ErrorBoundary extends Component<{ children: ReactNode }, { broken: boolean }> {
  override state = { broken: false };

  static getDerivedStateFromError(): { broken: boolean } {
    return { broken: true };
  }

  override render(): ReactNode {
    if (!this.state.broken) return this.props.children;
    return (
      <main className="mx-auto max-w-[560px] p-8">
        <h1 className="text-[24px]">{t('web.this-page-broke')}</h1>
        <p className="mt-2 mb-5">{t('web.nothing-recorded-is-lost-readings-are')}</p>
        <Button tone="primary" onClick={() => window.location.reload()}>
          {t('web.load-again')}
        </Button>
      </main>
    );
  }
}
