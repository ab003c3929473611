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
