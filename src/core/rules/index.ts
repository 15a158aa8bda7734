export { isRuleId, type RuleDefinition, type RuleId, ruleDefinition, ruleIds, type RulePlace, rulePlaces, type RuleSetId, ruleSets, rules } from "./catalogue";
export { checkRuleValue, type GarmentRules, type ResolvedRule, type ResolvedRules, resolveRules, ruleDefault, type RuleProblem, type RuleProblemCode, type RuleSource, ruleTick, type RuleValue } from "./resolve";
