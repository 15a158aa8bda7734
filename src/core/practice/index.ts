export { hideNumbers, type PracticeQuestion, practiceQuestions, rulesOf } from "./question";
export { madeUpOrder, type PracticeScale, rehearsedOrder } from "./rehearsal";
export { isRight, type SlipId, slipIds, slipOf } from "./slip";
export { type PracticeTry, type TableSlip, type TallyRow, tableSlips, tallyTries } from "./tally";
export { saySlip } from "./words";
