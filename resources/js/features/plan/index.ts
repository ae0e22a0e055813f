export { type Knowledge as StepKnowledge, knowledgeQuery } from './api'
export { PlanScreen } from './PlanScreen'
