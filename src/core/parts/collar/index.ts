export { collarChoices } from "./collar-choices";
export { type CollarKind, collarKinds } from "./collar-kinds";
export { collarKind, collarRules } from "./collar-needs";
export { neckForCollar } from "./neck-for-collar";
