/** Drawings of our own, 96 wide and 72 high: what a stage looks like, and what is seen when something is wrong. */
export interface Mark {
  d: string
  fill?: string
  line?: string
  wide?: number
}

const INK = 'var(--ink)'
const CREAM = 'var(--cream-deep)'
const CUSTARD = 'var(--custard)'
const CHOCOLATE = 'var(--chocolate)'
const DARK = 'var(--chocolate-ink)'
const WATER = 'var(--cold-ink)'
const CRUMB = 'var(--crumb)'
const JELLY = 'var(--jelly)'
const WRONG = 'var(--unsafe)'
const PLATE: Mark = { d: 'M10 62H86M22 66H74', line: INK }
const BOWL: Mark = { d: 'M14 36H82Q80 66 48 66T14 36Z', fill: 'var(--wash)', line: INK }

const body = (fill: string): Mark => ({ d: 'M30 62L34 26Q48 20 62 26L66 62Z', fill, line: INK })
const glass: Mark = { d: 'M30 12L34 62H62L66 12', line: INK }
const inGlass = (d: string, fill: string): Mark => ({ d, fill })
const dots = (at: [number, number][], r: number, fill: string): Mark => ({
  d: at.map(([x, y]) => `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`).join(''),
  fill,
})
const spoon = (what: Mark[]): Mark[] => [
  { d: 'M8 14L38 30', line: INK, wide: 4 },
  { d: 'M34 26Q52 22 68 38Q76 50 64 52Q44 50 34 26Z', fill: CUSTARD, line: INK },
  ...what,
]
const bowl = (...what: Mark[]): Mark[] => [BOWL, ...what]
const biscuit = (core: Mark[], fill: string): Mark[] => [
  { d: 'M12 36Q12 24 24 24H72Q84 24 84 36T72 48H24Q12 48 12 36Z', fill, line: INK },
  ...core,
]
const SHEET = 'M28 8H68V62H28Z'

/** A stage of a series: what it is called, what tells it, and how it is drawn. */
export interface Stage {
  name: string
  tells: string
  marks: Mark[]
}

