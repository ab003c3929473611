import { promiseTimeout } from '@vueuse/core'
import createClient from 'openapi-fetch'
import type { components, paths } from './generated/schema'

/** Types of the API, under the names that the server gives them. */
type Schemas = components['schemas']
export type Formula = Schemas['WrittenFormula']
export type Component = Formula['components'][number]
export type Assessment = Schemas['Assessment']
export type ComponentAnswer = Schemas['ComponentAnswer']
export type ComponentKind = Schemas['ComponentKindView']
export type Amounts = Schemas['Amounts']
export type Course = Schemas['Course']
export type Warming = Schemas['Warming']
export type WholeWarming = Schemas['WholeWarming']
export type Verdict = Schemas['Verdict']
export type Evidence = Schemas['Evidence']
export type Fix = Schemas['Fix']
export type Milestone = Schemas['Milestone']
export type Problem = Schemas['Problem']
export type Section = Schemas['Section']
export type Larder = Schemas['LarderView']
export type Ingredient = Schemas['IngredientView']
export type Gel = Schemas['GelView']
export type Mould = Schemas['MouldView']
export type Cooler = Schemas['CoolerView']
/** Something to choose from a short list. */
export type Choice = Omit<Schemas['ChoiceView'], 'also'> & { also?: string }
export type OwnKind = Schemas['OwnKindView']
export type OwnEntry = Schemas['OwnEntryView']
export type Kitchen = Schemas['KitchenView']
export type ArchiveTaken = Schemas['ArchiveTaken']
export type KitchenSettings = Schemas['WrittenKitchen']
export type DoseStrip = Schemas['DoseStrip']
export type Flag = Schemas['Flag']
export type Step = Schemas['Step']
export type SplitBatch = Schemas['SplitBatch']
export type Swap = Schemas['Swap']
export type ScaleWish = Schemas['ScaleWish']
export type Comparison = Schemas['Comparison']
export type PastedLine = Schemas['PastedLine']
export type ReadRecipe = Schemas['ReadRecipe']
export type Fact = Schemas['Fact']
export type SumDescription = Schemas['Description']
export type SumAnswer = Schemas['SumAnswer']
export type Chill = Schemas['ColdAnswer'] & Omit<Schemas['ColdView'], 'answer'>
export type ChillField = Schemas['Field']
export type Stay = NonNullable<Formula['cooler']['places']>[number]
export type Starts = Schemas['Starts']
export type Table = Schemas['Table']
export type Slant = Schemas['SlantView']
export type Uncertainty = Schemas['Uncertainty']
export type Way = Schemas['Way']
export type WhatIfRow = Schemas['WhatIfRow']
export type WrittenPlan = Schemas['WrittenPlan']
export type PlanAnswer = Schemas['PlanAnswer']
export type PlanTask = Schemas['PlanTask']
export type PlanStore = Schemas['PlanStore']
export type PlanSchedule = Schemas['Schedule']
export type PlanConflict = Schemas['PlanConflict']
export type PlanQuestion = Schemas['PlanQuestion']
export type Making = Schemas['MakingView']
export type MakingStep = Schemas['MakingStep']
export type MakingAsk = Schemas['MakingAsk']
export type MakingEvent = Schemas['Event']
export type MadeStep = Schemas['MadeStep']
export type Instrument = Schemas['InstrumentView']
export type RescueAnswer = Schemas['RescueView']
export type Remedy = Schemas['Remedy']
export type Look = Schemas['LookView']
export type StoredPlan = Schemas['StoredPlan']
export type StoredFormula = Schemas['StoredFormula']
export type BatchView = Schemas['BatchPageView']
export type CameOut = Schemas['CameOut']
export type BatchRecord = Schemas['BatchRecord']
export type LogLine = Schemas['LogLine']
export type Beside = Schemas['Beside']
export type Proposal = Schemas['ProposalView']
export type LearntFigure = Schemas['FigureView']
export type LearntReading = Schemas['ReadingView']
export type LearnedSets = Schemas['SetsView']
export type LadderView = Schemas['LadderView']
export type LoggedBatch = Schemas['LoggedBatch']
export type MadeBatch = Schemas['MadeBatch']
export type FormulaSummary = Schemas['FormulaSummary']
export type BookRow = Schemas['BookRow']
export type SmallCut = Schemas['SmallCut']
/** Which batches the log lists. */
export type LogWish = NonNullable<paths['/api/log']['get']['parameters']['query']>
/** Which formulas the Book lists. */
export type BookWish = NonNullable<paths['/api/book']['get']['parameters']['query']>
/** Which formulas to list. */
export type FormulaWish = NonNullable<paths['/api/formulas']['get']['parameters']['query']>
type ProblemResponse = Schemas['ProblemResponse']

