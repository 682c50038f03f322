export { PairScreen } from "./PairScreen";