/** Stages in their order; the ids are those of the server's cues. */
export const SERIES: Record<string, { name: string; stages: Stage[] }> = {
  whip: {
    name: 'Whipped cream',
    stages: [
      {
        name: 'ribbon',
        tells: 'falls in a band that lies on top for a moment',
        marks: bowl(
          { d: 'M18 40H78Q74 60 48 60T18 40Z', fill: CREAM },
          { d: 'M46 4C38 14 56 18 46 28C40 34 60 36 50 42', line: 'var(--warm)', wide: 5 },
        ),
      },
      {
        name: 'soft peaks',
        tells: 'the peak bends right over',
        marks: bowl({
          d: 'M16 40Q36 36 42 22Q48 6 66 14Q74 20 66 26Q56 20 56 32Q58 38 80 40Q74 62 48 62T16 40Z',
          fill: CREAM,
          line: INK,
        }),
      },
      {
        name: 'medium peaks',
        tells: 'the peak stands, its tip nods',
        marks: bowl({
          d: 'M16 40Q38 36 44 16Q48 4 60 8Q64 12 58 14Q54 18 54 32Q58 38 80 40Q74 62 48 62T16 40Z',
          fill: CREAM,
          line: INK,
        }),
      },
      {
        name: 'stiff peaks',
        tells: 'the peak stands straight, the trail stays sharp',
        marks: bowl(
          { d: 'M16 40Q40 36 46 10L48 4L50 10Q56 36 80 40Q74 62 48 62T16 40Z', fill: CREAM, line: INK },
          { d: 'M26 44L34 40M62 40L72 44', line: INK },
        ),
      },
      {
        name: 'over-whipped',
        tells: 'dull, grainy, yellowish; liquid shows at the edge',
        marks: bowl(
          {
            d: 'M16 40L26 32L32 38L42 26L48 36L58 24L64 36L72 32L80 40Q74 62 48 62T16 40Z',
            fill: 'var(--mousse)',
            line: INK,
          },
          dots(
            [
              [30, 46],
              [42, 42],
              [54, 46],
              [66, 44],
              [46, 54],
            ],
            3,
            'var(--straw)',
          ),
          { d: 'M20 54Q48 68 76 54', line: WATER, wide: 3 },
        ),
      },
    ],
  },
  spoon: {
    name: 'Custard on the spoon',
    stages: [
      {
        name: 'thin',
        tells: 'runs off; a finger’s trace closes',
        marks: spoon([{ d: 'M60 52V66M66 50V60', line: 'var(--straw)', wide: 3 }]),
      },
      {
        name: 'coats the spoon',
        tells: 'a finger’s trace stays open',
        marks: spoon([{ d: 'M42 30L62 48', line: 'var(--white)', wide: 6 }]),
      },
      {
        name: 'scrambled',
        tells: 'grains on the spoon: too hot',
        marks: spoon([
          dots(
            [
              [48, 34],
              [56, 40],
              [62, 46],
              [52, 42],
              [60, 36],
            ],
            3,
            'var(--warm)',
          ),
        ]),
      },
    ],
  },
  bloom: {
    name: 'A sheet of gelatin',
    stages: [
      {
        name: 'dry',
        tells: 'stiff, with its pattern',
        marks: [
          { d: SHEET, fill: 'var(--cream)', line: INK },
          {
            d: 'M28 26L46 8M28 44L64 8M28 62L68 22M46 62L68 40M68 26L50 8M68 44L32 8M68 62L28 22M50 62L28 40',
            line: 'var(--warm-edge)',
          },
        ],
      },
      {
        name: 'bloomed',
        tells: 'limp like wet cloth, no hard spot',
        marks: [
          {
            d: 'M26 8H70Q62 22 72 34Q60 44 66 64Q52 56 44 64Q38 54 30 62Q36 44 24 34Q34 22 26 8Z',
            fill: 'var(--water)',
            line: INK,
          },
          { d: 'M38 16Q42 30 36 44M56 16Q52 32 58 46', line: WATER },
        ],
      },
      {
        name: 'dissolving',
        tells: 'too long or too warm: it goes into the water',
        marks: [
          { d: 'M28 8H68Q62 20 66 30Q56 40 48 34Q38 42 32 30Q34 20 28 8Z', fill: 'var(--water)', line: INK },
          { d: 'M36 44Q34 52 38 54M50 42Q48 54 54 58M60 40Q60 50 64 52', line: WATER, wide: 3 },
        ],
      },
    ],
  },
  ganache: {
    name: 'Ganache',
    stages: [
      {
        name: 'not joined',
        tells: 'streaks of cream and chocolate',
        marks: bowl(
          { d: 'M18 40H78Q74 60 48 60T18 40Z', fill: CHOCOLATE },
          { d: 'M24 44Q40 50 56 42T74 48M32 54Q44 50 60 56', line: CREAM, wide: 3 },
        ),
      },
      {
        name: 'glossy',
        tells: 'smooth and elastic; light lies on it',
        marks: bowl(
          { d: 'M18 40H78Q74 60 48 60T18 40Z', fill: DARK },
          { d: 'M28 44Q40 40 54 43', line: 'var(--white)', wide: 3 },
        ),
      },
      {
        name: 'split',
        tells: 'grainy, with a film of fat that runs',
        marks: bowl(
          { d: 'M18 40H78Q74 60 48 60T18 40Z', fill: CHOCOLATE },
          dots(
            [
              [30, 48],
              [40, 54],
              [50, 46],
              [60, 54],
              [68, 48],
            ],
            3,
            DARK,
          ),
          { d: 'M22 42Q34 38 44 43T74 42', line: 'var(--straw)', wide: 4 },
        ),
      },
    ],
  },
  fold: {
    name: 'Folded in',
    stages: [
      {
        name: 'streaks',
        tells: 'white lines are left',
        marks: bowl(
          { d: 'M16 40Q48 28 80 40Q74 62 48 62T16 40Z', fill: CUSTARD },
          { d: 'M24 42Q40 36 52 44T76 42M34 54Q46 48 62 54', line: 'var(--white)', wide: 4 },
        ),
      },
      {
        name: 'no streaks',
        tells: 'one colour, still high and light',
        marks: bowl({ d: 'M16 40Q30 22 46 30Q60 18 80 40Q74 62 48 62T16 40Z', fill: CUSTARD, line: INK }),
      },
      {
        name: 'flattened',
        tells: 'low, runny, with large bubbles: folded too long',
        marks: bowl(
          { d: 'M20 48H76Q70 62 48 62T20 48Z', fill: CUSTARD },
          dots(
            [
              [34, 50],
              [48, 54],
              [62, 50],
            ],
            3,
            'var(--white)',
          ),
        ),
      },
    ],
  },
  set: {
    name: 'Set',
    stages: [
      {
        name: 'liquid',
        tells: 'tilted, it stays level',
        marks: [
          { d: 'M24 14L36 62L64 56L60 8', line: INK },
          inGlass('M28 32L63 32L64 56L36 62Z', CREAM),
          { d: 'M28 32H63', line: WATER },
        ],
      },
      {
        name: 'wobbles',
        tells: 'moves as one, from the middle, and comes back',
        marks: [body(CREAM), PLATE, { d: 'M22 30Q18 38 22 46M74 30Q78 38 74 46', line: WATER, wide: 3 }],
      },
      {
        name: 'bounces',
        tells: 'sharp edges, springs back: firmer than most want it',
        marks: [
          { d: 'M30 62V28H66V62Z', fill: JELLY, line: INK },
          PLATE,
          { d: 'M40 18L48 8L56 18M48 8V22', line: WRONG, wide: 2 },
        ],
      },
    ],
  },
  biscuit: {
    name: 'A dipped biscuit, cut',
    stages: [
      {
        name: 'dry',
        tells: 'a pale, hard core',
        marks: biscuit(
          [{ d: 'M24 36Q24 30 32 30H64Q72 30 72 36T64 42H32Q24 42 24 36Z', fill: 'var(--cream)' }],
          CRUMB,
        ),
      },
      {
        name: 'right',
        tells: 'moist through, holds its shape',
        marks: biscuit([{ d: 'M40 36H56', line: 'var(--cream)', wide: 3 }], CRUMB),
      },
      {
        name: 'wet',
        tells: 'bends, and drips',
        marks: [
          {
            d: 'M12 28Q14 22 24 24Q48 36 72 24Q82 22 84 28Q82 46 72 46Q48 56 24 46Q14 44 12 28Z',
            fill: 'var(--crumb-ink)',
            line: INK,
          },
          { d: 'M30 52V62M48 56V68M66 52V60', line: WATER, wide: 3 },
        ],
      },
    ],
  },
}

