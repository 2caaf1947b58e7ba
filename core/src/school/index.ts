export { schoolSchema, weightsSchema, PROMPT_KINDS, ROUND_SCHOOL, SHIPPED_SCHOOLS, type PromptKind, type School, type Weights } from './school.ts'