/** An error that the server explained, or an answer that was none. */
export class ApiProblem extends Error {
  constructor(
    readonly response: ProblemResponse,
    /** Seconds after which to ask again, where the server says so. */
    readonly retryAfter?: number,
  ) {
    super(response.detail || response.title)
  }

  /** Whether the same request may pass later: what is refused for what it is, is refused again. */
  get mayPass(): boolean {
    const { status, code } = this.response
    if (code === 'took-too-long') return false
    return status >= 500 || status === 401 || status === 408 || status === 429 || code === 'newer-question'
  }
}

/** Version of the formula document that this page reads and writes: a newer server tells it to reload. */
export const DOCUMENT_VERSION = 5
const VERSION = { 'Deft-Chill-Document': String(DOCUMENT_VERSION) }
const client = createClient<paths>({ baseUrl: '', headers: VERSION })

/** The page's token: another site's page could not read it from its cookie. */
const token = () => ({
  'X-XSRF-TOKEN': /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '',
})
client.use({
  onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', token()['X-XSRF-TOKEN'])
    return request
  },
})

let signedOut = () => {}
/** What is done when the server says that nobody is signed in any more. */
export const onSignedOut = (then: () => void) => (signedOut = then)

let databaseAway = () => {}
/** What is done when the server says that it cannot reach its database. */
export const onDatabaseAway = (then: () => void) => (databaseAway = then)

/** This page, by an id of its own, and how many questions it has asked. */
const page = Math.random().toString(36).slice(2, 12) || 'page'
let asked = 0

/**
 * Marks a question: a newer one of its kind ends it on the server, which cannot see that nobody waits any more. Only for
 * questions of which this page wants the newest alone.
 */
const newest = (kind: string) => ({ 'Deft-Chill-Question': `${page}.${kind}.${++asked}` })

interface Result<T> {
  data?: T
  error?: unknown
  response: Response
}

/** What the server explained; what something between explained in its own way is no explanation. */
function explained(error: unknown, response: Response): ProblemResponse {
  const said = error as Partial<ProblemResponse> | undefined
  if (said && typeof said === 'object' && said.code && Array.isArray(said.problems))
    return said as ProblemResponse
  return {
    code: 'no-answer',
    title: 'No answer',
    status: response.status,
    detail: `Something answered ${response.status} instead of Deft Chill`,
    problems: [],
  }
}

async function answer<T>(request: Promise<Result<T>>): Promise<T> {
  const { data, error, response } = await request
  if (response.ok) return data as T
  const problem = explained(error, response)
  if (problem.code === 'sign-in-first') signedOut()
  if (problem.code === 'database-away') databaseAway()
  throw new ApiProblem(problem, Number(response.headers.get('Retry-After')) || undefined)
}

/** The answer to something sent as it is. */
async function sent<T>(response: Response): Promise<T> {
  const body: unknown = await response.json().catch(() => undefined)
  return answer(Promise.resolve(response.ok ? { data: body as T, response } : { error: body, response }))
}

/** How long to wait, in milliseconds, before something is sent again: together longer than a database takes to come back. */
const AGAIN_MS = [400, 1200, 2500, 4000]