const CRACK: Mark = { d: 'M44 22L50 34L44 42L52 56', line: INK, wide: 2 }
const HARD: Mark = { d: 'M70 14L58 26M58 14L70 26', line: WRONG, wide: 3 }
const BASE = 'M16 50H80V60H16Z'

/** What is seen when something is wrong; the ids are those of the server's symptoms. */
export const SYMPTOMS: Record<string, Mark[]> = {
  'did-not-set': [
    inGlass('M33 30L65 42L62 62H34Z', CREAM),
    glass,
    { d: 'M33 30L65 42', line: WATER, wide: 3 },
  ],
  soft: [
    { d: 'M22 62Q26 34 48 32T74 62Z', fill: CREAM, line: INK },
    PLATE,
    { d: 'M18 40V54M78 40V54', line: WATER, wide: 2 },
  ],
  slumped: [
    { d: 'M12 62Q20 48 48 46T84 62Z', fill: CREAM, line: INK },
    PLATE,
    { d: 'M48 14V34M40 26L48 36L56 26', line: WRONG, wide: 3 },
  ],
  rubber: [
    { d: 'M32 62V30H64V62Z', fill: JELLY, line: INK },
    PLATE,
    { d: 'M36 20Q48 2 60 20M60 20L60 10M60 20L50 18', line: WRONG, wide: 2 },
  ],
  weeps: [
    body(CREAM),
    { d: 'M8 62Q48 54 88 62Q48 70 8 62Z', fill: 'var(--water)', line: WATER },
    dots(
      [
        [28, 44],
        [68, 48],
      ],
      3,
      WATER,
    ),
  ],
  lumps: [
    inGlass('M32 22H64L62 62H34Z', CREAM),
    glass,
    dots(
      [
        [42, 32],
        [54, 42],
        [44, 52],
        [56, 56],
      ],
      4,
      'var(--straw)',
    ),
  ],
  'grainy-cream': bowl(
    { d: 'M16 40L28 32L36 38L48 28L58 38L70 32L80 40Q74 62 48 62T16 40Z', fill: 'var(--mousse)', line: INK },
    dots(
      [
        [32, 46],
        [46, 42],
        [60, 46],
        [46, 54],
      ],
      3,
      'var(--straw)',
    ),
  ),
  flat: [
    inGlass('M33 48H63L62 62H34Z', CUSTARD),
    glass,
    { d: 'M32 26H64', line: WATER, wide: 1 },
    { d: 'M48 28V44M42 38L48 46L54 38', line: WRONG, wide: 2 },
  ],
  specks: [
    inGlass('M32 22H64L62 62H34Z', CUSTARD),
    glass,
    { d: 'M40 30l5 2M52 28l4 3M44 42l5 -2M56 44l4 2M40 54l4 -2M52 56l5 1', line: DARK, wide: 3 },
  ],
  split: SERIES.ganache?.stages[2]?.marks ?? [],
  seized: bowl({
    d: 'M22 50L30 36L40 44L50 30L60 44L70 36L76 50Q68 62 48 62T22 50Z',
    fill: CHOCOLATE,
    line: DARK,
    wide: 2,
  }),
  scrambled: bowl(
    { d: 'M18 42H78Q72 60 48 60T18 42Z', fill: CUSTARD },
    dots(
      [
        [30, 44],
        [40, 50],
        [52, 44],
        [62, 52],
        [70, 44],
        [48, 56],
      ],
      4,
      'var(--warm)',
    ),
  ),
  curdled: bowl(
    { d: 'M18 42H78Q72 60 48 60T18 42Z', fill: 'var(--water)' },
    dots(
      [
        [30, 46],
        [44, 44],
        [58, 48],
        [68, 44],
        [48, 54],
      ],
      4,
      CREAM,
    ),
  ),
  'thin-custard': SERIES.spoon?.stages[0]?.marks ?? [],
  bled: [
    inGlass('M31 18H65L62 62H34Z', CREAM),
    inGlass('M32 34Q40 48 46 36Q54 54 64 36L62 62H34Z', JELLY),
    glass,
  ],
  slid: [
    { d: 'M22 62V44H62V62Z', fill: CREAM, line: INK },
    { d: 'M38 42L42 24L80 32L76 50Z', fill: JELLY, line: INK },
    PLATE,
  ],
  stuck: [
    { d: 'M28 14H68L62 52Q48 58 34 52Z', fill: 'var(--wash)', line: INK, wide: 3 },
    PLATE,
    { d: 'M20 24V44M14 38L20 46L26 38', line: WRONG, wide: 2 },
  ],
  torn: [{ d: 'M30 62L34 26Q40 22 46 24L50 36L58 30L66 62Z', fill: CREAM, line: INK }, PLATE, CRACK],
  soggy: SERIES.biscuit?.stages[2]?.marks ?? [],
  'dry-soak': SERIES.biscuit?.stages[0]?.marks ?? [],
  'base-crumbles': [
    { d: 'M24 24H72V48H24Z', fill: CREAM, line: INK },
    { d: 'M16 50H40L36 56L42 60H16Z', fill: CRUMB, line: INK },
    { d: 'M56 50H80V58L62 60Z', fill: CRUMB, line: INK },
    dots(
      [
        [44, 58],
        [50, 54],
        [48, 66],
        [34, 66],
        [66, 66],
      ],
      2,
      'var(--crumb-ink)',
    ),
  ],
  'base-hard': [
    { d: 'M24 24H72V48H24Z', fill: CREAM, line: INK },
    { d: BASE, fill: 'var(--crumb-ink)', line: INK },
    { d: 'M48 4V46', line: INK, wide: 3 },
    HARD,
  ],
  stiff: [body(CHOCOLATE), PLATE, { d: 'M70 8L54 30', line: INK, wide: 4 }, HARD],
  skin: [
    inGlass('M32 30H64L62 62H34Z', CREAM),
    glass,
    { d: 'M32 30Q40 26 48 30T64 30', line: 'var(--straw)', wide: 4 },
    dots(
      [
        [38, 22],
        [50, 20],
        [58, 23],
      ],
      2,
      WATER,
    ),
  ],
  cracked: [
    inGlass('M32 26H64L62 62H34Z', CREAM),
    glass,
    { d: 'M34 28L42 34L40 40L50 38L58 46', line: INK, wide: 2 },
  ],
  displaced: [
    inGlass('M32 20H64L62 62H34Z', JELLY),
    glass,
    dots(
      [
        [40, 56],
        [49, 57],
        [57, 55],
        [45, 50],
      ],
      4,
      'var(--plum-ink)',
    ),
  ],
  icy: [
    inGlass('M32 22H64L62 62H34Z', CREAM),
    glass,
    { d: 'M48 32V52M39 37L57 47M57 37L39 47', line: WATER, wide: 2 },
  ],
}
