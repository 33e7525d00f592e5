import { z } from 'zod';
import { chars, num, oneOf, yesNo } from '@/core/finding/quantity-field';

const id = z.uuid().describe('a UUID');

/** What the estimator chooses: the new equipment and what stays. Everything else follows by rule. */
export const choiceSchema = z.strictObject({
  outdoorId: id.nullable(),
  indoorId: id.nullable(),
  furnaceId: id.nullable(),
  /** Asked since later: an older choice has neither. */
  heaterKitId: id.nullable().optional(),
  thermostatId: id.nullable().optional(),
  keepCoil: yesNo,
  keepLineSet: yesNo,
  keepDisconnect: yesNo,
  ductsTouched: yesNo,
  ratingClaimed: yesNo,
  softStarter: yesNo,
  controls: oneOf(['24v', 'communicating', 'undecided']),
  controlsReason: chars(0, 300),
  standIn: num(0, 120, 'in'),
});
export type Choice = z.infer<typeof choiceSchema>;

export const EMPTY_CHOICE: Choice = {
  outdoorId: null,
  indoorId: null,
  furnaceId: null,
  keepCoil: false,
  keepLineSet: true,
  keepDisconnect: true,
  ductsTouched: false,
  ratingClaimed: false,
  softStarter: false,
  controls: 'undecided',
  controlsReason: '',
  standIn: 0,
};
