import createClient from 'openapi-fetch'
import type { components, paths } from './generated/schema'

/** Types of the API, under the names that the server gives them. */
type Schemas = components['schemas']
export type Formula = Schemas['WrittenFormula']
export type Assessment = Schemas['Assessment']
export type Verdict = Schemas['Verdict']
export type Evidence = Schemas['Evidence']
export type Fix = Schemas['Fix']
export type Milestone = Schemas['Milestone']
export type Problem = Schemas['Problem']
export type Section = Schemas['Section']
export type Larder = Schemas['LarderChoices']
export type StoredFormula = Schemas['StoredFormula']
export type LoggedBatch = Schemas['LoggedBatch']
export type MadeBatch = Schemas['MadeBatch']
type ProblemResponse = Schemas['ProblemResponse']

/** An error that the server explained. */
export class ApiProblem extends Error {
  constructor(readonly response: ProblemResponse) {
    super(response.detail || response.title)
  }
}

const client = createClient<paths>({ baseUrl: '' })

interface Result<T> {
  data?: T
  error?: ProblemResponse
}

async function answer<T>(request: Promise<Result<T>>): Promise<T> {
  const { data, error } = await request
  if (error) throw new ApiProblem(error)
  return data as T
}

export const api = {
  larder: () => answer(client.GET('/api/larder')),
  assess: (formula: Formula, signal?: AbortSignal) =>
    answer(client.POST('/api/assessments', { body: formula, signal })),
  formulas: () => answer(client.GET('/api/formulas')),
  formula: (id: string) => answer(client.GET('/api/formulas/{id}', { params: { path: { id } } })),
  create: (formula: Formula) => answer(client.POST('/api/formulas', { body: formula })),
  save: (id: string, version: number, document: Formula) =>
    answer(client.PUT('/api/formulas/{id}', { params: { path: { id } }, body: { version, document } })),
  remove: (id: string, version: number) =>
    answer(client.DELETE('/api/formulas/{id}', { params: { path: { id }, query: { version } } })),
  batches: (formulaId: string) =>
    answer(client.GET('/api/formulas/{formulaId}/batches', { params: { path: { formulaId } } })),
  logBatch: (formulaId: string, made: MadeBatch) =>
    answer(client.POST('/api/formulas/{formulaId}/batches', { params: { path: { formulaId } }, body: made })),
  removeBatch: (formulaId: string, id: string) =>
    answer(client.DELETE('/api/formulas/{formulaId}/batches/{id}', { params: { path: { formulaId, id } } })),
}
