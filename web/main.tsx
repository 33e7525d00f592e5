import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import './styles.css';
import { currentTheme, setTheme } from './shell/theme';
import { readerNow, screenWords } from './words/say';

// A new version replaced the parts this page still had to load: it loads again, once in a while at most.
const RELOAD_EVERY_MS = 60_000;
window.addEventListener('vite:preloadError', (event) => {
  const last = Number(sessionStorage.getItem('mb-reloaded') ?? 0);
  if (!navigator.onLine || Date.now() - last < RELOAD_EVERY_MS) return;
  event.preventDefault();
  sessionStorage.setItem('mb-reloaded', String(Date.now()));
  window.location.reload();
});

setTheme(currentTheme());
document.documentElement.lang = readerNow().language;
// Some words are said as the modules of a page load, so theirs must be there first; without them the page is in English.
await screenWords().catch(() => undefined);
const { App } = await import('./shell/App');
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <App />
  </StrictMode>,
);
