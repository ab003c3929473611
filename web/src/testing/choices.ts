import { readFileSync } from 'node:fs'
import type { Choice } from '@/api/client'

const FILE = '../server/src/main/resources/com/deftchill/server/text/choices.csv'

/** The short lists that the server gives, from its own file. For tests. */
export const CHOICES: Record<string, Choice[]> = {}
for (const row of readFileSync(FILE, 'utf8').split('\n').slice(3).filter(Boolean)) {
  const [field = '', value = '', ...words] = row.split(',')
  ;(CHOICES[field] ??= []).push({ value, label: words.join(',').replaceAll('"', '') })
}
