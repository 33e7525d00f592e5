import { Component, type ReactNode } from 'react';
import { Button } from '@/web/kit/Button';
import { t } from '@/web/words/tell';

/** A page whose code cannot be loaded says so; Back and every other page still work. */
export class PageBoundary extends Component<{ of: string; children: ReactNode }, { failedOn: string | undefined }> {
  override state: { failedOn: string | undefined } = { failedOn: undefined };

  override componentDidCatch(): void {
    this.setState({ failedOn: this.props.of });
  }
  static getDerivedStateFromError(): { failedOn: string } {
    return { failedOn: '?' };
  }
  override componentDidUpdate(before: { of: string }): void {
    if (before.of !== this.props.of && this.state.failedOn) this.setState({ failedOn: undefined });
  }

  override render(): ReactNode {
    if (!this.state.failedOn) return this.props.children;
    return (
      <section className="mx-auto max-w-[560px] p-8" data-testid="page-not-loaded">
        <h1 className="text-[24px]">{t('web.page-could-not-be-loaded')}</h1>
        <p className="mt-2 mb-5">{t('web.without-connection-it-opens-when-loaded')}</p>
        <div className="flex gap-2">
          <Button tone="primary" onClick={() => window.location.reload()}>
            {t('web.try-again')}
          </Button>
          <Button onClick={() => window.history.back()}>{t('web.go-back')}</Button>
        </div>
      </section>
    );
  }
}
