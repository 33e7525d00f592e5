/** One run of ducts of a demo house. */
export const run = (id: string, name: string, cfm: number, existingIn: number | null = null, slackPct = 4) => ({
  id,
  name,
  cfm,
  kind: 'flex' as const,
  existingIn,
  slackPct,
});
