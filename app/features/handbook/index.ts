export { ChapterScreen } from "./ChapterScreen";
export { HandbookScreen } from "./HandbookScreen";
export { NumbersScreen } from "./NumbersScreen";
