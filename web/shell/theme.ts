import { tell } from '@/web/words/tell';

const KEY = 'mb-theme';
export const THEMES = [
  { value: 'paper', label: tell('web.paper') },
  { value: 'attic', label: tell('web.attic-dark') },
  { value: 'sunlight', label: tell('web.sunlight') },
] as const;
export type Theme = (typeof THEMES)[number]['value'];

export function currentTheme(): Theme {
  const kept = localStorage.getItem(KEY);
  return THEMES.find((t) => t.value === kept)?.value ?? 'paper';
}

export function setTheme(theme: Theme): void {
  localStorage.setItem(KEY, theme);
  document.documentElement.dataset.theme = theme;
}
