import type { Kitchen, KitchenSettings } from '@/api/client'

/** A setting as the page shows it; one with choices is chosen, any other typed. */
export interface Row {
  field: keyof KitchenSettings
  label: string
  hint: string
  choices?: { value: string; label: string }[]
}

const meaning = (list: Kitchen['swapSchools'] | undefined, id: string | undefined) =>
  list?.find((s) => s.id === id)?.meaning ?? ''
const named = (list: Kitchen['swapSchools'] | undefined) =>
  list?.map((s) => ({ value: s.id, label: s.name })) ?? []

/** The settings in the order of the page. */
export function settingGroups(kitchen: Kitchen | undefined, typed: KitchenSettings | undefined) {
  return [
    { title: 'The kitchen', rows: OF_THE_KITCHEN },
    { title: 'Rules', rows: rules(kitchen, typed) },
    { title: 'Schools', rows: schools(kitchen, typed) },
    { title: 'Writing and weighing', rows: WRITING },
  ]
}

const OF_THE_KITCHEN: Row[] = [
  { field: 'name', label: 'Name', hint: 'Stands on the method card.' },
  { field: 'room', label: 'Temperature of the room', hint: 'For what cools in its bowl.' },
  { field: 'currency', label: 'Currency', hint: 'Prices of a kilogram stand in the larder.' },
]

function rules(kitchen?: Kitchen, typed?: KitchenSettings): Row[] {
  return [
    {
      field: 'safetyRules',
      label: 'Cooling goes by',
      hint: `${meaning(kitchen?.safetyRules, typed?.safetyRules)}. Local rules and qualified advice come first.`,
      choices: named(kitchen?.safetyRules),
    },
    {
      field: 'allergenList',
      label: 'Allergens are declared by',
      hint: 'What the ingredients contain; never a claim that a kitchen is free of anything.',
      choices: [
        { value: 'eu', label: 'the EU list of fourteen' },
        { value: 'us', label: 'the US list of nine' },
      ],
    },
  ]
}

function schools(kitchen?: Kitchen, typed?: KitchenSettings): Row[] {
  return [
    {
      field: 'swapSchool',
      label: 'Swapping one gelatin for another',
      hint: meaning(kitchen?.swapSchools, typed?.swapSchool),
      choices: named(kitchen?.swapSchools),
    },
    {
      field: 'bloomSchool',
      label: 'Blooming in a new formula',
      hint: 'Weighed water is counted exactly; squeezed sheets keep about five times their mass.',
      choices: [
        { value: 'weighed', label: 'in weighed water that stays in' },
        { value: 'squeezed', label: 'in plenty of water, squeezed' },
        { value: 'dry', label: 'dry into the hot liquid' },
      ],
    },
    {
      field: 'straining',
      label: 'Mixes are strained',
      hint: 'A step of the method.',
      choices: [
        { value: 'yes', label: 'yes' },
        { value: 'no', label: 'no' },
      ],
    },
  ]
}

const WRITING: Row[] = [
  {
    field: 'measures',
    label: 'Spoons and cups of a new formula',
    hint: 'A formula that is there keeps its own.',
    choices: [
      { value: 'metric', label: 'metric: tbsp 15 ml, cup 250 ml' },
      { value: 'us', label: 'US: tbsp 14.8 ml, cup 236.6 ml' },
      { value: 'uk', label: 'UK: tbsp 15 ml, cup 284 ml' },
      { value: 'au', label: 'Australian: tbsp 20 ml, cup 250 ml' },
    ],
  },
  {
    field: 'temperature',
    label: 'Temperatures',
    hint: 'How they are shown; both are understood when typed with their unit.',
    choices: [
      { value: 'celsius', label: '°C' },
      { value: 'fahrenheit', label: '°F' },
    ],
  },
  { field: 'scale', label: 'The scale shows steps of', hint: 'What scaled amounts are rounded to.' },
  { field: 'fineScale', label: 'The fine scale shows', hint: 'For gelatin, salt, spices.' },
  { field: 'fineBelow', label: 'The fine scale is used below', hint: '' },
]
