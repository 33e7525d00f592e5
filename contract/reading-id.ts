import { v5 as uuidv5 } from 'uuid';

/** Namespace for ids that follow from a set and a quantity: one tap sent twice is stored once. */
const READING_IDS = '5f6d2c1e-3a77-4f0f-8a38-1a6a2b0c9e42';

/** The id of what an instrument read of a quantity in a round: the device that read it knows it before the server does. */
export const readingId = (setId: string, quantity: string): string => uuidv5(`${setId}:${quantity}`, READING_IDS);
