/** What a row of the timetable says: what is done, and how. */
export type Words = readonly [what: string, detail: string];
