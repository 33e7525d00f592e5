const KEY = 'mb-theme';
export const THEMES = [
  { value: 'paper', label: 'Paper' },
  { value: 'attic', label: 'Attic (dark)' },
  { value: 'sunlight', label: 'Sunlight' },
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
