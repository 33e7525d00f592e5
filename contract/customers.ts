import type { Language } from '@/core/words/render';

/** A house of a customer, as a new job finds it again. */
export type KnownSite = {
  customerId: string;
  customerName: string;
  phone: string | null;
  language: Language;
  siteId: string;
  address: string;
  town: string;
  elevationFt: number;
  systems: { id: string; name: string }[];
};
