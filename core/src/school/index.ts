export {
  schoolSchema,
  schoolShape,
  weightsSchema,
  PROMPT_KINDS,
  AMOUNT_KINDS,
  CUE_MODES,
  ROUND_SCHOOL,
  SHIPPED_SCHOOLS,
  type AmountKind,
  type CueMode,
  type PromptKind,
  type School,
  type Weights,
} from './school.ts'
export { upgradeSchool } from './upgrade.ts'
