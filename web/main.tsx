import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import './styles.css';
import { currentTheme, setTheme } from './shell/theme';
import { readerNow, screenWords } from './words/say';

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
