import { describe, expect, it } from 'vitest'
import type { Making, MakingEvent, MakingStep } from '@/api/client'
import recorded from '@/testing/making.json'
import { goneOn } from './guide'

/** A batch as the server told it when it began, and at five later moments: `making.json` was recorded from it. */
const steps = recorded.steps.map(
  (s) =>
    ({
      step: { ...s, takes: { least: s.likely, likely: s.likely, most: s.likely, parameter: '' } },
      state: 'LATER',
      why: '',
      asks: [
        { kind: 'grams', address: `/${s.id}`, name: '', written: '', measured: '', byLot: true, lot: '' },
      ],
    }) as unknown as MakingStep,
)
const begun = { id: 'm', steps, events: [] as MakingEvent[], next: '' } as unknown as Making
const stands = ({ state, began, due, ended, from, until, why }: MakingStep) =>
  JSON.parse(JSON.stringify({ state, began, due, ended, from, until, why })) as unknown

const happened = (kind: MakingEvent['kind'], at: number, rest: Partial<MakingEvent> = {}): MakingEvent => ({
  id: `${kind}${at}`,
  kind,
  at: at * 1000,
  ...rest,
})

describe('a batch while the server is away', () => {
  it.each(recorded.stages.map((stage, i) => [i, stage] as const))(
    'stands as the server would say, stage %i',
    (_, stage) => {
      const now = goneOn(begun, stage.events as MakingEvent[], stage.now)
      expect(now.steps.map(stands)).toEqual(stage.stands)
      expect(now.next).toBe(stage.next)
    },
  )

  it('goes on step by step to its end', () => {
    let unsent: MakingEvent[] = []
    let second = 1_000_000
    for (let touches = 0; touches < 40; touches++) {
      const now = goneOn(begun, unsent, second)
      if (now.steps.every((s) => s.state === 'DONE')) break
      // A cook ends what is shown; where nothing wants hands, time goes by.
      if (now.next) unsent = [...unsent, happened('ENDED', second, { step: now.next })]
      second += now.next ? 60 : 3 * 3600
    }
    expect(goneOn(begun, unsent, second).steps.map((s) => s.state)).toEqual(steps.map(() => 'DONE'))
  })

  it('takes back, measures and keeps lots', () => {
    const weigh = happened('ENDED', 100, { step: '0.weigh' })
    const said = [
      weigh,
      happened('MEASURED', 101, { changes: [{ path: '/0.weigh', value: '83 g' }] }),
      happened('LOT', 102, { step: '/0.weigh', text: 'L-77' }),
    ]
    expect(goneOn(begun, said, 200).steps[0]).toMatchObject({
      state: 'DONE',
      asks: [{ measured: '83 g', lot: 'L-77' }],
    })
    const back = [...said, happened('UNDONE', 103, { text: weigh.id })]
    expect(goneOn(begun, back, 200).steps[0]?.state).toBe('READY')
    expect(goneOn(begun, back, 200).events.map((e) => e.kind)).toEqual(['MEASURED', 'LOT'])
  })
})