/**
 * Something new, under an id of its own: sent again where no answer came or nothing could be stored just then, it is stored
 * once.
 */
async function once<T>(send: (id: string) => Promise<T>): Promise<T> {
  const id = crypto.randomUUID()
  for (const wait of AGAIN_MS) {
    try {
      return await send(id)
    } catch (error) {
      if (error instanceof ApiProblem && ![502, 503, 504].includes(error.response.status)) throw error
      await promiseTimeout(wait)
    }
  }
  return send(id)
}

/** What is stored is stored in a moment: an answer that does not come by then is taken for none, and it is sent again. */
const inTime = () => ({ signal: AbortSignal.timeout(20_000) })

/** The ceremonies of passkeys: their words are the browser's, their addresses Spring Security's. */
async function ceremony<T>(address: string, body: unknown = {}): Promise<T> {
  return sent<T>(
    await fetch(address, {
      method: 'POST',
      headers: { ...token(), 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    }),
  )
}

export const api = {
  addPasskey: async (label: string) => {
    const { startRegistration } = await import('@simplewebauthn/browser')
    const optionsJSON = await ceremony<Parameters<typeof startRegistration>[0]['optionsJSON']>(
      '/webauthn/register/options',
    )
    const credential = await startRegistration({ optionsJSON })
    await ceremony('/webauthn/register', { publicKey: { credential, label } })
  },
  signInByPasskey: async () => {
    const { startAuthentication } = await import('@simplewebauthn/browser')
    const optionsJSON = await ceremony<Parameters<typeof startAuthentication>[0]['optionsJSON']>(
      '/webauthn/authenticate/options',
    )
    await ceremony('/login/webauthn', await startAuthentication({ optionsJSON }))
  },
  myPasskeys: () => answer(client.GET('/api/account/passkeys')),
  removePasskey: (id: string) =>
    answer(client.DELETE('/api/account/passkeys/{id}', { params: { path: { id } } })),
  /** Whether it can store again. */
  isReady: async () => (await fetch('/actuator/health/readiness').catch(() => undefined))?.ok ?? false,
  whoAmI: () => answer(client.GET('/api/session')),
  signIn: (credentials: Schemas['Credentials']) => answer(client.POST('/api/session', { body: credentials })),
  enterByKey: (key: Schemas['Key']) => answer(client.POST('/api/session/key', { body: key })),
  signOut: () => answer(client.DELETE('/api/session')),
  workIn: (elsewhere: Schemas['Elsewhere']) =>
    answer(client.PUT('/api/session/kitchen', { body: elsewhere })),
  mySessions: () => answer(client.GET('/api/session/all')),
  endSession: (id: string) => answer(client.DELETE('/api/session/all/{id}', { params: { path: { id } } })),
  changeAccount: (change: Schemas['AccountChange']) => answer(client.PUT('/api/account', { body: change })),
  openKitchen: (wanted: Schemas['NewKitchen']) =>
    answer(client.POST('/api/account/kitchens', { body: wanted })),
  people: () => answer(client.GET('/api/people')),
  deeds: () => answer(client.GET('/api/people/deeds')),
  changeRole: (id: string, given: Schemas['RoleGiven']) =>
    answer(client.PUT('/api/people/{id}', { params: { path: { id } }, body: given })),
  removePerson: (id: string) => answer(client.DELETE('/api/people/{id}', { params: { path: { id } } })),
  renameKitchen: (name: Schemas['KitchenName']) => answer(client.PUT('/api/people/kitchen', { body: name })),
  invite: (given: Schemas['RoleGiven']) => answer(client.POST('/api/people/invitations', { body: given })),
  withdrawInvitation: (id: string) =>
    answer(client.DELETE('/api/people/invitations/{id}', { params: { path: { id } } })),
  invited: (secret: string) =>
    answer(client.GET('/api/invitations/{secret}', { params: { path: { secret } } })),
  acceptInvitation: (secret: string, accepting: Schemas['Accepting']) =>
    answer(
      client.POST('/api/invitations/{secret}/accepted', { params: { path: { secret } }, body: accepting }),
    ),
  newDesserts: () => answer(client.GET('/api/new-desserts')),
  beginDessert: (wish: Schemas['NewDessertWish'], signal?: AbortSignal) =>
    answer(client.POST('/api/new-desserts', { body: wish, signal, headers: newest('new-dessert') })),
  starts: () => answer(client.GET('/api/documents/starts')),
  /** A document that an earlier page kept, as it is written today. */
  lift: (document: Formula) => answer(client.POST('/api/documents/lifted', { body: document })),
  larder: () => answer(client.GET('/api/larder')),
  /** At once, without the fixes that are still to be tried. */
  assess: (formula: Formula, signal?: AbortSignal) =>
    answer(
      client.POST('/api/assessments', {
        body: formula,
        params: { query: { tried: false } },
        signal,
        headers: newest('assess'),
      }),
    ),
  /** The same with the fixes that hold, each tried on the whole dessert. */
  assessTried: (formula: Formula, signal?: AbortSignal) =>
    answer(client.POST('/api/assessments', { body: formula, signal, headers: newest('tried') })),
  chill: (formula: Formula, signal?: AbortSignal): Promise<Chill> =>
    answer(client.POST('/api/chills', { body: formula, signal, headers: newest('chill') })).then(
      ({ answer: told, ...film }) => ({ ...told, ...film }),
    ),
  uncertainty: (formula: Formula, signal?: AbortSignal) =>
    answer(client.POST('/api/chills/uncertainty', { body: formula, signal, headers: newest('uncertainty') })),
  ways: (formula: Formula) =>
    answer(client.POST('/api/chills/ways', { body: formula, headers: newest('ways') })),
  whatIf: (
    document: Formula,
    variations: { label: string; changes: Fix['changes'] }[],
    by?: string,
    signal?: AbortSignal,
    kind = 'what-if',
  ) =>
    answer(
      client.POST('/api/chills/what-if', {
        body: { document, variations: variations.map(({ label, changes }) => ({ label, changes })), by },
        signal,
        headers: newest(kind),
      }),
    ),
  swap: (document: Formula, component: number, signal?: AbortSignal) =>
    answer(client.POST('/api/swaps', { body: { document, component }, signal, headers: newest('swap') })),
  variants: (document: Formula, signal?: AbortSignal) =>
    answer(client.POST('/api/variants', { body: document, signal, headers: newest('variants') })),
  splitBatch: (document: Formula, signal?: AbortSignal) =>
    answer(client.POST('/api/split-batches', { body: document, signal, headers: newest('split') })),
  scale: (document: Formula, wish: ScaleWish, signal?: AbortSignal) =>
    answer(client.POST('/api/scalings', { body: { document, wish }, signal, headers: newest('scale') })),
  compare: (before: Formula, after: Formula) =>
    answer(client.POST('/api/comparisons', { body: { before, after } })),
  readPasted: (text: string, measures: string) =>
    answer(client.POST('/api/pasted-lists', { body: { text, measures } })),
  readRecipe: (text: string, measures: string, signal?: AbortSignal) =>
    answer(client.POST('/api/read-recipes', { body: { text, measures }, signal })),
  sums: () => answer(client.GET('/api/sums')),
  answerSum: (id: string, fields: Record<string, string>, signal?: AbortSignal) =>
    answer(client.POST('/api/sums/{id}', { params: { path: { id } }, body: { fields }, signal })),
  /** A table of own entries as it is: whatever is wrong with it is for the server to say. */
  importTable: async (kind: string, file: Blob) => {
    const response = await fetch(`/api/larder/own/${kind}.csv`, {
      method: 'POST',
      headers: { ...VERSION, ...token(), 'Content-Type': 'text/csv' },
      body: file,
    })
    return sent<Schemas['AddedEntries']>(response)
  },
  kitchen: () => answer(client.GET('/api/kitchen')),
  takeArchive: async (file: Blob) =>
    sent<Schemas['ArchiveTaken']>(
      await fetch('/api/kitchen/archive.zip', {
        method: 'POST',
        headers: { ...VERSION, ...token(), 'Content-Type': 'application/zip' },
        body: file,
      }),
    ),
  saveKitchen: (version: number, settings: KitchenSettings) =>
    answer(client.PUT('/api/kitchen', { body: { version, settings } })),
  ownEntries: () => answer(client.GET('/api/larder/own')),
  addOwnEntry: (kind: string, fields: Record<string, string>) =>
    answer(client.POST('/api/larder/own', { body: { kind, fields } })),
  previewOwnEntry: (kind: string, fields: Record<string, string>) =>
    answer(client.POST('/api/larder/own/preview', { body: { kind, fields } })),
  saveOwnEntry: (key: string, version: number, fields: Record<string, string>) =>
    answer(client.PUT('/api/larder/own/{key}', { params: { path: { key } }, body: { version, fields } })),
  removeOwnEntry: (key: string, version: number) =>
    answer(client.DELETE('/api/larder/own/{key}', { params: { path: { key }, query: { version } } })),
  /** What newer models say otherwise of a formula since it was last opened. */
  opened: (formulaId: string) =>
    answer(client.POST('/api/formulas/{formulaId}/opened', { params: { path: { formulaId } } })),
  seenOpened: (formulaId: string) =>
    answer(
      client.POST('/api/formulas/{formulaId}/opened', {
        params: { path: { formulaId }, query: { seen: true } },
      }),
    ),
  revisions: (formulaId: string) =>
    answer(client.GET('/api/formulas/{formulaId}/revisions', { params: { path: { formulaId } } })),
  revision: (formulaId: string, number: number) =>
    answer(
      client.GET('/api/formulas/{formulaId}/revisions/{number}', { params: { path: { formulaId, number } } }),
    ),
  keepRevision: (formulaId: string, name: string, document: Formula) =>
    answer(
      client.POST('/api/formulas/{formulaId}/revisions', {
        params: { path: { formulaId } },
        body: { name, document },
      }),
    ),
  renameRevision: (formulaId: string, number: number, name: string) =>
    answer(
      client.PUT('/api/formulas/{formulaId}/revisions/{number}', {
        params: { path: { formulaId, number } },
        body: { name },
      }),
    ),
  /** A file as it is: whatever is wrong with it is for the server to say. */
  importFile: (file: Blob) =>
    once(async (id) => {
      const response = await fetch(`/api/imports?id=${id}`, {
        method: 'POST',
        headers: { ...VERSION, ...token(), 'Content-Type': 'application/json' },
        body: file,
      })
      return sent<Schemas['ImportedFormula']>(response)
    }),
  book: (wish: BookWish, signal?: AbortSignal) =>
    answer(client.GET('/api/book', { params: { query: wish }, signal })),
  bookTags: () => answer(client.GET('/api/book/tags')),
  tagFormula: (formulaId: string, tags: string[]) =>
    answer(client.PUT('/api/book/{formulaId}/tags', { params: { path: { formulaId } }, body: { tags } })),
  formulas: (wish: FormulaWish = {}) => answer(client.GET('/api/formulas', { params: { query: wish } })),
  bringBack: (id: string, version: number) =>
    answer(client.POST('/api/formulas/{id}/bring-back', { params: { path: { id }, query: { version } } })),
  formula: (id: string) => answer(client.GET('/api/formulas/{id}', { params: { path: { id } } })),
  create: (formula: Formula) =>
    once((id) => answer(client.POST('/api/formulas', { params: { query: { id } }, body: formula }))),
  save: (id: string, version: number, document: Formula) =>
    answer(
      client.PUT('/api/formulas/{id}', {
        params: { path: { id } },
        body: { version, document },
        ...inTime(),
      }),
    ),
  remove: (id: string, version: number) =>
    answer(client.DELETE('/api/formulas/{id}', { params: { path: { id }, query: { version } } })),
  /** A plan to begin from: dinner tomorrow, one cook, what a small kitchen has. */
  planStart: (zone: string) => answer(client.GET('/api/plan-starts', { params: { query: { zone } } })),
  plans: () => answer(client.GET('/api/plans')),
  plan: (id: string) => answer(client.GET('/api/plans/{id}', { params: { path: { id } } })),
  createPlan: (document: WrittenPlan) =>
    once((writeId) => answer(client.POST('/api/plans', { body: { writeId, document } }))),
  savePlan: (id: string, version: number, document: WrittenPlan, schedule?: PlanSchedule) =>
    answer(
      client.PUT('/api/plans/{id}', {
        params: { path: { id } },
        body: { version, document, schedule },
        ...inTime(),
      }),
    ),
  removePlan: (id: string, version: number) =>
    answer(client.DELETE('/api/plans/{id}', { params: { path: { id }, query: { version } } })),
  answerPlan: (question: PlanQuestion, signal?: AbortSignal) =>
    answer(client.POST('/api/plan-answers', { body: question, signal, headers: newest('plan') })),
  explainPlan: (question: PlanQuestion, signal?: AbortSignal) =>
    answer(client.POST('/api/plan-conflicts', { body: question, signal, headers: newest('conflicts') })),
  checkPlan: (question: Schemas['PlanCheckQuestion'], signal?: AbortSignal) =>
    answer(client.POST('/api/plan-checks', { body: question, signal, headers: newest('check') })),
  openMakings: () => answer(client.GET('/api/makings')),
  making: (id: string) => answer(client.GET('/api/makings/{id}', { params: { path: { id } } })),
  /** Sent again with the same id, it begins once. */
  beginMaking: (
    id: string,
    formulaId: string,
    document?: Formula,
    rest?: { by?: string; planId?: string; planDish?: string },
  ) =>
    answer(
      client.POST('/api/makings', {
        body: { id, formulaId, document, ...rest, zone: Intl.DateTimeFormat().resolvedOptions().timeZone },
      }),
    ),
  madeOfPlan: (planId: string) =>
    answer(client.GET('/api/makings/of-plan/{planId}', { params: { path: { planId } } })),
  happened: (id: string, events: MakingEvent[]) =>
    answer(
      client.POST('/api/makings/{id}/events', { params: { path: { id } }, body: { events }, ...inTime() }),
    ),
  tolerances: (id: string) =>
    answer(client.GET('/api/makings/{id}/tolerances', { params: { path: { id } } })),
  instruments: () => answer(client.GET('/api/instruments')),
  tellInstrument: (id: string, what: string, unit?: string) =>
    answer(client.POST('/api/instruments/{id}/commands', { params: { path: { id } }, body: { what, unit } })),
  placeProbe: (id: string, makingId: string, step: string, where: string) =>
    answer(
      client.POST('/api/instruments/{id}/place', {
        params: { path: { id } },
        body: { makingId, step, where },
      }),
    ),
  calibrate: (id: string, tried: Schemas['Tried']) =>
    answer(client.POST('/api/instruments/{id}/calibrations', { params: { path: { id } }, body: tried })),
  rescueMaking: (id: string) => answer(client.GET('/api/makings/{id}/rescue', { params: { path: { id } } })),
  rescue: (document: Formula, symptom: string, looks: Record<string, boolean>) =>
    answer(client.POST('/api/rescue', { body: { document, symptom, looks } })),
  consequence: (id: string) =>
    answer(client.GET('/api/makings/{id}/consequence', { params: { path: { id } } })),
  trials: (formulaId: string) =>
    answer(client.GET('/api/formulas/{formulaId}/trials', { params: { path: { formulaId } } })),
  searchLog: (wish: LogWish) => answer(client.GET('/api/log', { params: { query: wish } })),
  logDays: (wish: LogWish) => answer(client.GET('/api/log/days', { params: { query: wish } })),
  logCooks: () => answer(client.GET('/api/log/cooks')),
  quantities: () => answer(client.GET('/api/log/quantities')),
  batch: (id: string) => answer(client.GET('/api/log/batches/{id}', { params: { path: { id } } })),
  correctBatch: (id: string, correction: Schemas['Correction']) =>
    answer(client.PUT('/api/log/batches/{id}', { params: { path: { id } }, body: correction, ...inTime() })),
  batchChanges: (id: string) =>
    answer(client.GET('/api/log/batches/{id}/changes', { params: { path: { id } } })),
  /** The file as it is: the server makes it small. */
  addPhoto: async (batchId: string, id: string, file: Blob, by: string, caption: string) => {
    const wish = new URLSearchParams({ id, by, caption })
    return sent<Schemas['PhotoView']>(
      await fetch(`/api/log/batches/${batchId}/photos?${wish}`, {
        method: 'POST',
        body: file,
        headers: { ...VERSION, ...token(), 'Content-Type': file.type || 'image/jpeg' },
      }),
    )
  },
  removePhoto: (id: string) => answer(client.DELETE('/api/photos/{id}', { params: { path: { id } } })),
  readProbeLog: (id: string, text: string) =>
    answer(
      client.POST('/api/log/batches/{id}/probe-log', {
        params: { path: { id } },
        body: text as never,
        bodySerializer: (body: unknown) => body as string,
        headers: { 'Content-Type': 'text/csv' },
      }),
    ),
  /** What the log tells; a newer wish of this page ends an older one. */
  proposeNumbers: (wish: Schemas['LearningWish'], signal?: AbortSignal) =>
    answer(client.POST('/api/learning/proposals', { body: wish, signal, headers: newest('learning') })),
  teachableParameters: () => answer(client.GET('/api/learning/parameters')),
  learningProgress: () => answer(client.GET('/api/learning/progress', { params: { query: { page } } })),
  learnedSets: () => answer(client.GET('/api/learning/sets')),
  acceptNumbers: (acceptance: Schemas['Acceptance']) =>
    answer(client.POST('/api/learning/sets', { body: acceptance, headers: newest('accepting') })),
  useNumbers: (number: number) => answer(client.PUT('/api/learning/current', { body: { number } })),
  useLot: (what: string, which: string) =>
    answer(client.PUT('/api/learning/using', { body: { what, which } })),
  compareNumbers: (formula: Formula) => answer(client.POST('/api/learning/comparisons', { body: formula })),
  ladders: () => answer(client.GET('/api/ladders')),
  ladder: (id: string) => answer(client.GET('/api/ladders/{id}', { params: { path: { id } } })),
  layLadder: (wish: Schemas['NewLadder']) => answer(client.POST('/api/ladders', { body: wish })),
  scoreLadder: (id: string, taster: string, scores: Record<string, number>) =>
    answer(client.PUT('/api/ladders/{id}/scores', { params: { path: { id } }, body: { taster, scores } })),
  showLadder: (id: string) => answer(client.POST('/api/ladders/{id}/shown', { params: { path: { id } } })),
  takeLadder: (id: string) => answer(client.POST('/api/ladders/{id}/taken', { params: { path: { id } } })),
  batches: (formulaId: string) =>
    answer(client.GET('/api/formulas/{formulaId}/batches', { params: { path: { formulaId } } })),
  logBatch: (formulaId: string, made: MadeBatch) =>
    once((id) =>
      answer(
        client.POST('/api/formulas/{formulaId}/batches', {
          params: { path: { formulaId }, query: { id } },
          body: made,
        }),
      ),
    ),
  removeBatch: (formulaId: string, id: string) =>
    answer(client.DELETE('/api/formulas/{formulaId}/batches/{id}', { params: { path: { formulaId, id } } })),
}
