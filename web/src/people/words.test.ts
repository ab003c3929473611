import { describe, expect, it } from 'vitest'
import description from '@/api/openapi.json'
import { deedWords, ROLES, roleWord } from './words'

describe('words for people', () => {
  it('has words for everything that is noted', () => {
    const reading = new Set(['get'])
    /** Stored nowhere, or one's own door: nobody's deed. */
    const unnoted =
      /^(assess|chill|whatIf|ways|uncertainty|compare|lift|preview|propose|begin(Dessert)|read|explain|check|answer|rescue|scale|split|swap|variants|opened|signIn|signOut|enterByKey|workIn|endSession|changeAccount|removePasskey|openKitchen|acceptInvitation)/
    const operations = Object.values(description.paths).flatMap((path) =>
      Object.entries(path)
        .filter(([method]) => !reading.has(method))
        .map(([, operation]) => (operation as { operationId: string }).operationId),
    )
    const missing = operations.filter((id) => !unnoted.test(id) && deedWords(id) === id)
    expect(missing).toEqual([])
  })

  it('names each role', () => {
    expect(ROLES.map((r) => roleWord(r.value))).toEqual(['head', 'cook', 'guest'])
  })
})
