import type { Certification } from '@/core/job/gates';

/** An invented company in an invented county. None of these people or places exist. */
export const DEMO_COMPANY = { id: '0198a000-0000-7000-8000-000000000001', name: 'Dray & Pell Heating and Air' };

/** Its tax, deposit, energy and winter: as invented as the county. */
export const DEMO_SETTINGS: Readonly<Record<string, string | number>> = {
  taxPct: 6.25,
  depositPct: 30,
  perKwh: 0.16,
  bin57F: 700,
  bin52F: 680,
  bin47F: 650,
  bin42F: 620,
  bin37F: 580,
  bin32F: 500,
  bin27F: 300,
  bin22F: 160,
  bin17F: 80,
  bin12F: 30,
};

export const DEMO_PEOPLE: readonly {
  id: string;
  fullName: string;
  signIn: string;
  role: 'owner' | 'office' | 'lead' | 'helper';
  certification: Certification;
  certificateNumber: string | null;
}[] = [
  {
    id: '0198a000-0000-7000-8000-000000000011',
    fullName: 'Tess Orlan',
    signIn: 'tess',
    role: 'lead',
    certification: 'universal',
    certificateNumber: 'TC-40718',
  },
  {
    id: '0198a000-0000-7000-8000-000000000012',
    fullName: 'Jory Vance',
    signIn: 'jory',
    role: 'lead',
    certification: 'type-II',
    certificateNumber: 'TC-38206',
  },
  {
    id: '0198a000-0000-7000-8000-000000000013',
    fullName: 'Pim Adeyo',
    signIn: 'pim',
    role: 'helper',
    certification: 'type-I',
    certificateNumber: 'TC-52291',
  },
  {
    id: '0198a000-0000-7000-8000-000000000014',
    fullName: 'Hanne Brisk',
    signIn: 'hanne',
    role: 'office',
    certification: 'none',
    certificateNumber: null,
  },
  {
    id: '0198a000-0000-7000-8000-000000000015',
    fullName: 'Oda Kerrick',
    signIn: 'oda',
    role: 'owner',
    certification: 'universal',
    certificateNumber: 'TC-21450',
  },
];
