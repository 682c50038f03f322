export { TrustScreen } from "./TrustScreen";
