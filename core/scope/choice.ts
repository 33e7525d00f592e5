import { z } from 'zod';
import { num, oneOf } from '@/core/finding/quantity-field';

const yesNo = z.boolean().describe('true or false');
const id = z.uuid().describe('a UUID');

/** What the estimator chooses: the new equipment and what stays. Everything else follows by rule. */
export const choiceSchema = z.strictObject({
  outdoorId: id.nullable(),
  indoorId: id.nullable(),
  keepCoil: yesNo,
  keepLineSet: yesNo,
  keepDisconnect: yesNo,
  ductsTouched: yesNo,
  ratingClaimed: yesNo,
  softStarter: yesNo,
  controls: oneOf(['24v', 'communicating', 'undecided']),
  controlsReason: z.string().trim().max(300).describe('up to 300 characters'),
  standIn: num(0, 120, 'in'),
});
export type Choice = z.infer<typeof choiceSchema>;

export const EMPTY_CHOICE: Choice = {
  outdoorId: null,
  indoorId: null,
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
