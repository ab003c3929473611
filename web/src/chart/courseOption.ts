import type { Course, Milestone } from '@/api/client'
import { onScale } from '@/look/degrees'
import { clockAfter } from '@/look/time'
import { colours, fontFamily } from '@/look/theme'

const SHOWN_MINUTES = 24 * 60

/** The drawing of the course: firmness with its target band, temperature of the warmest point, milestones. */
export function courseOption(course: Course, milestones: Milestone[], pouredAt: string, fahrenheit = false) {
  const until = course.minutes.findIndex((m) => m > SHOWN_MINUTES)
  const minutes = course.minutes.slice(0, until < 0 ? undefined : until)
  const pairs = (values: number[]) => minutes.map((m, i) => [m, values[i] ?? 0])
  const unit = fahrenheit ? '°F' : '°C'
  const degrees = course.warmestC.map((c) => onScale(c, fahrenheit))
  const text = { color: colours.ink, fontFamily, fontSize: 12 }
  return {
    animation: false,
    textStyle: { fontFamily },
    grid: { left: 34, right: 44, top: 18, bottom: 22 },
    tooltip: {
      trigger: 'axis',
      textStyle: { ...text, fontSize: 13 },
      formatter: (points: { axisValue: number; value: [number, number] }[]) =>
        `${clockAfter(pouredAt, points[0]?.axisValue ?? 0)}: firmness ${points[0]?.value[1].toFixed(0)}, ${points[1]?.value[1].toFixed(1)} ${unit}`,
    },
    xAxis: {
      type: 'value',
      min: 0,
      max: SHOWN_MINUTES,
      interval: 240,
      axisLabel: { ...text, formatter: (m: number) => clockAfter(pouredAt, m) },
      axisLine: { lineStyle: { color: colours.ink } },
      splitLine: { show: false },
    },
    yAxis: [
      {
        type: 'value',
        min: 0,
        max: 100,
        interval: 25,
        axisLabel: text,
        splitLine: { lineStyle: { color: colours.hairline } },
      },
      {
        type: 'value',
        min: fahrenheit ? 20 : 0,
        max: fahrenheit ? 180 : 80,
        interval: fahrenheit ? 40 : 20,
        axisLabel: { ...text, color: colours.cold, formatter: `{value} ${unit}` },
        splitLine: { show: false },
      },
    ],
    series: [
      {
        type: 'line',
        data: pairs(course.firmness),
        showSymbol: false,
        lineStyle: { color: colours.ink, width: 2.5 },
        itemStyle: { color: colours.ink },
        markArea: {
          silent: true,
          itemStyle: { color: colours.goodEdge, opacity: 0.65 },
          data: [[{ yAxis: course.targetFrom }, { yAxis: course.targetTo }]],
        },
        markLine: {
          silent: true,
          symbol: 'none',
          lineStyle: { color: colours.quiet, type: 'solid', width: 1 },
          label: { ...text, formatter: '{b}', position: 'end', distance: 2 },
          data: milestones
            .filter(
              (m) =>
                ['sets', 'turns-out'].includes(m.code) &&
                m.minutes !== undefined &&
                m.minutes < SHOWN_MINUTES,
            )
            .map((m) => ({
              name: m.code === 'sets' ? 'set ' : ' turn out',
              xAxis: m.minutes,
              label: { align: m.code === 'sets' ? 'right' : 'left' },
            })),
        },
      },
      {
        type: 'line',
        yAxisIndex: 1,
        data: pairs(degrees),
        showSymbol: false,
        lineStyle: { color: colours.cold, width: 2, type: 'dashed' },
        itemStyle: { color: colours.cold },
      },
    ],
  }
}
