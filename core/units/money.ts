/** Money as the trade writes it: whole dollars. */

export const money = (amount: number): string =>
  `${amount < 0 ? '−' : ''}$${Math.round(Math.abs(amount)).toLocaleString('en-US')}`;

/** A difference of money, always with its sign. */
export const moneyChange = (amount: number): string => `${amount >= 0 ? '+' : '−'}${money(Math.abs(amount))}`;
