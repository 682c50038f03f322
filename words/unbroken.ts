/** A number stays with its unit, wherever a narrow screen breaks the line. */

const BETWEEN = /(?<=[\d¼½¾⅓⅔⅜]) (?=(?:[°%]|(?:kg|g|lb|oz|mL|L|tsp|tbsp|cups?|quarts?|cm|m|ft|min|h)\b))/g;

export const unbroken = (words: string): string => words.replace(BETWEEN, "\u00a0");
