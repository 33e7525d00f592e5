/** How often the reasoning looks again, and how many follow-ups it does before it goes by what leads. */
export const LOOKS = 4;
export const FOLLOW_MOST = 4;
