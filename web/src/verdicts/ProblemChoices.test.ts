import { mount } from '@vue/test-utils'
import { defineComponent, h } from 'vue'
import { expect, it, vi } from 'vitest'
import type { Formula, Problem } from '@/api/client'
import { blankFormula } from '@/testing/starts'
import { textAt } from '@/document/document'
import ProblemChoices from './ProblemChoices.vue'
import RowProblems from './RowProblems.vue'
import { provideSheet } from '@/document/sheet'

const PATH = '/components/0/lines/2/amount'
const problem: Problem = {
  code: 'amount-ambiguous',
  path: PATH,
  field: 'Sugar',
  value: '1 cup',
  rule: 'needs to say whose cup it is: which?',
  fixes: ['1 metric cup', '1 US cup'].map((label) => ({
    label,
    effect: '250 ml each',
    changes: [{ path: PATH, value: label }],
  })),
}

function onABench(component: typeof ProblemChoices | typeof RowProblems, props: object) {
  const change = vi.fn<(formula: Formula, place: string) => void>()
  const bench = defineComponent({
    setup() {
      provideSheet({ formula: () => blankFormula(), problems: () => [problem], change })
      return () => h(component as never, props)
    },
  })
  return { wrapper: mount(bench), change }
}

it('offers every meaning, and writes the one that is chosen', async () => {
  const { wrapper, change } = onABench(ProblemChoices, { problem })
  const buttons = wrapper.findAll('button')
  expect(buttons.map((b) => b.text())).toEqual(['1 metric cup 250 ml each', '1 US cup 250 ml each'])
  await buttons[1]?.trigger('click')
  expect(change).toHaveBeenCalledTimes(1)
  expect(textAt(change.mock.calls[0]?.[0] as Formula, PATH)).toBe('1 US cup')
})

it('a problem that can be anything offers nothing', () => {
  const { wrapper } = onABench(ProblemChoices, { problem: { ...problem, fixes: [] } })
  expect(wrapper.findAll('button')).toHaveLength(0)
})

it('a row says field and rule, and offers the choices below', () => {
  const { wrapper } = onABench(RowProblems, { problems: [problem] })
  expect(wrapper.text()).toContain('Sugar needs to say whose cup it is: which?')
  expect(wrapper.findAll('button')).toHaveLength(2)
})
