import type { FitRecords } from '@/core/fit/sheets';
import type { Choice } from '@/core/scope/choice';
import type { BeforeId } from '@/core/scope/survey/before-dismantling';
import type { FactValue } from '@/core/scope/survey/fact';
import type { FactKey } from '@/core/scope/survey/facts';

/** An invented site as it was surveyed, and how far its scope went. */
export type DemoSurvey = {
  number: number;
  customer: string;
  phone: string;
  address: string;
  town: string;
  elevationFt: number;
  lead: 'tess' | 'jory';
  day: number;
  /** More circuits of the same system. */
  circuits?: string[];
  /** Other systems of the same house, each with its own survey. */
  more?: DemoSystem[];
} & DemoSystem;

/** One system of it. */
export type DemoSystem = {
  system: string;
  facts: Partial<Record<FactKey, FactValue | null>>;
  /** Every other question is answered "not seen", so that the survey can be signed. */
  restNotSeen: boolean;
  choice?: Partial<Omit<Choice, 'outdoorId' | 'indoorId' | 'furnaceId' | 'heaterKitId' | 'thermostatId'>> & {
    outdoor?: string;
    indoor?: string;
    furnace?: string;
    heaterKit?: string;
    thermostat?: string;
  };
  fits: Partial<FitRecords>;
  pictures: BeforeId[];
  waived: Partial<Record<BeforeId, string>>;
  reach: 'surveying' | 'survey-signed' | 'scope-signed';
  /** How far its wiring came: power and controls proven, or two conductors changed over. */
  wiring?: 'proven' | 'crossed';
  /** Found after the scope was signed; the customer has not answered yet. */
  foundLater?: Partial<Record<FactKey, FactValue>>;
  laterFits?: Partial<FitRecords>;
};
