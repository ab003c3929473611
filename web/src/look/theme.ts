import type { ThemeConfig } from 'ant-design-vue/es/config-provider/context'

/** Colours that scripts need too (charts, drawings); the same values stand in base.css. */
export const colours = {
  ink: '#17323a',
  quiet: '#4d656c',
  hairline: '#c9d5d8',
  ground: '#e9eff0',
  panel: '#fbfcfc',
  act: '#b3470f',
  unsafe: '#a3123a',
  good: '#1c6547',
  cold: '#2b6f95',
  goodEdge: '#bcd9c8',
}

/** Of what an ingredient is made of. */
export const shareColours: Record<string, string> & { rest: string } = {
  water: '#cfe3ea',
  milkFat: '#f6dfa4',
  cocoaButter: '#e8c98f',
  otherFat: '#eed9b6',
  sugars: '#f7c9a8',
  milkProtein: '#d9cfe3',
  otherProtein: '#cdbfdb',
  cocoa: '#b08a74',
  starchFibre: '#cfd8b8',
  salt: '#b9c4c8',
  ash: '#b9c4c8',
  alcohol: '#a8d3c4',
  rest: '#dddddd',
}

export const fontFamily = "'Atkinson Hyperlegible', system-ui, sans-serif"

export const theme: ThemeConfig = {
  token: {
    colorPrimary: colours.act,
    colorInfo: colours.cold,
    colorError: colours.unsafe,
    colorSuccess: colours.good,
    colorText: colours.ink,
    colorTextSecondary: colours.quiet,
    colorTextPlaceholder: '#5f757b',
    colorBorder: '#9fb1b6',
    colorBgLayout: colours.ground,
    colorBgContainer: '#ffffff',
    borderRadius: 3,
    controlHeight: 34,
    fontFamily,
    fontSize: 15,
    motionDurationMid: '0.1s',
    motionDurationSlow: '0.15s',
    boxShadowSecondary: '0 6px 24px rgba(23, 50, 58, 0.22)',
  },
}
