import type { components } from '@/api/generated/schema'

type Role = components['schemas']['PersonView']['role']

/** What somebody is in a kitchen, and what that lets them do. */
export const ROLES: { value: Role; label: string; may: string }[] = [
  { value: 'HEAD', label: 'head', may: 'develops, decides, sees to the people' },
  { value: 'COOK', label: 'cook', may: 'makes, plans, logs' },
  { value: 'GUEST', label: 'guest', may: 'reads and tries out' },
]

export const roleWord = (role: Role) => ROLES.find((r) => r.value === role)?.label ?? ''

const DEEDS: Record<string, string> = {
  createFormula: 'began a formula',
  saveFormula: 'changed a formula',
  patchFormula: 'changed a formula',
  deleteFormula: 'put a formula away',
  bringBackFormula: 'brought a formula back',
  importFormula: 'read a formula in',
  keepRevision: 'kept a state of a formula',
  renameRevision: 'named a state of a formula',
  tagFormula: 'tagged a formula',
  saveKitchen: 'changed the settings',
  addOwnEntry: 'added to the larder',
  saveOwnEntry: 'changed the larder',
  deleteOwnEntry: 'took something out of the larder',
  importOwnEntries: 'read a table into the larder',
  acceptNumbers: 'accepted numbers of the kitchen’s own',
  useNumbers: 'went to another set of numbers',
  useLot: 'said which lot is open',
  takeArchive: 'took an archive in',
  createPlan: 'began a plan',
  savePlan: 'changed a plan',
  deletePlan: 'deleted a plan',
  beginMaking: 'began a batch',
  happened: 'made a batch',
  logBatch: 'logged a batch',
  correctBatch: 'corrected the log',
  deleteBatch: 'took a batch out of the log',
  addPhoto: 'took a photo',
  removePhoto: 'took a photo away',
  layLadder: 'laid a dose ladder out',
  scoreLadder: 'tasted a dose ladder',
  showLadder: 'showed a dose ladder',
  takeLadder: 'took a dose from a ladder',
  calibrate: 'tried a probe',
  placeProbe: 'put a probe in',
  tellInstrument: 'told an instrument',
  changeRole: 'gave somebody another role',
  removePerson: 'let somebody go',
  renameKitchen: 'named the kitchen',
  invite: 'invited somebody',
  withdrawInvitation: 'withdrew an invitation',
}

/** What somebody did, by the name that the API gives it. */
export const deedWords = (what: string) => DEEDS[what] ?? what
