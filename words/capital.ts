/** The first letter of what begins a sentence, or stands in one. */
export const capital = (words: string): string => `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
export const uncapitalised = (words: string): string => `${words.charAt(0).toLowerCase()}${words.slice(1)}`;
