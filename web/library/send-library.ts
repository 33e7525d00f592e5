import { v7 as uuid } from 'uuid';
import { post } from '@/web/api/http';
import type { Sender, Sent } from '@/web/csv/use-import';

/** Models and matched pairs into the library; what is there by kind, maker and name is brought up to date. */
export const sendLibrary: Sender = async (kind, rows) => {
  if (kind === 'pairs') {
    const { added } = await post<{ added: number }>('/library/pairs', { pairs: rows.map((r) => r.value) });
    return { added, updated: 0, unchanged: 0 };
  }
  if (kind === 'patterns') {
    const { added } = await post<{ added: number }>('/library/patterns', { patterns: rows.map((r) => r.value) });
    return { added, updated: 0, unchanged: 0 };
  }
  if (kind === 'parts') {
    const { added } = await post<{ added: number }>('/library/parts', { parts: rows.map((r) => r.value) });
    return { added, updated: 0, unchanged: 0 };
  }
  return post<Sent>('/library/items', { items: rows.map((r) => ({ id: uuid(), fields: r.value })) });
};
