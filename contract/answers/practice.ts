import type { LevelId } from '@/core/practice/levels';

/** A round of practice as its history tells it. */
export type PlayedRound = {
  id: string;
  personId: string;
  personName: string;
  level: LevelId;
  seed: number;
  total: number;
  /** The right fault was named. */
  right: boolean;
  /** Simulated minutes on site, and points lost to harm. */
  minutes: number;
  harm: number;
  finishedAt: string;
};
export type PracticeHistory = { rounds: PlayedRound[] };
