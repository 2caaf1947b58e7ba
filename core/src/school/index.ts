export { schoolSchema, weightsSchema, ROUND_SCHOOL, SHIPPED_SCHOOLS, type School, type Weights } from './school.ts'
