/** Two changes of the heat that go by the clock, made in one go or close to one another, are so far apart, min. */
export const STAGES_APART_MIN = 0.5;
