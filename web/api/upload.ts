import { t } from '@/web/words/tell';
import { ApiProblem } from './http';

/** Sends a form with its progress; abort the signal to cancel. */
export function upload<T>(
  path: string,
  form: FormData,
  onProgress: (share: number) => void = () => undefined,
  signal?: AbortSignal,
): Promise<T> {
  return new Promise((done, fail) => {
    const request = new XMLHttpRequest();
    request.open('POST', `/api${path}`);
    request.responseType = 'json';
    request.upload.onprogress = (e) => e.lengthComputable && onProgress(e.loaded / e.total);
    request.onload = () => {
      const body = (request.response ?? {}) as Record<string, unknown>;
      if (request.status >= 200 && request.status < 300) done(body as T);
      else fail(new ApiProblem(body, request.status));
    };
    request.onerror = () =>
      fail(new ApiProblem({ code: 'offline', message: t('web.no-connection-to-server-picture-is') }, 0));
    request.onabort = () => fail(new ApiProblem({ code: 'cancelled', message: t('web.cancelled') }, 0));
    signal?.addEventListener('abort', () => request.abort());
    request.send(form);
  });
}
