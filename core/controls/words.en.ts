export const en = {
  'controls.this-system-cannot-have-the-fault': 'is a fault this system cannot have',
  'controls.this-system-does-not-know-the-call': 'is a call this system does not know',
} as const;
