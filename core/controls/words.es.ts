import type { en } from './words.en';

export const es: Readonly<Record<keyof typeof en, string>> = {
  'controls.this-system-cannot-have-the-fault': 'es una falla que este sistema no puede tener',
  'controls.this-system-does-not-know-the-call': 'es una llamada que este sistema no conoce',
};
