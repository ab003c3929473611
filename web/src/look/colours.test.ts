import { expect, it } from 'vitest'

const sources = import.meta.glob<string>(
  ['../**/*.vue', '../**/*.ts', '!../**/*.test.ts', '!../api/generated/**'],
  {
    query: '?raw',
    import: 'default',
    eager: true,
  },
)

it('colours stand in the theme alone', () => {
  const elsewhere = Object.entries(sources)
    .filter(([file]) => !file.endsWith('/theme.ts'))
    .flatMap(([file, text]) => (text.match(/#[0-9a-f]{6}\b/gi) ?? []).map((colour) => `${file} ${colour}`))
  expect(elsewhere).toEqual([])
})

it('no component is longer than 350 lines', () => {
  const long = Object.entries(sources)
    .filter(([file]) => file.endsWith('.vue'))
    .map(([file, text]) => `${file} ${text.split('\n').length - 1}`)
    .filter((line) => Number(line.split(' ')[1]) > 350)
  expect(long).toEqual([])
})
