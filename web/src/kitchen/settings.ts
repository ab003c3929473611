import type { Choice, Kitchen, KitchenSettings } from '@/api/client'

/** A setting as the page shows it; one with choices is chosen, any other typed. */
export interface Row {
  field: keyof KitchenSettings
  label: string
  hint: string
  choices?: Choice[]
}

type Lists = (field: string) => Choice[]

const meaning = (list: Kitchen['swapSchools'] | undefined, id: string | undefined) =>
  list?.find((s) => s.id === id)?.meaning ?? ''
const named = (list: Kitchen['swapSchools'] | undefined) =>
  list?.map((s) => ({ value: s.id, label: s.name })) ?? []

/** The settings in the order of the page. */
export function settingGroups(
  kitchen: Kitchen | undefined,
  typed: KitchenSettings | undefined,
  choices: Lists,
) {
  return [
    { title: 'The kitchen', rows: [...OF_THE_KITCHEN, zone(kitchen)] },
    { title: 'Rules', rows: rules(choices, kitchen, typed) },
    { title: 'Schools', rows: schools(choices, kitchen, typed) },
    { title: 'Writing and weighing', rows: writing(choices) },
  ]
}

const OF_THE_KITCHEN: Row[] = [
  { field: 'name', label: 'Name', hint: 'Stands on the method card.' },
  { field: 'room', label: 'Temperature of the room', hint: 'For what cools in its bowl.' },
  { field: 'currency', label: 'Currency', hint: 'Prices of a kilogram stand in the larder.' },
]

export const zones = (kitchen?: Kitchen) =>
  (kitchen?.zones ?? []).map((id) => ({ value: id, label: id.replaceAll('_', ' ') }))

const zone = (kitchen?: Kitchen): Row => ({
  field: 'zone',
  label: 'Time zone',
  hint: 'Plans of the day are made by its clock, wherever they are looked at.',
  choices: [{ value: '', label: 'that of whoever plans' }, ...zones(kitchen)],
})

function rules(choices: Lists, kitchen?: Kitchen, typed?: KitchenSettings): Row[] {
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
      choices: choices('kitchen-allergenList'),
    },
  ]
}

function schools(choices: Lists, kitchen?: Kitchen, typed?: KitchenSettings): Row[] {
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
      choices: choices('kitchen-bloomSchool'),
    },
    {
      field: 'straining',
      label: 'Mixes are strained',
      hint: 'A step of the method.',
      choices: choices('kitchen-straining'),
    },
  ]
}

const writing = (choices: Lists): Row[] => [
  {
    field: 'measures',
    label: 'Spoons and cups of a new formula',
    hint: 'A formula that is there keeps its own.',
    choices: choices('kitchen-measures'),
  },
  {
    field: 'temperature',
    label: 'Temperatures',
    hint: 'How they are shown; both are understood when typed with their unit.',
    choices: choices('kitchen-temperature'),
  },
  { field: 'scale', label: 'The scale shows steps of', hint: 'What scaled amounts are rounded to.' },
  { field: 'fineScale', label: 'The fine scale shows', hint: 'For gelatin, salt, spices.' },
  { field: 'fineBelow', label: 'The fine scale is used below', hint: '' },
]
