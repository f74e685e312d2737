export type Theme = 'system' | 'light' | 'dark';

const KEY = 'ruxel.theme';

export function storedTheme(): Theme {
  const stored = localStorage.getItem(KEY);
  return stored === 'light' || stored === 'dark' ? stored : 'system';
}

/** Light, dark, or whatever the maker's system says. */
export function applyTheme(theme: Theme): void {
  localStorage.setItem(KEY, theme);
  const dark = theme === 'dark' || (theme === 'system' && matchMedia('(prefers-color-scheme: dark)').matches);
  document.documentElement.dataset['theme'] = dark ? 'dark' : 'light';
  document.documentElement.dataset['bsTheme'] = dark ? 'dark' : 'light';
}

/** Follows the system's change for as long as the page is open. */
export function followSystem(): void {
  applyTheme(storedTheme());
  matchMedia('(prefers-color-scheme: dark)').addEventListener('change', () => applyTheme(storedTheme()));
}
