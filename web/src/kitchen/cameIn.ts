const WORDS: Record<string, string> = {
  settings: 'settings',
  larder: 'own entries of the larder',
  numbers: 'sets of accepted numbers',
  'in-use': 'lots and tools in use',
  calibrations: 'calibrations',
  formulas: 'formulas',
  plans: 'plans',
  makings: 'batches as they were made',
  log: 'batches in the log',
  ladders: 'dose ladders',
}

/** A kind of thing in an archive, by the name that the API gives it. */
export const cameInWords = (what: string) => WORDS[what] ?? what
