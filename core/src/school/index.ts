export {
  schoolSchema,
  schoolShape,
  weightsSchema,
  PROMPT_KINDS,
  AMOUNT_KINDS,
  CUE_MODES,
  type AmountKind,
  type CueMode,
  type PromptKind,
  type School,
  type Weights,
} from './school.ts'
export { countedFrom } from './countedFrom.ts'
export { ROUND_SCHOOL, SHIPPED_SCHOOLS } from './shipped.ts'
export { styleAbout, styleName } from './words/told.ts'
export { upgradeSchool } from './upgrade.ts'
