export { Agree } from "./Agree";
export { AgreementPage } from "./AgreementPage";
export { AppealPage } from "./AppealPage";
export { ModerationPage } from "./ModerationPage";
export { StandardisingPage } from "./StandardisingPage";
export { StandardisingSets } from "./StandardisingSets";
