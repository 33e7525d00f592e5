const DAY_MS = 86_400_000;

export const plusDays = (on: string, days: number): string =>
  new Date(Date.parse(`${on}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);

/** The Monday of the week that a day is in. */
export function mondayOf(on: string): string {
  const weekday = (new Date(`${on}T00:00:00Z`).getUTCDay() + 6) % 7;
  return plusDays(on, -weekday);
}

/** A week's days; its weekend only where something is planned on it. */
export const daysFrom = (monday: string, planned: readonly { on: string }[]): string[] =>
  Array.from({ length: 7 }, (_, i) => plusDays(monday, i)).filter((on, i) => i < 5 || planned.some((s) => s.on === on));
